import { Box, Stack } from '@chakra-ui/react';
import { type Action, actionWords } from '@feverfew/contracts';
import { useLexicon, useMeasures } from '../app/useLexicon';
import { exactText } from '../components/text/measureText';
import type { OnTable } from './mixDraft';
import { errorText, pourText } from './pourText';
import { TableLink } from './TableLink';

/** Amounts of a mix: tools first, then exact, range and what the tools miss by. */
export function IngredientList({ action }: { action: Action }) {
  const say = useLexicon();
  const measures = useMeasures();
  if (action.ingredients.length === 0) return null;
  return (
    <Stack as="ul" gap="1" listStyleType="none">
      {action.ingredients.map((ingredient) => {
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
export function ActionRecipe({ action, on, name }: { action: Action; on: OnTable; name: string }) {
  const say = useLexicon();
  const words = actionWords(action, say);
  return (
    <Box>
      <Box as="strong">{words.title}</Box>
      {action.tempC && action.kind === 'mix' && (
        <Box as="span" color="water">
          {' '}
          {say.temp(action.tempC.min)} to {say.temp(action.tempC.max)}
        </Box>
      )}
      <IngredientList action={action} />
      {words.lines.map((line) => (
        <Box key={line} fontSize="note">
          {line}
        </Box>
      ))}
      <TableLink action={action} on={on} name={name} />
    </Box>
  );
}
