import { Box, Grid, Stack } from '@chakra-ui/react';
import type { Catalogue } from '@feverfew/contracts';
import { useController, useWatch } from 'react-hook-form';
import { NumberBox } from '../../components/controls/NumberBox';
import { NumberField, TextField, useFaultAt, useSettingsForm } from './fields';

const RUNNING = [
  ['energy, per kWh', 'prices.kWh'],
  ['water, per m³', 'prices.waterM3'],
  ['an hour of your time', 'prices.hour'],
  ['a professional, per piece', 'prices.professional'],
] as const;

/**
 * What things cost here, as far as wanted: nothing is assumed, and what has no price is left out of a sum and said
 * so.
 */
export function PricesEditor({ agents }: { agents: Catalogue['agents'] }) {
  const { control } = useSettingsForm();
  const cupboard = useWatch({ control, name: 'household.cupboard' });
  const here = agents.filter((agent) => cupboard.some((entry) => entry.agentId === agent.id));
  return (
    <Stack gap="2.5">
      <Box fontSize="small" color="soft">
        If you like: then the cost is shown for each choice. A field left empty is left out, and the sum says
        “at least”.
      </Box>
      <Grid templateColumns={{ base: '1fr 1fr', md: '1fr 1fr 1fr' }} gap="2.5" alignItems="end">
        <TextField name="prices.money" label="sign of the money" maxLength={8} />
        {RUNNING.map(([label, name]) => (
          <NumberField key={name} name={name} label={label} />
        ))}
        {here.map((agent) => (
          <AgentPrice key={agent.id} agent={agent} />
        ))}
      </Grid>
    </Stack>
  );
}

/** A product without a price is not in the list at all. */
function AgentPrice({ agent }: { agent: Catalogue['agents'][number] }) {
  const { control, getValues } = useSettingsForm();
  const { field } = useController({ control, name: 'prices.agents' });
  return (
    <NumberBox
      label={`${agent.name}, per ${agent.isLiquid ? 'L' : 'kg'}`}
      value={field.value[agent.id] ?? null}
      error={useFaultAt(`prices.agents.${agent.id}`)}
      onChange={(price) => {
        const { [agent.id]: _old, ...rest } = getValues('prices.agents');
        field.onChange(price === null ? rest : { ...rest, [agent.id]: price });
      }}
    />
  );
}
