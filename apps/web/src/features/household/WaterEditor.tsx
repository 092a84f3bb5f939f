import { Box, Flex, Grid, Stack } from '@chakra-ui/react';
import {
  HARDNESS_UNITS,
  type HardnessUnit,
  hardnessClasses,
  hardnessToMgL,
  mgLToHardness,
  STRIP_STEPS_DH,
  stripToMgL,
} from '@feverfew/contracts';
import { useState } from 'react';
import { useController } from 'react-hook-form';
import { ChipRow } from '../../components/controls/ChipRow';
import { Select } from '../../components/controls/controls';
import { NumberBox } from '../../components/controls/NumberBox';
import { SourceList } from '../../components/layout/Why';
import { NumberField, useFaultAt, useSettingsForm } from './fields';

/** Taps, kettle, room and hardness: the inputs of every bath. */
export function WaterEditor() {
  return (
    <Stack gap="3">
      <Box fontSize="small" color="soft">
        Let the hot tap run a minute, then hold a thermometer in the stream. The kettle holds what its “full”
        line says.
      </Box>
      <Grid templateColumns="repeat(auto-fit, minmax(7.5rem, 1fr))" gap="3">
        <NumberField name="household.taps.coldC" label="Cold tap, °C" required />
        <NumberField name="household.taps.hotC" label="Hot tap, °C" required />
        <NumberField name="household.taps.kettleL" label="Kettle, L" required />
        <NumberField name="household.roomC" label="Room, °C" required />
      </Grid>
      <Hardness />
    </Stack>
  );
}

/** The supplier's figure in any unit, or what a test strip shows. */
function Hardness() {
  const { control } = useSettingsForm();
  const {
    field: { value: mgL, onChange },
  } = useController({ control, name: 'household.hardnessMgL' });
  const fault = useFaultAt('household.hardnessMgL');
  const [unit, setUnit] = useState<HardnessUnit>('mgL');
  const known = mgL >= 0 && mgL <= 1500;
  const shown = known ? Math.round(mgLToHardness(mgL, unit) * 100) / 100 : mgL;
  const take = (value: number | null) => {
    if (value === null) return onChange(Number.NaN);
    const asked = value * HARDNESS_UNITS[unit].mgLPerUnit;
    onChange(asked >= 0 && asked <= 1500 ? Math.round(hardnessToMgL(value, unit) * 10) / 10 : asked);
  };
  const classes = known ? hardnessClasses(mgL) : [];
  return (
    <Stack gap="2">
      <Flex gap="2.5" alignItems="flex-end" wrap="wrap">
        <Box width="8.75rem">
          <NumberBox
            label="Hardness"
            value={Number.isNaN(shown) ? null : shown}
            error={fault}
            onChange={take}
          />
        </Box>
        <Box as="label" fontSize="small" color="soft" width="13.125rem">
          in
          <Select
            aria-label="Unit of hardness"
            value={unit}
            onChange={(event) => setUnit(event.currentTarget.value as HardnessUnit)}
          >
            {Object.entries(HARDNESS_UNITS).map(([id, { word }]) => (
              <option key={id} value={id}>
                {word}
              </option>
            ))}
          </Select>
        </Box>
      </Flex>
      <ChipRow
        label="or by a test strip: how many fields turned?"
        size="small"
        options={STRIP_STEPS_DH.map(({ turned, word }) => ({ value: turned as number, text: word }))}
        chosen={null}
        onChoose={(turned) => onChange(stripToMgL(turned).mgL)}
      />
      {classes.length > 0 && (
        <Box fontSize="small" color="soft">
          That is {classes.map(({ name }) => name).join(' by one scale, ')} by another.
          <SourceList ids={classes.map(({ sourceId }) => sourceId)} />
        </Box>
      )}
    </Stack>
  );
}
