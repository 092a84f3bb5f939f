import { Box, Grid } from '@chakra-ui/react';
import type { Catalogue } from '@feverfew/contracts';
import { useController } from 'react-hook-form';
import { Select } from '../../components/controls/controls';
import { useSettingsForm } from './fields';

/** The way of this house in each dispute of the trade; a plan may still follow another. */
export function PositionsEditor({ catalogue }: { catalogue: Catalogue }) {
  const { control } = useSettingsForm();
  const {
    field: { value: chosen, onChange },
  } = useController({ control, name: 'household.positions' });
  const choose = (dispute: string, positionId: string) => {
    const { [dispute]: _before, ...others } = chosen;
    onChange(positionId === '' ? others : { ...others, [dispute]: positionId });
  };
  return (
    <Box>
      <Box color="soft" fontSize="note" marginBottom="2">
        “As usual” follows what most do; another way is then offered only where it clearly does more.
      </Box>
      <Grid templateColumns={{ base: '1fr', lg: '1fr 1fr' }} gap="0.75rem 2.5rem">
        {catalogue.disputes.map(({ id, question }) => {
          const positions = catalogue.positions.filter((position) => position.dispute === id);
          const usual = positions.find((position) => position.isDefault);
          const followed = positions.find((position) => position.id === chosen[id]) ?? usual;
          return (
            <Box as="label" key={id} display="block">
              <Box fontWeight={600}>{question}</Box>
              <Select value={chosen[id] ?? ''} onChange={(event) => choose(id, event.currentTarget.value)}>
                <option value="">As usual: {usual?.name}</option>
                {positions.map((position) => (
                  <option key={position.id} value={position.id}>
                    {position.name}
                  </option>
                ))}
              </Select>
              <Box fontSize="small" color="soft">
                {followed?.why}
              </Box>
            </Box>
          );
        })}
      </Grid>
    </Box>
  );
}
