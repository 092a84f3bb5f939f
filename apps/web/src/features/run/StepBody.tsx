import { Box, Flex, Stack } from '@chakra-ui/react';
import { type Action, actionWords, type Pass, pieceAsTaken, type RunView } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { TubDrawing } from '../../components/drawings/TubDrawing';
import { IngredientList } from '../../recipe/ActionRecipe';
import { onTableOf } from '../../recipe/mixDraft';
import { TableLink } from '../../recipe/TableLink';
import { KeptMixes } from './KeptMixes';
import type { Say } from './useSay';

interface StepBodyProps {
  readonly pass: Pass;
  readonly action: Action;
}

/** What goes in, how warm, what to do, and the tub it is done in. */
export function StepBody({ pass, action }: StepBodyProps) {
  const words = useLexicon();
  const { lines } = actionWords(action, words);
  const mix = pass.actions.find((candidate) => candidate.kind === 'mix');
  const drawn =
    (action.kind === 'mix' || action.kind === 'dwell' || action.kind === 'apply') && mix?.vessel ? mix : null;
  return (
    <Flex gap="4.5" wrap="wrap" alignItems="flex-start">
      <Stack flex="1" minWidth="16.25rem" gap="2" fontSize="1.2em" lineHeight="1.4">
        <IngredientList action={action} />
        {action.tempC && (
          <Box color="water">
            {action.tempC.min === action.tempC.max
              ? words.temp(action.tempC.max)
              : `${words.temp(action.tempC.min)} to ${words.temp(action.tempC.max)}, no hotter`}
          </Box>
        )}
        {lines.map((line) => (
          <Box key={line}>{line}</Box>
        ))}
      </Stack>
      {drawn?.vessel && drawn.tempC && (
        <TubDrawing
          name={drawn.vessel.name}
          fillL={drawn.vessel.fillL}
          volumeL={drawn.vessel.volumeL}
          temp={words.temp(drawn.tempC.target)}
          contents={drawn.ingredients.map((one) => words.name(one.agentId)).join(', ')}
          width={230}
        />
      )}
    </Flex>
  );
}

interface MixToolsProps extends StepBodyProps {
  readonly run: RunView;
  readonly say: Say;
}

/** A mix kept before may be taken, or this one laid out on the mixing table. */
export function MixTools({ run, pass, action, say }: MixToolsProps) {
  const words = useLexicon();
  return (
    <Flex gap="3.5" wrap="wrap" alignItems="center">
      <KeptMixes run={run} action={action} say={say} />
      <TableLink
        action={action}
        on={onTableOf(run.pieceId, pieceAsTaken(run.plan.facts.piece, run.plan.findings))}
        name={words.name(pass.methodId)}
      />
    </Flex>
  );
}
