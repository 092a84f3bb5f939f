import { Box, Flex, Stack } from '@chakra-ui/react';
import { MEASURE_TOOL_IDS, type MeasureToolId, VOLUME_UNITS } from '@feverfew/contracts';
import { useController, useFieldArray, useWatch } from 'react-hook-form';
import { v4 as newKey } from 'uuid';
import { Button, ChipButton } from '../../components/controls/controls';
import { NumberField, TextField, useFaultAt, useSettingsForm, YesNoField } from './fields';

/** What a kitchen measure is called. */
export const toolWord = (tool: MeasureToolId): string =>
  tool === 'jug' ? 'measuring jug' : (VOLUME_UNITS[tool as keyof typeof VOLUME_UNITS]?.word ?? tool);

/** The units of amounts: kitchen measures, a scale, mugs and scoops of the house. */
export function ToolsEditor() {
  return (
    <Stack gap="2.5">
      <KitchenMeasures />
      <YesNoField name="household.hasScale" label="A kitchen scale" />
      <OwnMeasures />
    </Stack>
  );
}

function KitchenMeasures() {
  const { control } = useSettingsForm();
  const { field } = useController({ control, name: 'household.tools' });
  const fault = useFaultAt('household.tools');
  const toggle = (tool: MeasureToolId) =>
    field.onChange(
      field.value.includes(tool) ? field.value.filter((one) => one !== tool) : [...field.value, tool],
    );
  return (
    <>
      <Flex gap="1.5" wrap="wrap">
        {MEASURE_TOOL_IDS.map((tool) => (
          <ChipButton
            key={tool}
            size="touch"
            state={field.value.includes(tool) ? 'chosen' : 'plain'}
            aria-pressed={field.value.includes(tool)}
            onClick={() => toggle(tool)}
          >
            {field.value.includes(tool) ? '✓ ' : ''}
            {toolWord(tool)}
          </ChipButton>
        ))}
      </Flex>
      {fault && (
        <Box color="brick" role="alert">
          ⚠ {fault}
        </Box>
      )}
    </>
  );
}

/** Mugs and scoops. */
function OwnMeasures() {
  const { control } = useSettingsForm();
  const { fields, append, remove } = useFieldArray({
    control,
    name: 'household.ownMeasures',
    keyName: 'key',
  });
  const named = useWatch({ control, name: 'household.ownMeasures' });
  return (
    <>
      {fields.map((measure, index) => (
        <Flex key={measure.key} gap="2" alignItems="flex-end">
          <TextField name={`household.ownMeasures.${index}.name`} label="Own measure" />
          <Box width="6rem">
            <NumberField name={`household.ownMeasures.${index}.volumeML`} label="holds, mL" required />
          </Box>
          <Button
            variant="plain"
            aria-label={`Remove ${named[index]?.name ?? measure.name}`}
            onClick={() => remove(index)}
          >
            ✕
          </Button>
        </Flex>
      ))}
      <Button alignSelf="start" onClick={() => append({ id: newKey(), name: 'mug', volumeML: 300 })}>
        Add a mug or scoop
      </Button>
    </>
  );
}
