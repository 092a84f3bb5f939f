import { Box, Grid, Stack } from '@chakra-ui/react';
import type { Catalogue, Household, Prices } from '@feverfew/contracts';
import { Input } from '../../components/controls';
import { NumberBox } from '../../components/NumberBox';

interface PricesEditorProps {
  readonly prices: Prices;
  readonly cupboard: Household['cupboard'];
  readonly agents: Catalogue['agents'];
  readonly errors: Readonly<Record<string, string>>;
  readonly onChange: (prices: Prices) => void;
}

/**
 * What things cost here, as far as wanted: nothing is assumed, and what has no price is left out of a sum and said
 * so.
 */
export function PricesEditor({ prices, cupboard, agents, errors, onChange }: PricesEditorProps) {
  const set = (change: Partial<Prices>) => onChange({ ...prices, ...change });
  const priceOf = (agentId: string, price: number | null) => {
    const { [agentId]: _old, ...rest } = prices.agents;
    set({ agents: price === null ? rest : { ...rest, [agentId]: price } });
  };
  const here = agents.filter((agent) => cupboard.some((entry) => entry.agentId === agent.id));
  const running = [
    ['energy, per kWh', 'kWh'],
    ['water, per m³', 'waterM3'],
    ['an hour of your time', 'hour'],
    ['a professional, per piece', 'professional'],
  ] as const;
  return (
    <Stack gap="10px" as="section" aria-label="What things cost">
      <Box as="h2" fontSize="20px">
        What things cost
      </Box>
      <Box fontSize="14px" color="soft">
        If you like: then every way on says what it costs. A field left empty is left out, and the sum says
        “at least”.
      </Box>
      <Grid templateColumns={{ base: '1fr 1fr', md: '1fr 1fr 1fr' }} gap="10px" alignItems="end">
        <Box as="label" fontSize="14px" color="soft">
          sign of the money
          <Input
            value={prices.money}
            maxLength={8}
            onChange={(event) => set({ money: event.currentTarget.value })}
          />
        </Box>
        {running.map(([label, key]) => (
          <NumberBox
            key={key}
            label={label}
            value={prices[key]}
            error={errors[`prices.${key}`]}
            onChange={(value) => set({ [key]: value })}
          />
        ))}
        {here.map((agent) => (
          <NumberBox
            key={agent.id}
            label={`${agent.name}, per ${agent.isLiquid ? 'L' : 'kg'}`}
            value={prices.agents[agent.id] ?? null}
            error={errors[`prices.agents.${agent.id}`]}
            onChange={(value) => priceOf(agent.id, value)}
          />
        ))}
      </Grid>
    </Stack>
  );
}
