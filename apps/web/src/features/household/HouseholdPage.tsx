import { Box, Flex, Grid, Stack } from '@chakra-ui/react';
import type { Catalogue, HouseholdSettings } from '@feverfew/contracts';
import { useState } from 'react';
import { FormProvider, useWatch } from 'react-hook-form';
import { setColourMode, useColourMode } from '../../app/colourMode';
import { ChipRow } from '../../components/ChipRow';
import { Button } from '../../components/controls';
import { LinkButton } from '../../components/LinkButton';
import { Notice } from '../../components/Notice';
import { PageHeading } from '../../components/PageHeading';
import { Failed, Loading } from '../../components/States';
import { useCatalogue } from '../../queries/catalogueQueries';
import { useHousehold } from '../../queries/householdQueries';
import { bottlesOf } from './bottlesOf';
import { CupboardEditor } from './CupboardEditor';
import { useSettingsForm, YesNoField } from './fields';
import { HouseholdFilePanel } from './HouseholdFilePanel';
import { PositionsEditor } from './PositionsEditor';
import { PricesEditor } from './PricesEditor';
import { ProductsEditor } from './ProductsEditor';
import { ToolsEditor } from './ToolsEditor';
import { useHouseholdForm } from './useHouseholdForm';
import { VesselEditor } from './VesselEditor';
import { WaterEditor } from './WaterEditor';
import { WhoLivesHere } from './WhoLivesHere';

/** What a household has, and lets be offered. */
const HERE = [
  { key: 'hasMachine', label: 'A washing machine' },
  { key: 'boraxSold', label: 'Borax is sold to households in our country' },
  {
    key: 'allowChlorine',
    label: 'Chlorine bleach may be offered (sturdy white cotton and linen with “any bleach” only)',
  },
  { key: 'allowAmmonia', label: 'Household ammonia may be offered (open window, gloves)' },
  { key: 'allowOxalic', label: 'Oxalic acid may be offered for rust (poisonous, locked away)' },
] as const;

export type HouseRoom = 'house' | 'cupboard';

/** Taps, vessels, who lives here; or what is in the cupboard: where the numbers come from. */
export function HouseholdPage({ show }: { show: HouseRoom }) {
  const settings = useHousehold();
  const catalogue = useCatalogue();
  // A household read in from a file starts the page anew.
  const [reads, setReads] = useState(0);
  const failed = settings.error ?? catalogue.error;
  if (failed)
    return (
      <Failed error={failed} onRetry={() => void Promise.all([settings.refetch(), catalogue.refetch()])} />
    );
  if (!settings.data || !catalogue.data) return <Loading what="the household" />;
  return (
    <>
      <Editor key={reads + show} show={show} start={settings.data} catalogue={catalogue.data} />
      {show === 'house' && <HouseholdFilePanel onRead={() => setReads(reads + 1)} />}
    </>
  );
}

interface EditorProps {
  readonly show: HouseRoom;
  readonly start: HouseholdSettings;
  readonly catalogue: Catalogue;
}

const TWO_COLUMNS = { base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' } as const;

function Editor({ show, start, catalogue }: EditorProps) {
  const { form, keep, isPending, isKept, fault } = useHouseholdForm(start);
  const bottles = bottlesOf(catalogue);
  return (
    <FormProvider {...form}>
      <Box maxWidth="1080px" marginInline="auto" padding={{ base: '8px 16px', md: '24px 28px' }}>
        <Flex justifyContent="space-between" alignItems="baseline" wrap="wrap" marginBottom="12px">
          <PageHeading title={show === 'house' ? 'Your house' : 'Cupboard'} />
          {show === 'house' && (
            <LinkButton to="/setup" variant="plain">
              Step by step
            </LinkButton>
          )}
        </Flex>
        {show === 'cupboard' ? (
          <Grid templateColumns={TWO_COLUMNS} gap="26px 40px">
            <Stack gap="26px">
              <CupboardEditor agents={bottles} />
              <ProductsEditor agents={bottles} />
            </Stack>
            <PricesEditor agents={bottles} />
          </Grid>
        ) : (
          <>
            <Grid templateColumns={TWO_COLUMNS} gap="26px 40px">
              <Stack gap="14px">
                <HowShown onChosen={keep} />
                <WaterEditor />
                <Box as="h2" fontSize="20px">
                  Here we have
                </Box>
                <WhoLivesHere />
                {HERE.map(({ key, label }) => (
                  <YesNoField key={key} name={`household.${key}`} label={label} />
                ))}
              </Stack>
              <Stack gap="26px">
                <VesselEditor />
                <ToolsEditor />
              </Stack>
            </Grid>
            <PositionsEditor catalogue={catalogue} />
          </>
        )}
        <KeepBar isPending={isPending} isKept={isKept} fault={fault} onKeep={() => keep()} />
      </Box>
    </FormProvider>
  );
}

/** Degrees, measures and light: taken at once. */
function HowShown({ onChosen }: { onChosen: () => void }) {
  const { control, setValue } = useSettingsForm();
  const measures = useWatch({ control, name: 'measures' });
  const mode = useColourMode();
  return (
    <>
      <ChipRow
        label="Degrees"
        chosen={measures.temperature}
        options={[
          { value: 'C', text: '°C' },
          { value: 'F', text: '°F' },
        ]}
        onChoose={(temperature) => {
          setValue('measures.temperature', temperature);
          onChosen();
        }}
      />
      <ChipRow
        label="Volumes and weights"
        chosen={measures.system}
        options={[
          { value: 'metric', text: 'litres and grams' },
          { value: 'us', text: 'US quarts and ounces' },
        ]}
        onChoose={(system) => {
          setValue('measures.system', system);
          onChosen();
        }}
      />
      <ChipRow
        label="Light"
        chosen={mode}
        options={[
          { value: 'system', text: 'as the device' },
          { value: 'light', text: 'light' },
          { value: 'dark', text: 'dark' },
        ]}
        onChoose={setColourMode}
      />
    </>
  );
}

interface KeepBarProps {
  readonly isPending: boolean;
  readonly isKept: boolean;
  readonly fault: string | null;
  readonly onKeep: () => void;
}

function KeepBar({ isPending, isKept, fault, onKeep }: KeepBarProps) {
  return (
    <Flex
      position="sticky"
      bottom={{ base: '64px', md: '0' }}
      bg="card"
      paddingBlock="14px"
      gap="14px"
      alignItems="center"
      borderTop="1px solid"
      borderColor="line"
      marginTop="20px"
    >
      <Button variant="action" size="large" disabled={isPending} onClick={onKeep}>
        Keep these
      </Button>
      {isKept && <span role="status">Kept. New plans use it.</span>}
      {fault && (
        <Notice kind="danger" word="Look again">
          {fault}
        </Notice>
      )}
    </Flex>
  );
}
