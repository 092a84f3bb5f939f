import { Box, Stack } from '@chakra-ui/react';
import type { RunState } from '@feverfew/contracts';
import { Button } from '../../components/controls';
import { Notice } from '../../components/Notice';
import { ADVICE_WORDS, ANSWER_WORDS, CHOICE_WORDS } from './runWords';
import type { Say } from './useSay';

/** What the answer opens; the recommended way first and filled. Finishing has a form of its own. */
export function DecisionPanel({ decision, say }: { decision: NonNullable<RunState['decision']>; say: Say }) {
  const choices = decision.choices.filter((choice) => choice !== 'finish');
  if (choices.length === 0) return null;
  return (
    <Stack gap="10px" role="group" aria-label="What next?">
      <Notice
        kind={decision.answer === 'wrong' ? 'danger' : decision.answer === 'gone' ? 'good' : 'note'}
        word={ANSWER_WORDS[decision.answer].title}
      >
        <Box as="span" fontSize="18px">
          {ADVICE_WORDS[decision.answer]}
        </Box>
      </Notice>
      {choices.map((choice, index) => (
        <Button
          key={choice}
          size="tub"
          variant={choice === 'stop' && index > 0 ? 'danger' : index === 0 ? 'action' : 'outline'}
          disabled={say.pending}
          onClick={() => say.send({ kind: 'decided', choice })}
        >
          {CHOICE_WORDS[choice]}
        </Button>
      ))}
    </Stack>
  );
}
