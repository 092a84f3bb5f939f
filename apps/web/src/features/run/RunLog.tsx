import { Box } from '@chakra-ui/react';
import type { RunState } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { dateAndTime } from '../../clock/timeOfDay';
import { logLines } from './logLines';

/** Looks and notes of a run, in order of time. */
export function RunLog({ state }: { state: RunState }) {
  const lines = logLines(state, useLexicon());
  if (lines.length === 0) return null;
  return (
    <Box as="ul" fontSize="note" color="soft" paddingInlineStart="4.5">
      {lines.map((line) => (
        <li key={line.at + line.text}>
          {dateAndTime(line.at)} · {line.text}
        </li>
      ))}
    </Box>
  );
}
