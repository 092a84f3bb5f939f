import { Box, chakra, Flex } from '@chakra-ui/react';
import { NO_CHOICES, type RoundPass, type TroubleFacts } from '@feverfew/contracts';
import { useState } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { VesselGlyph } from '../../../components/VesselGlyph';
import { useHousehold } from '../../../queries/householdQueries';
import { minutesText } from './planTimes';

const Tile = chakra('button', {
  base: {
    display: 'flex',
    alignItems: 'center',
    textAlign: 'start',
    gap: '10px',
    minHeight: '48px',
    paddingBlock: '5px',
    paddingInline: '10px',
    borderRadius: 'md',
    border: '1.5px solid',
    fontSize: '15px',
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

/** The vessels of the house side by side: a tap takes another, and its water is worked out at once. */
export function VesselChoice({ laid, facts, onFacts }: VesselChoiceProps) {
  const household = useHousehold().data?.household;
  const [all, setAll] = useState(false);
  const { vessels, methodId } = laid;
  if (vessels.length < 2) return null;
  const choices = facts.choices ?? NO_CHOICES;
  const order = ['chosen', 'fits', 'busy', 'tooSmall', 'unsuited'];
  const sorted = [...vessels].sort((a, b) => order.indexOf(a.state) - order.indexOf(b.state));
  const shown = all ? sorted : atFirst(sorted);
  return (
    <Flex gap="8px" wrap="wrap" marginBlock="6px 4px" role="group" aria-label="Made in">
      {shown.map(({ vesselId, name, state, freeInMin }) => (
        <Tile
          key={vesselId}
          type="button"
          flex={{ base: '1 1 96px', sm: '0 1 auto' }}
          state={state}
          aria-pressed={state === 'chosen'}
          disabled={state === 'tooSmall' || state === 'unsuited'}
          onClick={() =>
            onFacts({ choices: { ...choices, vessels: { ...choices.vessels, [methodId]: vesselId } } })
          }
        >
          <VesselGlyph
            of={household?.vessels.find(({ id }) => id === vesselId)?.form ?? 'basin'}
            full={state === 'chosen' ? fullOf(laid) : 0}
            width={40}
            quiet={state !== 'chosen'}
          />
          <span>
            <Box as="span" display="block" fontWeight={state === 'chosen' ? 700 : 500}>
              {name}
            </Box>
            {state === 'chosen' ? (
              <Shares laid={laid} />
            ) : (
              <span>
                {state === 'busy'
                  ? `in use, ${minutesText(freeInMin)} yet`
                  : state === 'tooSmall'
                    ? 'too small'
                    : state === 'unsuited'
                      ? 'not for this'
                      : ''}
              </span>
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

/** The chosen one and the next that would do; the others one tap away. */
function atFirst(sorted: RoundPass['vessels']): RoundPass['vessels'] {
  const [next] = sorted.filter(({ state }) => state === 'fits' || state === 'busy');
  return sorted.filter((one) => one.state === 'chosen' || one === next);
}

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
  const { coldL, hotTapL, kettleL, kettles } = shares;
  const parts = [
    ...(hotTapL > 0 ? [`${say.volume(hotTapL * 1000)} hot`] : []),
    ...(coldL > 0 ? [`${say.volume(coldL * 1000)} cold`] : []),
    ...(kettleL > 0 ? [`${kettles} ${kettles === 1 ? 'kettle' : 'kettles'} last`] : []),
  ];
  return <span>{parts.join(', ')}</span>;
}
