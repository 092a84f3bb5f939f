import { Box, Flex, Grid, Stack } from '@chakra-ui/react';
import type { Catalogue, HouseholdSettings } from '@feverfew/contracts';
import { useState } from 'react';
import { ApiProblem } from '../../app/api';
import { setColourMode, useColourMode } from '../../app/colourMode';
import { useCatalogue, useHousehold, useSaveHousehold } from '../../app/queries';
import { ChipRow } from '../../components/ChipRow';
import { Button } from '../../components/controls';
import { LinkButton } from '../../components/LinkButton';
import { Notice } from '../../components/Notice';
import { Failed, Loading } from '../../components/States';
import { bottlesOf } from './bottlesOf';
import { CupboardEditor } from './CupboardEditor';
import { HouseholdFilePanel } from './HouseholdFilePanel';
import { PositionsEditor } from './PositionsEditor';
import { PricesEditor } from './PricesEditor';
import { ProductsEditor } from './ProductsEditor';
import { ToolsEditor } from './ToolsEditor';
import { VesselEditor } from './VesselEditor';
import { WaterEditor } from './WaterEditor';

/** What a household has, is, and lets be offered. */
const HERE = [
  { key: 'hasMachine', label: 'A washing machine' },
  { key: 'asthma', label: 'Someone with asthma' },
  { key: 'boraxSold', label: 'Borax is sold to households in our country' },
  {
    key: 'allowChlorine',
    label: 'Chlorine bleach may be offered (sturdy white cotton and linen with “any bleach” only)',
  },
  { key: 'allowAmmonia', label: 'Household ammonia may be offered (open window, gloves)' },
  { key: 'allowOxalic', label: 'Oxalic acid may be offered for rust (poisonous, locked away)' },
] as const;

/** Taps, vessels, cupboard and measures: where the numbers come from. */
export function HouseholdPage() {
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
      <Editor key={reads} start={settings.data} catalogue={catalogue.data} />
      <HouseholdFilePanel onRead={() => setReads(reads + 1)} />
    </>
  );
}

function Editor({ start, catalogue }: { start: HouseholdSettings; catalogue: Catalogue }) {
  const [settings, setSettings] = useState(start);
  const save = useSaveHousehold();
  const mode = useColourMode();
  const errors = save.error instanceof ApiProblem ? save.error.fields : {};
  const { household, measures } = settings;
  const bottles = bottlesOf(catalogue);
  const set = (change: Partial<HouseholdSettings['household']>) => {
    save.reset();
    setSettings({ ...settings, household: { ...household, ...change } });
  };
  const setMeasures = (change: Partial<HouseholdSettings['measures']>) => {
    const next = { ...settings, measures: { ...measures, ...change } };
    setSettings(next);
    save.mutate(next);
  };
  return (
    <Box maxWidth="1080px" marginInline="auto" padding={{ base: '16px', md: '24px 28px' }}>
      <Flex justifyContent="space-between" alignItems="baseline" wrap="wrap" marginBottom="12px">
        <Box as="h1" fontSize="28px">
          Household
        </Box>
        <LinkButton to="/setup" variant="plain">
          Step by step
        </LinkButton>
      </Flex>
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' }} gap="26px 40px">
        <Stack gap="14px">
          <ChipRow
            label="Degrees"
            chosen={measures.temperature}
            options={[
              { value: 'C', text: '°C' },
              { value: 'F', text: '°F' },
            ]}
            onChoose={(temperature) => setMeasures({ temperature })}
          />
          <ChipRow
            label="Volumes and weights"
            chosen={measures.system}
            options={[
              { value: 'metric', text: 'litres and grams' },
              { value: 'us', text: 'US quarts and ounces' },
            ]}
            onChoose={(system) => setMeasures({ system })}
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
          <WaterEditor household={household} errors={errors} onChange={set} />
          <VesselEditor
            vessels={household.vessels}
            errors={errors}
            onChange={(vessels) => set({ vessels })}
          />
          <Box as="h2" fontSize="20px">
            Here we have
          </Box>
          {HERE.map(({ key, label }) => (
            <YesNo
              key={key}
              label={label}
              value={household[key]}
              onChange={(value) => set({ [key]: value })}
            />
          ))}
        </Stack>
        <Stack gap="26px">
          <CupboardEditor
            cupboard={household.cupboard}
            agents={bottles}
            errors={errors}
            onChange={(cupboard) => set({ cupboard })}
          />
          <ProductsEditor
            products={household.products}
            cupboard={household.cupboard}
            hardnessMgL={household.hardnessMgL}
            agents={bottles}
            errors={errors}
            onChange={(products) => set({ products })}
          />
          <ToolsEditor household={household} errors={errors} onChange={set} />
          <PricesEditor
            prices={settings.prices}
            cupboard={household.cupboard}
            agents={bottles}
            errors={errors}
            onChange={(prices) => {
              save.reset();
              setSettings({ ...settings, prices });
            }}
          />
        </Stack>
      </Grid>
      <PositionsEditor
        chosen={household.schools}
        catalogue={catalogue}
        onChange={(schools) => set({ schools })}
      />
      <Flex
        position="sticky"
        bottom="0"
        bg="paper"
        paddingBlock="14px"
        gap="14px"
        alignItems="center"
        borderTop="1px solid"
        borderColor="line"
        marginTop="20px"
      >
        <Button variant="action" size="large" disabled={save.isPending} onClick={() => save.mutate(settings)}>
          Keep these
        </Button>
        {save.isSuccess && <span role="status">Kept. New plans use it.</span>}
        {save.error && (
          <Notice kind="danger" word="Look again">
            {Object.values(errors)[0] ?? save.error.message}
          </Notice>
        )}
      </Flex>
    </Box>
  );
}

function YesNo({
  label,
  value,
  onChange,
}: {
  label: string;
  value: boolean;
  onChange: (value: boolean) => void;
}) {
  return (
    <ChipRow
      label={label}
      chosen={value ? 'yes' : 'no'}
      options={[
        { value: 'yes', text: 'yes' },
        { value: 'no', text: 'no' },
      ]}
      onChoose={(chosen) => onChange(chosen === 'yes')}
    />
  );
}
