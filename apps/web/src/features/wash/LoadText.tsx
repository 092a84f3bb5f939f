import { Box, Stack } from '@chakra-ui/react';
import {
  BEFORE_THE_DRUM,
  CHORE_WORDS,
  DRYER_RULES,
  GREASY_DRYER_RULE,
  heldByWords,
  joiningWords,
  type LoadView,
  lengthWords,
  type PieceNames,
  rowOf,
  upperFirst,
} from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { decimal } from '../../components/text/numbers';

/** Programme and heat, with spin, time, energy and water below. */
export function ProgrammeLine({ load }: { load: LoadView }) {
  const say = useLexicon();
  return (
    <Box>
      <Box fontFamily="heading" fontWeight={700} fontSize="title" lineHeight="1.75rem">
        {load.programme.name}{' '}
        <Box as="span" color="water">
          {say.temp(load.tempC)}
        </Box>
      </Box>
      <Box fontSize="note">
        spin {load.spinRpm} · {lengthWords(load.minutes)} · {decimal(load.kWh)} kWh · {load.waterL} L
      </Box>
    </Box>
  );
}

/** Who holds the load and what joining costs; else that nothing is given up. */
export function Holding({ load, name }: { load: LoadView; name: PieceNames }) {
  const say = useLexicon();
  const { joining, limits, tempC } = load;
  const words = joining && joiningWords(joining, name, say);
  const little = littleText(load);
  const { by, pieceId, value } = limits.maxC;
  return (
    <Box
      borderInlineStart="3px solid"
      borderColor="ink"
      paddingInlineStart="0.5625rem"
      fontSize="note"
      lineHeight="1.4"
    >
      {little && <Box fontWeight={650}>{little}</Box>}
      {words ? (
        <>
          <b>{upperFirst(words.holds)}</b> {words.apart}
        </>
      ) : by && pieceId && value < tempC + 10 ? (
        <>
          <b>
            {upperFirst(name(pieceId))}: {heldByWords(by, say)}.
          </b>{' '}
          Nothing is lost.
        </>
      ) : (
        'As warm as it likes. Nothing is lost.'
      )}
    </Box>
  );
}

/** A drum is hardly worth its water and power below this share of what its programme holds: our own choice. */
const LITTLE = 0.15;

/** What a load of one or two small things costs, and that it may wait; null for any other. */
export function littleText({ massG, programme, kWh, waterL, minutes }: LoadView): string | null {
  if (massG >= LITTLE * programme.capacityG) return null;
  return `Little for a drum: it can wait for more like it. Now it takes ${lengthWords(minutes)}, ${decimal(kWh)} kWh and ${waterL} L.`;
}

/** "Collars and cuffs open; jeans: pockets empty, inside out." Chores of the same pieces are joined. */
export function choresText({ chores }: Pick<LoadView, 'chores'>, name: PieceNames, all: number): string {
  const groups = new Map<string, { pieceIds: readonly string[]; words: string[] }>();
  for (const { chore, pieceIds } of chores) {
    const group = groups.get(pieceIds.join()) ?? { pieceIds, words: [] };
    group.words.push(CHORE_WORDS[chore]);
    groups.set(pieceIds.join(), group);
  }
  return upperFirst(
    [...groups.values()]
      .map(({ pieceIds, words }) =>
        pieceIds.length === all ? words.join(', ') : `${rowOf(pieceIds.map(name))}: ${words.join(', ')}`,
      )
      .join('; '),
  );
}

/** What is known of such a load, what to do before the drum is shut, and the dryer after it. */
export function LoadCare({ load, name }: { load: LoadView; name: PieceNames }) {
  const say = useLexicon();
  const chores = choresText(load, name, load.pieceIds.length);
  const { dryer } = load;
  return (
    <Stack gap="2" fontSize="note" lineHeight="1.45" maxWidth="70ch">
      {chores && (
        <Box>
          <b>Before:</b> {chores}.
        </Box>
      )}
      {load.advice.map((text) => (
        <Box key={text}>{text}</Box>
      ))}
      {BEFORE_THE_DRUM.map((text) => (
        <Box key={text}>{text}</Box>
      ))}
      {dryer && (
        <Box>
          <b>Dryer:</b>{' '}
          {dryer.heat && dryer.tempC !== null
            ? `${dryer.heat.value === 'low' ? 'low' : 'normal'}, ${say.temp(dryer.tempC)}${dryer.heat.by ? ` (${heldByWords(dryer.heat.by, say)})` : ''}.`
            : 'nothing of this load.'}{' '}
          {dryer.out.length > 0 && (
            <Box as="span" color="brick">
              Not in it:{' '}
              {dryer.out
                .map(
                  ({ pieceId, by, marked }) =>
                    `${name(pieceId)} (${marked ? 'still marked' : by ? heldByWords(by, say) : 'not known'})`,
                )
                .join(', ')}
              .
            </Box>
          )}{' '}
          {dryer.ways.map(
            ({ clothKindId, tumbling }) => `${upperFirst(say.name(clothKindId))} ${tumbling}. `,
          )}
          {dryer.overfull && 'More than it holds: in two goes. '}
          {dryer.heat && DRYER_RULES.join(' ')}
          {dryer.heat && dryer.greasy && ` ${GREASY_DRYER_RULE}`}
        </Box>
      )}
    </Stack>
  );
}
