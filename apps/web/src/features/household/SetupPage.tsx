import { Box, Flex, Stack } from '@chakra-ui/react';
import type { Catalogue, HouseFact, HouseholdSettings, PeopleFact } from '@feverfew/contracts';
import { useState } from 'react';
import { FormProvider } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { Button } from '../../components/controls/controls';
import { PageHeading } from '../../components/layout/PageHeading';
import { Notice } from '../../components/notices/Notice';
import { Failed, Loading } from '../../components/notices/States';
import { useCatalogue } from '../../queries/catalogueQueries';
import { useHousehold } from '../../queries/householdQueries';
import { bottlesOf } from './bottlesOf';
import { CupboardEditor } from './CupboardEditor';
import { ProductsEditor } from './ProductsEditor';
import { ToolsEditor } from './ToolsEditor';
import { useHouseholdForm } from './useHouseholdForm';
import { VesselEditor } from './VesselEditor';
import { WaterEditor } from './WaterEditor';
import { WhoLivesHere } from './WhoLivesHere';

/** Each with the household facts it answers. */
const STEPS: readonly { readonly name: string; readonly tells: readonly (HouseFact | PeopleFact)[] }[] = [
  { name: 'Who lives here', tells: ['asthma', 'pregnancy', 'baby', 'pets', 'septic'] },
  { name: 'Water', tells: ['hotTap', 'hardness'] },
  { name: 'Vessels', tells: ['vessels'] },
  { name: 'Measures', tells: [] },
  { name: 'Cupboard', tells: ['agent'] },
  { name: 'Labels', tells: [] },
];

/** First run: six short steps, each of which may be skipped; what is skipped stays a guess and is said to be one. */
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
  const { form, keep, isPending, fault } = useHouseholdForm(start);
  const [step, setStep] = useState(0);
  const [told, setTold] = useState(start.told);
  const { name = '', tells = [] } = STEPS[step] ?? {};
  const next = told && [...told, ...tells];
  const navigate = useNavigate();
  const bottles = bottlesOf(catalogue);
  const last = step === STEPS.length - 1;
  const onward = () => (last ? void navigate('/') : setStep(step + 1));
  return (
    <FormProvider {...form}>
      <Box maxWidth="40rem" marginInline="auto" padding={{ base: '4', md: '1.5rem 1.75rem' }}>
        <PageHeading title="Your house, step by step" />
        <Box color="soft" marginBottom="4" aria-live="polite">
          Step {step + 1} of {STEPS.length}: {name}. What you skip stays a sensible guess; plans say so less
          exactly.
        </Box>
        {step === 0 && (
          <Stack gap="3.5">
            <WhoLivesHere />
          </Stack>
        )}
        {step === 1 && <WaterEditor />}
        {step === 2 && <VesselEditor />}
        {step === 3 && <ToolsEditor />}
        {step === 4 && <CupboardEditor agents={bottles} />}
        {step === 5 && <ProductsEditor agents={bottles} />}
        {fault && (
          <Notice kind="danger" word="Look again">
            {fault}
          </Notice>
        )}
        <Flex gap="2.5" marginTop="5.5" wrap="wrap">
          <Button
            variant="action"
            size="large"
            disabled={isPending}
            onClick={() =>
              keep(next, () => {
                setTold(next);
                onward();
              })
            }
          >
            {last ? 'Save and finish' : 'Save and go on'}
          </Button>
          <Button size="large" onClick={onward}>
            Skip
          </Button>
          {step > 0 && (
            <Button variant="plain" onClick={() => setStep(step - 1)}>
              Back
            </Button>
          )}
        </Flex>
      </Box>
    </FormProvider>
  );
}
