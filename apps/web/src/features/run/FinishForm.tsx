import { Box, Stack } from '@chakra-ui/react';
import type { LookAnswer, Outcome } from '@feverfew/contracts';
import { useState } from 'react';
import { Button, TextArea } from '../../components/controls';
import { OUTCOME_WORDS } from './runWords';
import type { Say } from './useSay';

const OFFERED: Readonly<Record<LookAnswer, readonly Outcome[]>> = {
  gone: ['gone'],
  moving: ['better', 'unchanged', 'professional'],
  stalled: ['better', 'unchanged', 'professional'],
  wrong: ['worse', 'professional'],
};

/** The last word on a run, with a note if wanted. */
export function FinishForm({ answer, say }: { answer: LookAnswer; say: Say }) {
  const [note, setNote] = useState('');
  return (
    <Stack gap="10px">
      <Box as="label" fontSize="16px" color="soft">
        Note for next time (if you like)
        <TextArea
          rows={2}
          paddingBlock="8px"
          fontSize="18px"
          maxLength={2000}
          value={note}
          onChange={(event) => setNote(event.currentTarget.value)}
        />
      </Box>
      {OFFERED[answer].map((outcome, index) => (
        <Button
          key={outcome}
          size="tub"
          variant={index === 0 ? 'action' : 'outline'}
          disabled={say.pending}
          onClick={() => say.send({ kind: 'finished', outcome, note: note.trim() })}
        >
          Write down: {OUTCOME_WORDS[outcome]}
        </Button>
      ))}
    </Stack>
  );
}
