import type { Catalogue, PieceFacts } from '@feverfew/contracts';
import { TONES } from './Swatch';

export type FibreGroup = Catalogue['fibres'][number]['group'];

/** How the surface of a cloth is drawn, by what it is mostly made of: fine lines only, so that words stay readable. */
const THREADS: Readonly<Partial<Record<FibreGroup, string>>> = {
  cellulose: 'M2 0V8 M6 0V8',
  bastLeaf: 'M0 2H8 M0 6H8 M2 0V8 M6 0V8',
  animalProtein: 'M0 6L4 2L8 6',
  synthetic: 'M-2 2L2 -2 M0 8L8 0 M6 10L10 6',
  regeneratedCellulose: 'M0 4H4',
  celluloseEster: 'M0 4H4',
  fill: 'M2 4a2 2 0 0 0 4 0',
};

const DARK: readonly PieceFacts['colour'][] = ['dark', 'mid'];

/** Colour of the lines of a drawn piece: seen on its own cloth, on a dark page too. */
export const lineOn = (colour: PieceFacts['colour']): string =>
  DARK.includes(colour) || colour === 'unknown' ? 'currentColor' : 'var(--ff-colors-cloth-line)';

interface ClothFillProps {
  readonly id: string;
  readonly group: FibreGroup;
  readonly colour: PieceFacts['colour'];
}

/** Fill of a drawn piece: its tone, and the threads of its fibre. Use it as `fill="url(#id)"`. */
export function ClothFill({ id, group, colour }: ClothFillProps) {
  const isDark = DARK.includes(colour);
  return (
    <pattern id={id} width="8" height="8" patternUnits="userSpaceOnUse">
      <rect width="8" height="8" fill={TONES[colour]} stroke="none" />
      <path
        d={THREADS[group] ?? ''}
        fill="none"
        stroke={isDark ? '#fffefb' : '#1e2a24'}
        strokeOpacity={isDark ? 0.28 : 0.22}
        strokeWidth="1"
      />
      {colour === 'multicoloured' && (
        <path d="M0 0h3v3h-3z M5 5h3v3h-3z" fill="#a23b1d" fillOpacity="0.4" stroke="none" />
      )}
    </pattern>
  );
}
