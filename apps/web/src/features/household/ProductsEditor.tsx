import { Box, Flex, Stack } from '@chakra-ui/react';
import { type Catalogue, detergentFactor, type Household, type Product } from '@feverfew/contracts';
import { Button, Select } from '../../components/controls';
import { NumberBox } from '../../components/NumberBox';

/** What the labels of this house say: what a cap or scoop holds, and the dose per wash or per litres of bath. */
export function ProductsEditor({
  products,
  cupboard,
  hardnessMgL,
  agents,
  errors,
  onChange,
}: {
  products: readonly Product[];
  cupboard: Household['cupboard'];
  hardnessMgL: number;
  agents: Catalogue['agents'];
  errors: Readonly<Record<string, string>>;
  onChange: (products: readonly Product[]) => void;
}) {
  const water = Math.min(1500, Math.max(0, hardnessMgL || 0));
  const set = (index: number, change: Partial<Product>) =>
    onChange(products.map((product, place) => (place === index ? { ...product, ...change } : product)));
  const free = agents.filter(
    (agent) =>
      cupboard.some((entry) => entry.agentId === agent.id) &&
      products.every((product) => product.agentId !== agent.id),
  );
  return (
    <Stack gap="10px" as="section" aria-label="Labels of your products">
      <Box as="h2" fontSize="20px">
        What their labels say
      </Box>
      <Box fontSize="14px" color="soft">
        In water like yours the tables on labels ask about {times(detergentFactor(water, 'usual', 1))} their
        middle dose for a full load, {times(detergentFactor(water, 'usual', 0.5))} for half of one (from
        memory; your label decides).
      </Box>
      {products.map((product, index) => {
        const agent = agents.find((candidate) => candidate.id === product.agentId);
        const { labelDose } = product;
        const unit = labelDose?.unit ?? (agent?.isLiquid === false ? 'g' : 'mL');
        const dose = (amount: number | null, perL: number | null) =>
          set(index, { labelDose: amount === null ? null : { amount, unit, perL } });
        return (
          <Box key={product.agentId} borderBottom="1px solid" borderColor="line" paddingBottom="8px">
            <Flex justifyContent="space-between" alignItems="center">
              <Box fontWeight={650}>{agent?.name ?? product.agentId}</Box>
              <Button
                variant="plain"
                aria-label={`Forget the label of ${agent?.name ?? product.agentId}`}
                onClick={() => onChange(products.filter((_, place) => place !== index))}
              >
                ✕
              </Button>
            </Flex>
            <Flex gap="8px" wrap="wrap" alignItems="flex-end">
              <NumberBox
                label="cap or scoop, mL"
                width="126px"
                value={product.capML}
                error={errors[`household.products.${index}.capML`]}
                onChange={(capML) => set(index, { capML })}
              />
              <NumberBox
                label={`dose, ${unit}`}
                width="96px"
                value={labelDose?.amount ?? null}
                error={errors[`household.products.${index}.labelDose.amount`]}
                onChange={(amount) => dose(amount, labelDose?.perL ?? null)}
              />
              <NumberBox
                label="per L of bath (empty: a wash)"
                width="190px"
                value={labelDose?.perL ?? null}
                error={errors[`household.products.${index}.labelDose.perL`]}
                onChange={(perL) => dose(labelDose?.amount ?? null, perL)}
              />
            </Flex>
          </Box>
        );
      })}
      {free.length > 0 && (
        <Box as="label" fontSize="14px" color="soft">
          Add one of the cupboard
          <Select
            value=""
            onChange={(event) =>
              onChange([...products, { agentId: event.currentTarget.value, capML: null, labelDose: null }])
            }
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

/** "1.3 times", "just". */
const times = (factor: number): string =>
  Math.abs(factor - 1) < 0.05 ? 'just' : `${Math.round(factor * 10) / 10} times`;
