import { Box } from '@chakra-ui/react';
import type { RunState } from '@feverfew/contracts';
import { ANSWER_WORDS } from './runWords';

/** Looks and notes of a run, in order of time. */
export function RunLog({ state }: { state: RunState }) {
  const lines = [
    ...state.looks.map((look) => ({
      at: look.at,
      text: `Round ${look.round}: ${ANSWER_WORDS[look.answer].title.toLowerCase()}${look.leftPct ? `, about ${look.leftPct} % left` : ''}`,
    })),
    ...state.mixes.map((mix) => ({ at: mix.at, text: `made from “${mix.name}”` })),
    ...state.notes.map((note) => ({ at: note.at, text: `“${note.text}”` })),
  ].sort((a, b) => a.at.localeCompare(b.at));
  if (lines.length === 0) return null;
  return (
    <Box as="ul" fontSize="15px" color="soft" paddingInlineStart="18px">
      {lines.map((line) => (
        <li key={line.at + line.text}>
          {new Date(line.at).toLocaleString('en-GB', {
            day: 'numeric',
            month: 'short',
            hour: '2-digit',
            minute: '2-digit',
          })}{' '}
          · {line.text}
        </li>
      ))}
    </Box>
  );
}
