import { Box, Flex, Grid } from '@chakra-ui/react';
import type { Catalogue } from '@feverfew/contracts';
import { useEffect, useRef, useState } from 'react';
import { useFieldArray, useWatch } from 'react-hook-form';
import { useLexicon } from '../../../app/useLexicon';
import { ButtonPicker } from '../../../components/controls/ButtonPicker';
import { CopyButton } from '../../../components/controls/CopyButton';
import { useToBuy } from '../../../queries/troubleQueries';
import { useSettingsForm } from '../fields';
import { BottlePanel } from './BottlePanel';
import { CupboardShelves, type Kept } from './CupboardShelves';
import { answersTo, isLow, shoppingText, wantedOf } from './cupboardView';

interface CupboardProps {
  readonly agents: Catalogue['agents'];
  readonly pairs: Catalogue['pairs'];
}

/** Products of the house on their shelves; the one that is lifted at their side. */
export function Cupboard({ agents, pairs }: CupboardProps) {
  const say = useLexicon();
  const { control } = useSettingsForm();
  const { fields, append, remove } = useFieldArray({ control, name: 'household.cupboard', keyName: 'key' });
  const strengths = useWatch({ control, name: 'household.cupboard' });
  const bottles = useWatch({ control, name: 'bottles' });
  const toBuy = useToBuy().data ?? [];
  const [liftedId, lift] = useState<string | null>(null);
  const kept: Kept[] = fields.flatMap(({ agentId }, index) => {
    const agent = agents.find(({ id }) => id === agentId);
    return agent
      ? [{ agent, strengthPct: strengths[index]?.strengthPct ?? null, bottle: bottles[agentId] }]
      : [];
  });
  const here = kept.map(({ agent }) => agent);
  const hereIds = here.map(({ id }) => id);
  const wanted = wantedOf(toBuy, agents, hereIds);
  const low = kept.filter(({ bottle }) => isLow(bottle)).map(({ agent }) => agent);
  const lifted = agents.find(({ id }) => id === liftedId);
  const answers = lifted ? answersTo(lifted, here, pairs) : [];
  const index = fields.findIndex(({ agentId }) => agentId === liftedId);
  const panel = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // Where the panel is below the shelves, it comes into view with what is lifted.
    if (liftedId !== null && isOutOfSight(panel.current)) panel.current?.scrollIntoView({ block: 'start' });
  }, [liftedId]);
  const putIn = (agentId: string) => {
    append({ agentId, strengthPct: null });
    lift(agentId);
  };
  return (
    <Grid templateColumns={{ base: '1fr', lg: 'minmax(0, 1fr) 18.75rem' }} gap="1rem 2rem" alignItems="start">
      <Box minWidth="0">
        <CupboardShelves kept={kept} wanted={wanted} liftedId={liftedId} answers={answers} onLift={lift} />
        <Flex gap="0.5rem 1.25rem" wrap="wrap" alignItems="center" marginTop="4">
          <ButtonPicker
            text="Add a product"
            question="Which product is in the house?"
            groups={[{ title: 'Products', options: agents.filter(({ id }) => !hereIds.includes(id)) }]}
            onChoose={putIn}
          />
          {low.length > 0 && (
            <Box>
              <strong>Low:</strong> {low.map(({ name }) => name).join(', ')}
            </Box>
          )}
          {wanted.length + low.length > 0 && (
            <CopyButton text={() => shoppingText(wanted, low, say)}>
              {`Copy the shopping list, ${wanted.length + low.length}`}
            </CopyButton>
          )}
        </Flex>
      </Box>
      <Box
        ref={panel}
        bg="paper"
        padding="4"
        borderRadius="md"
        position={{ lg: 'sticky' }}
        top="4"
        scrollMarginTop="7.5rem"
      >
        {lifted ? (
          <BottlePanel
            key={lifted.id}
            agent={lifted}
            index={index < 0 ? null : index}
            answers={answers}
            onPutIn={() => putIn(lifted.id)}
            onTakeOut={() => {
              remove(index);
              lift(null);
            }}
          />
        ) : (
          <Box color="soft">Tap a product to lift it: the others answer whether they may meet it.</Box>
        )}
      </Box>
    </Grid>
  );
}

const isOutOfSight = (element: HTMLElement | null): boolean =>
  element !== null && element.getBoundingClientRect().top > window.innerHeight * 0.8;
