export type PlaceIcon = 'today' | 'trouble' | 'wash' | 'linen' | 'more';

/** Lines of each place's drawing, on 26 × 26. */
const LINES: Readonly<Record<PlaceIcon, string>> = {
  today: 'M13 3.5a9.5 9.5 0 1 0 .01 0 M13 7.5V13l3.6 3',
  trouble:
    'M6.4 8.6C8.6 5.4 13.8 5 16.2 7.2c2 1.8 4.6 3.2 4.2 7.2-.4 4.2-4.6 7-8.6 6.4-3.6-.6-6.6-2-7.2-5.6-.4-2.4.4-4.6 1.8-6.6Z M21 4.2a1.4 1.4 0 1 0 .01 0',
  wash: 'M4 9.5h18l-2.4 11H6.4Z M4.6 12.6c2.8-2 5.6 2 8.4 0s5.6-2 8.4 0 M9 6.6a2 2 0 1 0 .01 0 M14.6 3.6a2.2 2.2 0 1 0 .01 0',
  linen: 'M3.5 9.5h19v11.5h-19Z M9.5 9.5V6h7v3.5 M3.5 14.5h7 M15.5 14.5h7 M10.5 13h5v3.5h-5Z',
  more: 'M5 4.5h16v15.5H5Z M5 9.7h16 M5 14.8h16 M11.5 7.1h3 M11.5 12.3h3 M11.5 17.4h3 M7.5 20v2 M18.5 20v2',
};

/** A place drawn in 1.6 px lines; its name is next to it. */
export function PlaceDrawing({ of, size = 26 }: { of: PlaceIcon; size?: number }) {
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 26 26"
      fill="none"
      stroke="currentColor"
      strokeWidth="1.6"
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden="true"
    >
      <path d={LINES[of]} />
    </svg>
  );
}
