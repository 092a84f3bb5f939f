import { Box } from '@chakra-ui/react';
import type { PieceFacts } from '@feverfew/contracts';

/** Tones, not hues: the facts of a piece hold how light it is. A patterned piece shows the first of its tones. */
export const TONES: Readonly<Record<PieceFacts['colour'], string>> = {
  white: '#ffffff',
  natural: '#e8dcc2',
  pale: '#cdd8d0',
  mid: '#86a08f',
  dark: '#33423a',
  multicoloured: '#e8dcc2',
  unknown: 'transparent',
};
const PATTERNED = 'conic-gradient(#86a08f 0 33%, #e8dcc2 0 66%, #33423a 0)';

/** How light a piece is, as a patch of cloth. */
export function Swatch({ colour }: { colour: PieceFacts['colour'] }) {
  return (
    <Box
      as="span"
      display="inline-block"
      width="1.375rem"
      height="1.375rem"
      flexShrink={0}
      borderRadius="sm"
      border="1.5px solid"
      borderStyle={colour === 'unknown' ? 'dotted' : 'solid'}
      borderColor="soft"
      style={{ background: colour === 'multicoloured' ? PATTERNED : TONES[colour] }}
      aria-hidden="true"
    />
  );
}
