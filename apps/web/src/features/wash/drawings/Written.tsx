import type { ReactNode } from 'react';

/** Words in a drawing. A page's styles go before a drawing's own attributes: the size is in `style`. */
export function Written({
  x,
  y,
  size = 14,
  tone = 'ink',
  anchor = 'start',
  bold = false,
  children,
}: {
  x: number;
  y: number;
  size?: number;
  /** A colour of the theme. */
  tone?: string;
  anchor?: 'start' | 'middle' | 'end';
  bold?: boolean;
  children: ReactNode;
}) {
  return (
    <text
      x={x}
      y={y}
      textAnchor={anchor}
      fill={`var(--ff-colors-${tone})`}
      style={{ fontSize: size, fontWeight: bold ? 700 : undefined }}
    >
      {children}
    </text>
  );
}
