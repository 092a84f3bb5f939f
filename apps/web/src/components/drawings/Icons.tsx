import type { SVGProps } from 'react';

/** The plant that names the tool: white rays, yellow disc. */
export function FeverfewMark({ size = 30, ...props }: { size?: number } & SVGProps<SVGSVGElement>) {
  return (
    <svg width={size} height={size} viewBox="0 0 32 32" aria-hidden="true" {...props}>
      <g fill="var(--ff-colors-card)" stroke="var(--ff-colors-leaf)" strokeWidth="1.6">
        {[0, 45, 90, 135, 180, 225, 270, 315].map((turn) => (
          <ellipse key={turn} cx="16" cy="6.5" rx="3.4" ry="5.2" transform={`rotate(${turn} 16 16)`} />
        ))}
      </g>
      <circle
        cx="16"
        cy="16"
        r="6"
        fill="var(--ff-colors-disc)"
        stroke="var(--ff-colors-leaf)"
        strokeWidth="1.6"
      />
    </svg>
  );
}
