import { Box, Flex, Grid, Stack } from '@chakra-ui/react';
import { VESSEL_FORMS, VESSEL_MATERIALS } from '@feverfew/contracts';
import { useController, useFieldArray, useWatch } from 'react-hook-form';
import { v4 as newKey } from 'uuid';
import { Button, ChipButton } from '../../components/controls/controls';
import { ChoiceField, NumberField, TextField, useSettingsForm } from './fields';
import { MeasureVessel } from './MeasureVessel';

const NEW_VESSEL = {
  name: 'bucket',
  volumeL: 10,
  material: 'plastic',
  lid: false,
  form: 'bucket',
  shape: null,
} as const;

/** What baths are made in. */
export function VesselEditor() {
  const { control } = useSettingsForm();
  const { fields, append, remove } = useFieldArray({ control, name: 'household.vessels', keyName: 'key' });
  return (
    <Stack gap="2.5">
      {fields.map((vessel, index) => (
        <VesselRow key={vessel.key} index={index} onRemove={() => remove(index)} />
      ))}
      <Button alignSelf="start" onClick={() => append({ id: newKey(), ...NEW_VESSEL })}>
        Add a vessel
      </Button>
    </Stack>
  );
}

function VesselRow({ index, onRemove }: { index: number; onRemove: () => void }) {
  const { control, setValue } = useSettingsForm();
  const path = `household.vessels.${index}` as const;
  const vessel = useWatch({ control, name: path });
  // Lengths that were measured hold for the vessel as it was.
  const forgetShape = () => setValue(`${path}.shape`, null);
  return (
    <Box borderBottom="1px solid" borderColor="line" paddingBottom="2.5">
      <Grid templateColumns="minmax(0, 1fr) 5.75rem 2.75rem" gap="2" alignItems="end">
        <TextField name={`${path}.name`} label="Name" />
        <NumberField name={`${path}.volumeL`} label="Litres" required onTaken={forgetShape} />
        <Button variant="plain" aria-label={`Remove ${vessel.name}`} onClick={onRemove}>
          ✕
        </Button>
      </Grid>
      <Flex gap="2" marginTop="2" wrap="wrap" alignItems="center">
        <ChoiceField
          name={`${path}.form`}
          label={`Form of ${vessel.name}`}
          options={VESSEL_FORMS}
          onTaken={forgetShape}
        />
        <ChoiceField
          name={`${path}.material`}
          label={`Material of ${vessel.name}`}
          options={VESSEL_MATERIALS}
        />
        <Lid index={index} />
        <MeasureVessel
          vessel={vessel}
          onMeasured={({ volumeL, shape }) => {
            setValue(`${path}.volumeL`, volumeL);
            setValue(`${path}.shape`, shape);
          }}
        />
      </Flex>
    </Box>
  );
}

function Lid({ index }: { index: number }) {
  const { control } = useSettingsForm();
  const { field } = useController({ control, name: `household.vessels.${index}.lid` });
  return (
    <ChipButton
      size="touch"
      state={field.value ? 'chosen' : 'plain'}
      aria-pressed={field.value}
      onClick={() => field.onChange(!field.value)}
    >
      {field.value ? '✓ has a lid' : 'no lid'}
    </ChipButton>
  );
}
