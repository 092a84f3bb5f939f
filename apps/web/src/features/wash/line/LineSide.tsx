import { Box } from '@chakra-ui/react';
import { heldByWords, type LineView } from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';
import { decimal } from '../../../components/text/numbers';
import { pieceTitle } from '../washView';
import { helpText, needsHelp, stateText } from './lineView';

/** Pieces that will not dry where they hang, and what to do with each. */
export function Help({ line }: { line: LineView }) {
  const help = line.lines.filter(needsHelp);
  if (help.length === 0) return null;
  return (
    <Box>
      <Box as="h2" fontSize="heading">
        {help.length === 1 ? 'One needs help' : `${help.length} need help`}
      </Box>
      {help.map((one) => (
        <Box key={one.lineId} fontSize="note" paddingBlock="1.5" borderBottom="1px solid" borderColor="line">
          <b>{pieceTitle(one)}</b>: {stateText(one)}. {helpText(one, line.hasDryer)}
          {line.hasDryer && one.dryerKWh !== null && one.state !== 'cannotTell' && (
            <Box as="span" color="soft">
              : {decimal(one.dryerKWh)} kWh if all of it dries there.
            </Box>
          )}
        </Box>
      ))}
    </Box>
  );
}

/** What stays out of the dryer, and why. */
export function NotInDryer({ line }: { line: LineView }) {
  const say = useLexicon();
  const out = line.lines.filter(
    ({ tumble, openMarkIds }) => tumble.value === 'none' || openMarkIds.length > 0,
  );
  if (!line.hasDryer || out.length === 0) return null;
  return (
    <Box>
      <Box as="h2" fontSize="heading">
        Not in the dryer
      </Box>
      {out.map((one) => (
        <Box key={one.lineId} fontSize="note">
          <Box as="span" fontWeight={650} borderBottom="1.5px dashed" borderColor="brick">
            {one.name}
          </Box>{' '}
          {one.openMarkIds.length > 0 ? 'still marked' : one.tumble.by ? heldByWords(one.tumble.by, say) : ''}
        </Box>
      ))}
    </Box>
  );
}

/** How much of the rope is taken. */
export function Rope({ line }: { line: LineView }) {
  const over = line.usedM > line.ropeM;
  return (
    <Box>
      <Box as="h2" fontSize="heading">
        Line used
      </Box>
      <Box height="0.375rem" bg="track" borderRadius="full" marginBlock="1">
        <Box
          height="0.375rem"
          borderRadius="full"
          bg={over ? 'brick' : 'leaf'}
          width={`${Math.min(100, (line.usedM / Math.max(0.1, line.ropeM)) * 100)}%`}
        />
      </Box>
      <Box fontSize="note">
        <b>
          {decimal(line.usedM)} of {line.ropeM} m
        </b>
        {over && ': hang what takes longest first, the rest indoors'}
      </Box>
    </Box>
  );
}
