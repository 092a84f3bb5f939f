import { Box, Flex, Stack } from '@chakra-ui/react';
import { type Household, MEASURE_TOOL_IDS, type MeasureToolId, VOLUME_UNITS } from '@feverfew/contracts';
import { ChipRow } from '../../components/ChipRow';
import { Button, ChipButton, Input } from '../../components/controls';
import { NumberField } from './NumberField';

type Tools = Pick<Household, 'tools' | 'ownMeasures' | 'hasScale'>;

const word = (tool: MeasureToolId): string =>
  tool === 'jug' ? 'measuring jug' : (VOLUME_UNITS[tool as keyof typeof VOLUME_UNITS]?.word ?? tool);

/** What amounts are told in: kitchen measures, a scale, mugs and scoops of the house. */
export function ToolsEditor({
  household: { tools, ownMeasures, hasScale },
  errors,
  onChange,
}: {
  household: Tools;
  errors: Readonly<Record<string, string>>;
  onChange: (change: Partial<Tools>) => void;
}) {
  const toggle = (tool: MeasureToolId) =>
    onChange({ tools: tools.includes(tool) ? tools.filter((one) => one !== tool) : [...tools, tool] });
  const set = (index: number, change: Partial<Tools['ownMeasures'][number]>) =>
    onChange({
      ownMeasures: ownMeasures.map((one, place) => (place === index ? { ...one, ...change } : one)),
    });
  return (
    <Stack gap="10px" as="section" aria-label="Measures">
      <Box as="h2" fontSize="20px">
        Measures
      </Box>
      <Flex gap="6px" wrap="wrap">
        {MEASURE_TOOL_IDS.map((tool) => (
          <ChipButton
            key={tool}
            size="touch"
            state={tools.includes(tool) ? 'chosen' : 'plain'}
            aria-pressed={tools.includes(tool)}
            onClick={() => toggle(tool)}
          >
            {tools.includes(tool) ? '✓ ' : ''}
            {word(tool)}
          </ChipButton>
        ))}
      </Flex>
      {errors['household.tools'] && (
        <Box color="brick" role="alert">
          ⚠ {errors['household.tools']}
        </Box>
      )}
      <ChipRow
        label="A kitchen scale"
        chosen={hasScale ? 'yes' : 'no'}
        options={[
          { value: 'yes', text: 'yes' },
          { value: 'no', text: 'no' },
        ]}
        onChoose={(chosen) => onChange({ hasScale: chosen === 'yes' })}
      />
      {ownMeasures.map((measure, index) => (
        <Flex key={measure.id} gap="8px" alignItems="flex-end">
          <Box as="label" fontSize="14px" color="soft" flex="1">
            Own measure
            <Input
              value={measure.name}
              aria-invalid={errors[`household.ownMeasures.${index}.name`] ? true : undefined}
              onChange={(event) => set(index, { name: event.currentTarget.value })}
            />
          </Box>
          <Box width="96px">
            <NumberField
              label="holds, mL"
              value={measure.volumeML}
              error={errors[`household.ownMeasures.${index}.volumeML`]}
              onChange={(volumeML) => set(index, { volumeML })}
            />
          </Box>
          <Button
            variant="plain"
            aria-label={`Remove ${measure.name}`}
            onClick={() => onChange({ ownMeasures: ownMeasures.filter((_, place) => place !== index) })}
          >
            ✕
          </Button>
        </Flex>
      ))}
      <Button
        alignSelf="start"
        onClick={() =>
          onChange({
            ownMeasures: [...ownMeasures, { id: crypto.randomUUID(), name: 'mug', volumeML: 300 }],
          })
        }
      >
        Add a mug or scoop
      </Button>
    </Stack>
  );
}
