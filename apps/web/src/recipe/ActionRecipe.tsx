import { Box, Stack } from '@chakra-ui/react';
import { type Action, actionWords } from '@feverfew/contracts';
import { useLexicon, useMeasures } from '../app/useLexicon';
import { errorText, exactText, pourText } from '../components/measureText';
import type { OnTable } from './mixDraft';
import { TableLink } from './TableLink';

/** Amounts of a mix: tools first, then exact, range and what the tools miss by. */
export function IngredientList({ step }: { step: Action }) {
  const say = useLexicon();
  const measures = useMeasures();
  if (step.ingredients.length === 0) return null;
  return (
    <Stack as="ul" gap="4px" listStyleType="none">
      {step.ingredients.map((ingredient) => {
        const error = errorText(ingredient);
        const { range, dilution, standsInFor } = ingredient;
        return (
          <li key={ingredient.agentId}>
            <strong>{pourText(ingredient, measures, say)}</strong>
            {ingredient.strengthAfter && (
              <Box as="span">
                {' '}
                → {ingredient.strengthAfter.value} {ingredient.strengthAfter.unit}
              </Box>
            )}
            {range && (
              <Box as="span" color="soft" fontSize="0.85em">
                {' '}
                · exact {exactText(ingredient, measures)}, {range.low}–{range.high} {range.unit} is right
                {error ? `; ${error}` : ''}
              </Box>
            )}
            {standsInFor && (
              <Box as="span" display="block" fontSize="0.9em">
                In place of {standsInFor.amount} {standsInFor.unit} {say.name(standsInFor.agentId)}.
              </Box>
            )}
            {dilution && (
              <Box as="span" display="block" fontSize="0.9em">
                Yours is {dilution.fromPct} %: that much of it and {say.volume(dilution.waterML)} water make
                it {dilution.toPct} %.
              </Box>
            )}
          </li>
        );
      })}
    </Stack>
  );
}

/** One step in words and figures. */
export function ActionRecipe({ step, on, name }: { step: Action; on: OnTable; name: string }) {
  const say = useLexicon();
  const words = actionWords(step, say);
  return (
    <Box>
      <Box as="strong">{words.title}</Box>
      {step.tempC && step.kind === 'mix' && (
        <Box as="span" color="water">
          {' '}
          {say.temp(step.tempC.min)} to {say.temp(step.tempC.max)}
        </Box>
      )}
      <IngredientList step={step} />
      {words.lines.map((line) => (
        <Box key={line} fontSize="15px">
          {line}
        </Box>
      ))}
      <TableLink step={step} on={on} name={name} />
    </Box>
  );
}
