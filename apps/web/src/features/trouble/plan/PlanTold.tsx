import { Box } from '@chakra-ui/react';
import type { Plan } from '@feverfew/contracts';

/** A change of the plan, said politely. */
export function PlanTold({ plan: { rounds } }: { plan: Plan }) {
  const [round] = rounds;
  const count = round?.passes.length ?? 0;
  return (
    <Box role="status" aria-live="polite" srOnly>
      {round
        ? `Round 1: ${count} ${count === 1 ? 'step' : 'steps'}, ${Math.round(round.handsOnMin)} minutes of yours.`
        : 'No way at home.'}
    </Box>
  );
}
