/** Small marks in 1.6 px lines on 20 × 20; the word next to each says the same. */
const LINES = {
  may: 'M4 10.5l4 4 8-9',
  mayNot: 'M5 5l10 10M15 5L5 15',
  change: 'M4 16l1-4 8-8 3 3-8 8ZM11.5 5.5l3 3',
  hand: 'M6 11V6.5a1.2 1.2 0 0 1 2.4 0V10M8.4 9.5V4.8a1.2 1.2 0 0 1 2.4 0V9.5M10.8 9.5V5.6a1.2 1.2 0 0 1 2.4 0V10M13.2 10V7.4a1.2 1.2 0 0 1 2.4 0V12c0 3-2 5-4.8 5-2.4 0-3.6-1-4.6-2.6L4 11.6c.4-1 1.4-1 2-.2',
} as const;

export function WashMark({ of, size = 18 }: { of: keyof typeof LINES; size?: number }) {
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 20 20"
      fill="none"
      stroke="currentColor"
      strokeWidth="1.6"
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden="true"
      style={{ flexShrink: 0 }}
    >
      <path d={LINES[of]} />
    </svg>
  );
}
