import { Box, Flex, Grid, Stack } from '@chakra-ui/react';
import { type Household, VESSEL_FORMS, VESSEL_MATERIALS } from '@feverfew/contracts';
import { Button, ChipButton, Input, Select } from '../../components/controls';
import { MeasureVessel } from './MeasureVessel';
import { NumberField } from './NumberField';

type Vessels = Household['vessels'];

export function VesselEditor({
  vessels,
  errors,
  onChange,
}: {
  vessels: Vessels;
  errors: Readonly<Record<string, string>>;
  onChange: (vessels: Vessels) => void;
}) {
  const set = (index: number, change: Partial<Vessels[number]>) =>
    onChange(vessels.map((vessel, place) => (place === index ? { ...vessel, ...change } : vessel)));
  return (
    <Stack gap="10px" as="section" aria-label="Vessels">
      <Box as="h2" fontSize="20px">
        Vessels
      </Box>
      {vessels.map((vessel, index) => (
        <Box key={vessel.id} borderBottom="1px solid" borderColor="line" paddingBottom="10px">
          <Grid
            templateColumns={{ base: 'minmax(0, 1fr) 92px 44px', md: 'minmax(0, 1fr) 92px 44px' }}
            gap="8px"
            alignItems="end"
          >
            <Box as="label" fontSize="14px" color="soft">
              Name
              <Input
                value={vessel.name}
                aria-invalid={errors[`household.vessels.${index}.name`] ? true : undefined}
                onChange={(event) => set(index, { name: event.currentTarget.value })}
              />
            </Box>
            <NumberField
              label="Litres"
              value={vessel.volumeL}
              error={errors[`household.vessels.${index}.volumeL`]}
              onChange={(volumeL) => set(index, { volumeL, shape: null })}
            />
            <Button
              variant="plain"
              aria-label={`Remove ${vessel.name}`}
              onClick={() => onChange(vessels.filter((_, place) => place !== index))}
            >
              ✕
            </Button>
          </Grid>
          <Flex gap="8px" marginTop="8px" wrap="wrap" alignItems="center">
            <Choice
              label={`Form of ${vessel.name}`}
              options={VESSEL_FORMS}
              value={vessel.form}
              onChange={(form) => set(index, { form, shape: null })}
            />
            <Choice
              label={`Material of ${vessel.name}`}
              options={VESSEL_MATERIALS}
              value={vessel.material}
              onChange={(material) => set(index, { material })}
            />
            <ChipButton
              size="touch"
              state={vessel.lid ? 'chosen' : 'plain'}
              aria-pressed={vessel.lid}
              onClick={() => set(index, { lid: !vessel.lid })}
            >
              {vessel.lid ? '✓ has a lid' : 'no lid'}
            </ChipButton>
            <MeasureVessel vessel={vessel} onMeasured={(measured) => set(index, measured)} />
          </Flex>
        </Box>
      ))}
      <Button
        alignSelf="start"
        onClick={() =>
          onChange([
            ...vessels,
            {
              id: crypto.randomUUID(),
              name: 'bucket',
              volumeL: 10,
              material: 'plastic',
              lid: false,
              form: 'bucket',
              shape: null,
            },
          ])
        }
      >
        Add a vessel
      </Button>
    </Stack>
  );
}

function Choice<T extends string>({
  label,
  options,
  value,
  onChange,
}: {
  label: string;
  options: readonly T[];
  value: T;
  onChange: (value: T) => void;
}) {
  return (
    <Select
      width="auto"
      aria-label={label}
      value={value}
      onChange={(event) => onChange(event.currentTarget.value as T)}
    >
      {options.map((option) => (
        <option key={option}>{option}</option>
      ))}
    </Select>
  );
}
