import { Box, Flex, Stack } from '@chakra-ui/react';
import { type Catalogue, detergentFactor, type Household } from '@feverfew/contracts';
import { useFieldArray, useWatch } from 'react-hook-form';
import { ChipRow } from '../../components/controls/ChipRow';
import { Button, Select } from '../../components/controls/controls';
import { NumberBox } from '../../components/controls/NumberBox';
import { NumberField, useFaultAt, useSettingsForm } from './fields';

type Agents = Catalogue['agents'];
type LabelDose = Household['products'][number]['labelDose'];

/** What the labels of this house say: what a cap or scoop holds, and the dose per wash or per litres of bath. */
export function ProductsEditor({ agents }: { agents: Agents }) {
  const { control } = useSettingsForm();
  const cupboard = useWatch({ control, name: 'household.cupboard' });
  const { fields, append, remove } = useFieldArray({ control, name: 'household.products', keyName: 'key' });
  const free = agents.filter(
    (agent) =>
      cupboard.some((entry) => entry.agentId === agent.id) &&
      fields.every((product) => product.agentId !== agent.id),
  );
  return (
    <Stack gap="2.5">
      <UsualDose />
      {fields.map((product, index) => (
        <ProductLabel
          key={product.key}
          index={index}
          agent={agents.find((candidate) => candidate.id === product.agentId)}
          name={agents.find((candidate) => candidate.id === product.agentId)?.name ?? product.agentId}
          onForget={() => remove(index)}
        />
      ))}
      {free.length > 0 && (
        <Box as="label" fontSize="small" color="soft">
          Add one of the cupboard
          <Select
            value=""
            onChange={(event) => append({ agentId: event.currentTarget.value, capML: null, labelDose: null })}
          >
            <option value="">choose a product</option>
            {free.map((agent) => (
              <option key={agent.id} value={agent.id}>
                {agent.name}
              </option>
            ))}
          </Select>
        </Box>
      )}
    </Stack>
  );
}

/** What tables on labels ask for in water like this. */
function UsualDose() {
  const { control } = useSettingsForm();
  const hardnessMgL = useWatch({ control, name: 'household.hardnessMgL' });
  const water = Math.min(1500, Math.max(0, hardnessMgL || 0));
  return (
    <Box fontSize="small" color="soft">
      In water like yours the tables on labels ask about {times(detergentFactor(water, 'usual', 1))} their
      middle dose for a full load, {times(detergentFactor(water, 'usual', 0.5))} for half of one (from memory;
      your label decides).
    </Box>
  );
}

interface ProductLabelProps {
  readonly index: number;
  readonly agent: Agents[number] | undefined;
  readonly name: string;
  readonly onForget: () => void;
}

function ProductLabel({ index, agent, name, onForget }: ProductLabelProps) {
  const { control, setValue } = useSettingsForm();
  const path = `household.products.${index}` as const;
  const labelDose = useWatch({ control, name: `${path}.labelDose` }) as LabelDose;
  const gPerML = useWatch({ control, name: `${path}.gPerML` }) as number | null | undefined;
  const unit = labelDose?.unit ?? (agent?.isLiquid === false ? 'g' : 'mL');
  const dose = (amount: number | null, perL: number | null) =>
    setValue(`${path}.labelDose`, amount === null ? null : { amount, unit, perL }, { shouldDirty: true });
  return (
    <Box borderBottom="1px solid" borderColor="line" paddingBottom="2">
      <Flex justifyContent="space-between" alignItems="center">
        <Box fontWeight={650}>{name}</Box>
        <Button variant="plain" aria-label={`Forget the label of ${name}`} onClick={onForget}>
          ✕
        </Button>
      </Flex>
      <Flex gap="2" wrap="wrap" alignItems="flex-end">
        <NumberField name={`${path}.capML`} label="cap or scoop, mL" width="7.875rem" />
        <NumberBox
          label={`dose, ${unit}`}
          width="6rem"
          value={labelDose?.amount ?? null}
          error={useFaultAt(`${path}.labelDose.amount`)}
          onChange={(amount) => dose(amount, labelDose?.perL ?? null)}
        />
        <NumberBox
          label="per L of bath (empty: a wash)"
          width="11.875rem"
          value={labelDose?.perL ?? null}
          error={useFaultAt(`${path}.labelDose.perL`)}
          onChange={(perL) => dose(labelDose?.amount ?? null, perL)}
        />
        {(agent?.grades.length ?? 0) > 0 && (
          <ChipRow
            label="Which kind"
            chosen={gPerML == null ? null : String(gPerML)}
            options={(agent?.grades ?? []).map((grade) => ({
              value: String(grade.gPerML),
              text: grade.name,
            }))}
            onChoose={(value) =>
              setValue(`${path}.gPerML`, Number(value) === gPerML ? null : Number(value), {
                shouldDirty: true,
              })
            }
          />
        )}
      </Flex>
    </Box>
  );
}

/** "1.3 times", "just". */
const times = (factor: number): string =>
  Math.abs(factor - 1) < 0.05 ? 'just' : `${Math.round(factor * 10) / 10} times`;
