import { Box, Stack } from '@chakra-ui/react';
import { type LookAnswer, nextOptions, type Outcome, type RunView } from '@feverfew/contracts';
import { useState } from 'react';
import { Button, TextArea } from '../../../components/controls/controls';
import { OUTCOME_HINTS, OUTCOME_WORDS } from '../../../components/text/runWords';
import { costText } from '../look/nextOptionView';
import type { Say } from '../useSay';

const SOMETHING_LEFT: readonly Outcome[] = [
  'better',
  'unchanged',
  'mended',
  'demoted',
  'professional',
  'retired',
];
const OFFERED: Readonly<Record<LookAnswer, readonly Outcome[]>> = {
  gone: ['gone'],
  moving: SOMETHING_LEFT,
  stalled: SOMETHING_LEFT,
  unsure: SOMETHING_LEFT,
  wrong: ['worse', 'professional', 'mended', 'demoted', 'retired'],
};

/** The last word on a run, with a note if wanted. */
export function FinishForm({ run, answer, say }: { run: RunView; answer: LookAnswer; say: Say }) {
  const [note, setNote] = useState('');
  const [noting, setNoting] = useState(false);
  const ways = nextOptions(run.state, run.plan, run.prices);
  const isOnlyWay = run.state.decision?.choices.length === 1;
  return (
    <Stack gap="2.5">
      {OFFERED[answer].map((outcome, index) => {
        const cost = costText(ways.find((way) => way.way === outcome)?.cost ?? null, run.prices.money);
        const hint = [OUTCOME_HINTS[outcome], cost && `about ${cost}`].filter(Boolean).join(' ');
        return (
          <Button
            key={outcome}
            size="tub"
            variant={index === 0 && isOnlyWay ? 'action' : 'outline'}
            disabled={say.pending}
            flexDirection="column"
            gap="0.5"
            onClick={() => say.send({ kind: 'finished', outcome, note: note.trim() })}
          >
            <span>Save: {OUTCOME_WORDS[outcome]}</span>
            {hint && (
              <Box as="span" fontSize="note" fontWeight={400}>
                {hint}
              </Box>
            )}
          </Button>
        );
      })}
      {noting ? (
        <Box as="label" fontSize="body" color="soft">
          Note for next time
          <TextArea
            rows={2}
            paddingBlock="2"
            fontSize="large"
            maxLength={2000}
            value={note}
            onChange={(event) => setNote(event.currentTarget.value)}
          />
        </Box>
      ) : (
        <Button variant="plain" onClick={() => setNoting(true)}>
          Add a note first, if you like
        </Button>
      )}
    </Stack>
  );
}
