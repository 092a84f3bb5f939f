import { Box, chakra, Flex } from '@chakra-ui/react';
import { kettleWords, NO_CHOICES, type RoundPass, type TroubleFacts } from '@feverfew/contracts';
import { useState } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { VesselGlyph } from '../../../components/drawings/VesselGlyph';
import { useHousehold } from '../../../queries/householdQueries';
import { minutesText } from './planTimes';

const Tile = chakra('button', {
  base: {
    display: 'flex',
    alignItems: 'center',
    textAlign: 'start',
    gap: '2.5',
    minHeight: '3rem',
    paddingBlock: '0.3125rem',
    paddingInline: '2.5',
    borderRadius: 'md',
    border: '1.5px solid',
    fontSize: 'note',
    lineHeight: 1.25,
    flexDirection: { base: 'column', sm: 'row' },
  },
  variants: {
    state: {
      chosen: { borderColor: 'leaf', bg: 'leafTint', color: 'ink' },
      fits: { borderColor: 'soft', bg: 'card', color: 'soft', _hover: { color: 'ink' } },
      busy: { borderColor: 'line', bg: 'card', color: 'soft' },
      tooSmall: { borderColor: 'brick', borderStyle: 'dashed', bg: 'card', color: 'brick' },
      unsuited: { borderColor: 'brick', borderStyle: 'dashed', bg: 'card', color: 'brick' },
    },
  },
});

interface VesselChoiceProps {
  readonly laid: RoundPass;
  readonly facts: TroubleFacts;
  readonly onFacts: (change: Partial<TroubleFacts>) => void;
}

/** The vessel that is taken; the others of the house one tap away, and the water of each worked out at once. */
export function VesselPicker({ laid, facts, onFacts }: VesselChoiceProps) {
  const household = useHousehold().data?.household;
  const [all, setAll] = useState(false);
  const { vessels, methodId } = laid;
  if (vessels.length < 2) return null;
  const choices = facts.choices ?? NO_CHOICES;
  const order = ['chosen', 'fits', 'busy', 'tooSmall', 'unsuited'];
  // The one the mix is made in, also where it is in use for a while yet.
  const takenId = mixOf(laid)?.vessel?.id;
  const rank = ({ vesselId, state }: (typeof vessels)[number]) =>
    vesselId === takenId ? -1 : order.indexOf(state);
  const sorted = [...vessels].sort((a, b) => rank(a) - rank(b));
  const shown = all ? sorted : sorted.slice(0, 1);
  return (
    <Flex gap="2" wrap="wrap" marginBlock="0.375rem 0.25rem" role="group" aria-label="Made in">
      {shown.map(({ vesselId, name, state, freeInMin }) => (
        <Tile
          key={vesselId}
          type="button"
          flex={{ base: '1 1 6rem', sm: '0 1 auto' }}
          state={vesselId === takenId ? 'chosen' : state}
          aria-pressed={vesselId === takenId}
          disabled={state === 'tooSmall' || state === 'unsuited'}
          onClick={() =>
            onFacts({ choices: { ...choices, vessels: { ...choices.vessels, [methodId]: vesselId } } })
          }
        >
          <VesselGlyph
            of={household?.vessels.find(({ id }) => id === vesselId)?.form ?? 'basin'}
            full={vesselId === takenId ? fullOf(laid) : 0}
            width={40}
            quiet={vesselId !== takenId}
          />
          <span>
            <Box as="span" display="block" fontWeight={vesselId === takenId ? 700 : 500}>
              {name}
            </Box>
            {vesselId === takenId && <Shares laid={laid} />}
            {state !== 'chosen' && state !== 'fits' && (
              <Box as="span" display="block">
                {state === 'busy' ? `in use, ${minutesText(freeInMin)} yet` : NOT_SO[state]}
              </Box>
            )}
          </span>
        </Tile>
      ))}
      {sorted.length > shown.length && (
        <Tile type="button" state="fits" borderColor="transparent" onClick={() => setAll(true)}>
          {sorted.length - shown.length} more
        </Tile>
      )}
    </Flex>
  );
}

const NOT_SO = { tooSmall: 'too small', unsuited: 'not for this' } as const;

const mixOf = ({ actions }: RoundPass) => actions.find(({ bath }) => bath !== null);

function fullOf(laid: RoundPass): number {
  const vessel = mixOf(laid)?.vessel;
  return vessel ? vessel.fillL / vessel.volumeL : 0.5;
}

/** How much hot and how much cold. */
function Shares({ laid }: { laid: RoundPass }) {
  const say = useLexicon();
  const shares = mixOf(laid)?.bath?.shares;
  if (!shares) return null;
  const { coldL, hotTapL, kettleL } = shares;
  const parts = [
    ...(hotTapL > 0 ? [`${say.volume(hotTapL * 1000)} hot`] : []),
    ...(coldL > 0 ? [`${say.volume(coldL * 1000)} cold`] : []),
    ...(kettleL > 0 ? [`${kettleWords(shares, say)} last`] : []),
  ];
  return <span>{parts.join(', ')}</span>;
}
