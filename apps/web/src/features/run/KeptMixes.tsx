import { Box, Flex } from '@chakra-ui/react';
import { type Action, holdsTheRecipe, type RunView } from '@feverfew/contracts';
import { Button } from '../../components/controls/controls';
import { useSavedMixes } from '../../queries/mixQueries';
import type { Say } from './useSay';

/** Saved mixes that hold exactly the products of this step, to use instead of a new mix. */
export function KeptMixes({ run, action, say }: { run: RunView; action: Action; say: Say }) {
  const saved = useSavedMixes().data ?? [];
  const used = run.state.mixes.filter((mix) => mix.actionId === action.id);
  const fitting = saved.filter(
    ({ mix, verdict }) =>
      verdict.refused.length === 0 &&
      holdsTheRecipe(
        action,
        mix.pours.map((pour) => pour.agentId),
      ),
  );
  if (used.length === 0 && fitting.length === 0) return null;
  return (
    <Box as="section" aria-label="Kept mixes" fontSize="lead">
      {used.map((mix) => (
        <Box key={mix.at}>✓ Made from “{mix.name}”.</Box>
      ))}
      {used.length === 0 && (
        <Flex gap="2" wrap="wrap" alignItems="center">
          <span>On your shelf:</span>
          {fitting.map((saved) => (
            <Button
              key={saved.id}
              disabled={say.pending}
              onClick={() => say.send({ kind: 'mixUsed', actionId: action.id, mixId: saved.id })}
            >
              Use “{saved.name}”
            </Button>
          ))}
        </Flex>
      )}
    </Box>
  );
}
