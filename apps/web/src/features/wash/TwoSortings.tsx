import { Box, chakra, Flex } from '@chakra-ui/react';
import type { WashView } from '@feverfew/contracts';
import { Porthole } from './drawings/Porthole';
import { piecesOf } from './drumsProps';
import type { Arranging } from './useArranging';

const Choice = chakra('button', {
  base: {
    display: 'flex',
    alignItems: 'center',
    gap: '1.5',
    minHeight: '3.25rem',
    paddingInline: '2.5',
    border: '1.5px solid',
    borderColor: 'line',
    borderRadius: 'md',
    bg: 'card',
    fontSize: 'note',
    '&[aria-pressed=true]': { borderColor: 'leaf', bg: 'leafTint', fontWeight: 700 },
  },
});

/** Where a second sorting is as good, both are drawn and one is chosen. */
export function TwoSortings({ wash, arranging }: { wash: WashView; arranging: Arranging }) {
  const { evener, loads } = wash;
  if (!evener) return null;
  const drawn = (groups: readonly (readonly string[])[]) =>
    groups.map((ids, at) => {
      const pieces = piecesOf(wash, ids);
      const massG = pieces.reduce((sum, piece) => sum + piece.massG, 0);
      const full = massG / (loads[at]?.programme.capacityG ?? massG);
      return <Porthole key={ids.join()} size={36} pieces={pieces} full={full} number={at + 1} />;
    });
  return (
    <Flex as="section" aria-label="Two sortings" align="center" gap="2.5" wrap="wrap">
      <Box fontSize="note">Two sortings are as good:</Box>
      <Choice type="button" aria-pressed={true} disabled>
        {drawn(loads.map(({ pieceIds }) => pieceIds))} one full after the other
      </Choice>
      <Choice
        type="button"
        aria-pressed={false}
        disabled={arranging.isBusy}
        onClick={() => arranging.even(evener)}
      >
        {drawn(evener)} evenly full
      </Choice>
    </Flex>
  );
}
