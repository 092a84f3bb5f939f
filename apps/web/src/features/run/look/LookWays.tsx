import { Box, Stack } from '@chakra-ui/react';
import { effectRange, type RunView } from '@feverfew/contracts';
import { useNavigate } from 'react-router';
import { useLexicon } from '../../../app/useLexicon';
import { Button } from '../../../components/controls/controls';
import type { Say } from '../useSay';

/** Besides the choices of the plan: correct a wrong fact, or see what buying would add. Both make a new plan. */
export function LookWays({ run, say }: { run: RunView; say: Say }) {
  const words = useLexicon();
  const navigate = useNavigate();
  const { now, ifBought } = run.plan.cupboard;
  const gains = ifBought !== null && ifBought.methodId !== now?.methodId && ifBought.agentIds.length > 0;
  return (
    <Stack gap="2" role="group" aria-label="Plan again">
      {gains && (
        <Box fontSize="lead">
          With {ifBought.agentIds.map(words.name).join(' and ')} bought: {words.name(ifBought.methodId)},{' '}
          {effectRange(ifBought.effect)}.
        </Box>
      )}
      <Button
        size="tub"
        disabled={say.pending}
        onClick={() => {
          say.send({ kind: 'finished', outcome: 'abandoned', note: '' });
          void navigate(`/trouble/${run.troubleId}`);
        }}
      >
        {gains ? 'Plan again: change the facts, or buy' : 'Plan again: change the facts'}
      </Button>
    </Stack>
  );
}
