import { Box } from '@chakra-ui/react';
import type { Catalogue } from '@feverfew/contracts';
import { get, useWatch } from 'react-hook-form';
import { Fold } from '../../components/layout/Fold';
import { Cupboard } from './cupboard/Cupboard';
import { useSettingsForm } from './fields';
import { PricesEditor } from './PricesEditor';
import { ProductsEditor } from './ProductsEditor';

interface CupboardFoldsProps {
  readonly bottles: Catalogue['agents'];
  readonly pairs: Catalogue['pairs'];
}

/** Products in the house. Their label doses and prices are optional. */
export function CupboardFolds({ bottles, pairs }: CupboardFoldsProps) {
  const { control, formState } = useSettingsForm();
  const labels = useWatch({ control, name: 'household.products' });
  const prices = useWatch({ control, name: 'prices' });
  const told = Object.values(prices.agents).length;
  return (
    <>
      <Cupboard agents={bottles} pairs={pairs} />
      <Box borderBottom="1px solid" borderColor="line" marginTop="5.5">
        <Fold
          title="What their labels say"
          summary={labels.length === 0 ? 'nothing entered' : `${labels.length} entered`}
          purpose="How much goes in, and in how many caps"
          wanted={get(formState.errors, 'household.products') !== undefined}
        >
          <ProductsEditor agents={bottles} />
        </Fold>
        <Fold
          title="What things cost"
          summary={told === 0 ? 'nothing entered' : `${told} entered`}
          purpose="Cost shown for each choice"
          wanted={formState.errors.prices !== undefined}
        >
          <PricesEditor agents={bottles} />
        </Fold>
      </Box>
    </>
  );
}
