import { Box, Flex } from '@chakra-ui/react';
import type { Catalogue, HouseholdSettings } from '@feverfew/contracts';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { ApiProblem } from '../../app/api';
import { useCatalogue, useHousehold, useSaveHousehold } from '../../app/queries';
import { Button } from '../../components/controls';
import { Notice } from '../../components/Notice';
import { Failed, Loading } from '../../components/States';
import { bottlesOf } from './bottlesOf';
import { CupboardEditor } from './CupboardEditor';
import { ProductsEditor } from './ProductsEditor';
import { ToolsEditor } from './ToolsEditor';
import { VesselEditor } from './VesselEditor';
import { WaterEditor } from './WaterEditor';

const STEPS = ['Water', 'Vessels', 'Measures', 'Cupboard', 'Labels'] as const;

/** First run: five short steps, each of which may be skipped; what is skipped stays a guess and is said to be one. */
export function SetupPage() {
  const settings = useHousehold();
  const catalogue = useCatalogue();
  const failed = settings.error ?? catalogue.error;
  if (failed)
    return (
      <Failed error={failed} onRetry={() => void Promise.all([settings.refetch(), catalogue.refetch()])} />
    );
  if (!settings.data || !catalogue.data) return <Loading what="the household" />;
  return <Steps start={settings.data} catalogue={catalogue.data} />;
}

function Steps({ start, catalogue }: { start: HouseholdSettings; catalogue: Catalogue }) {
  const [settings, setSettings] = useState(start);
  const [step, setStep] = useState(0);
  const save = useSaveHousehold();
  const navigate = useNavigate();
  const errors = save.error instanceof ApiProblem ? save.error.fields : {};
  const { household } = settings;
  const set = (change: Partial<HouseholdSettings['household']>) => {
    save.reset();
    setSettings({ ...settings, household: { ...household, ...change } });
  };
  const bottles = bottlesOf(catalogue);
  const last = step === STEPS.length - 1;
  const go = () =>
    save.mutate(settings, { onSuccess: () => (last ? void navigate('/') : setStep(step + 1)) });
  return (
    <Box maxWidth="640px" marginInline="auto" padding={{ base: '16px', md: '24px 28px' }}>
      <Box as="h1" fontSize="26px">
        Your household, step by step
      </Box>
      <Box color="soft" marginBottom="16px" aria-live="polite">
        Step {step + 1} of {STEPS.length}: {STEPS[step]}. What you skip stays a sensible guess; plans say so
        less exactly.
      </Box>
      {step === 0 && <WaterEditor household={household} errors={errors} onChange={set} />}
      {step === 1 && (
        <VesselEditor vessels={household.vessels} errors={errors} onChange={(vessels) => set({ vessels })} />
      )}
      {step === 2 && <ToolsEditor household={household} errors={errors} onChange={set} />}
      {step === 3 && (
        <CupboardEditor
          cupboard={household.cupboard}
          agents={bottles}
          errors={errors}
          onChange={(cupboard) => set({ cupboard })}
        />
      )}
      {step === 4 && (
        <ProductsEditor
          products={household.products}
          cupboard={household.cupboard}
          hardnessMgL={household.hardnessMgL}
          agents={bottles}
          errors={errors}
          onChange={(products) => set({ products })}
        />
      )}
      {save.error && (
        <Notice kind="danger" word="Look again">
          {Object.values(errors)[0] ?? save.error.message}
        </Notice>
      )}
      <Flex gap="10px" marginTop="22px" wrap="wrap">
        <Button variant="action" size="large" disabled={save.isPending} onClick={go}>
          {last ? 'Keep and finish' : 'Keep and go on'}
        </Button>
        <Button size="large" onClick={() => (last ? void navigate('/') : setStep(step + 1))}>
          Skip
        </Button>
        {step > 0 && (
          <Button variant="plain" onClick={() => setStep(step - 1)}>
            Back
          </Button>
        )}
      </Flex>
    </Box>
  );
}
