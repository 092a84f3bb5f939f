import { Box, Grid, Stack } from '@chakra-ui/react';
import type { Household } from '@feverfew/contracts';
import { Button, Input, Select } from '../../components/controls';
import { NumberField } from './NumberField';

type Vessels = Household['vessels'];
const MATERIALS: readonly Vessels[number]['material'][] = [
  'plastic',
  'enamel',
  'stainless',
  'aluminium',
  'zinc',
  'stone',
  'ceramic',
];

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
    onChange(vessels.map((vessel, at) => (at === index ? { ...vessel, ...change } : vessel)));
  return (
    <Stack gap="8px" as="section" aria-label="Vessels">
      <Box as="h2" fontSize="20px">
        Vessels
      </Box>
      {vessels.map((vessel, index) => (
        <Grid
          key={vessel.id}
          templateColumns={{ base: 'minmax(0, 1fr) 116px 44px', md: 'minmax(0, 1fr) 86px 116px 44px' }}
          gap="8px"
          alignItems="end"
        >
          <Box as="label" fontSize="14px" color="soft" gridColumn={{ base: '1 / -1', md: 'auto' }}>
            Name
            <Input
              value={vessel.name}
              onChange={(event) => set(index, { name: event.currentTarget.value })}
            />
          </Box>
          <NumberField
            label="Litres"
            value={vessel.volumeL}
            error={errors[`household.vessels.${index}.volumeL`]}
            onChange={(volumeL) => set(index, { volumeL })}
          />
          <Select
            aria-label={`Material of ${vessel.name}`}
            value={vessel.material}
            onChange={(event) =>
              set(index, { material: event.currentTarget.value as Vessels[number]['material'] })
            }
          >
            {MATERIALS.map((material) => (
              <option key={material}>{material}</option>
            ))}
          </Select>
          <Button
            variant="plain"
            aria-label={`Remove ${vessel.name}`}
            onClick={() => onChange(vessels.filter((_, at) => at !== index))}
          >
            ✕
          </Button>
        </Grid>
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
