import { Box, Flex } from '@chakra-ui/react';
import type { Catalogue } from '@feverfew/contracts';
import { useController } from 'react-hook-form';
import { Input } from '../../components/controls/controls';
import { useFaultAt, useSettingsForm } from './fields';

interface StrengthFieldProps {
  readonly agent: Catalogue['agents'][number];
  /** Where it is in the list of the cupboard. */
  readonly index: number;
}

/** Strength of a product by its label; nothing where its strength does not matter. */
export function StrengthField({ agent, index }: StrengthFieldProps) {
  const { control } = useSettingsForm();
  const path = `household.cupboard.${index}.strengthPct` as const;
  const { field } = useController({ control, name: path });
  const error = useFaultAt(path);
  if (!agent.strengthUnit) return null;
  return (
    <>
      <Flex as="label" gap="1.5" alignItems="center" fontSize="small">
        <Input
          width="5.125rem"
          type="number"
          step="any"
          inputMode="decimal"
          aria-label={`Strength of ${agent.name}, ${agent.strengthUnit}`}
          aria-invalid={error ? true : undefined}
          value={field.value ?? ''}
          onChange={(event) =>
            field.onChange(event.currentTarget.value === '' ? null : event.currentTarget.valueAsNumber)
          }
        />
        {/* A bottle says 3 %: by weight or by volume is for the recipe. */}
        {agent.strengthUnit.replace(/ [wv]\/v$/, '')}
        {agent.needsStrength && field.value === null && (
          <Box color="brick">⚠ not known: kept out of recipes</Box>
        )}
      </Flex>
      {error && (
        <Box color="brick" role="alert">
          ⚠ {error}
        </Box>
      )}
    </>
  );
}
