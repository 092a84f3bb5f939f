import { Box, chakra, Flex } from '@chakra-ui/react';
import type { Catalogue, HouseholdSettings } from '@feverfew/contracts';
import { ChevronRight } from 'lucide-react';
import { useState } from 'react';
import { FormProvider } from 'react-hook-form';
import { Link } from 'react-router';
import { Button } from '../../components/controls/controls';
import { LinkButton } from '../../components/controls/LinkButton';
import { Fold } from '../../components/layout/Fold';
import { PageHeading } from '../../components/layout/PageHeading';
import { Notice } from '../../components/notices/Notice';
import { Failed, Loading } from '../../components/notices/States';
import { useCatalogue } from '../../queries/catalogueQueries';
import { useMay } from '../../queries/deviceQueries';
import { useHousehold } from '../../queries/householdQueries';
import { bottlesOf } from './bottlesOf';
import { CupboardFolds } from './CupboardFolds';
import { HouseFolds } from './HouseFolds';
import { HouseholdFilePanel } from './HouseholdFilePanel';
import { useHouseholdForm } from './useHouseholdForm';

export type HouseRoom = 'house' | 'cupboard';

/** Taps, vessels, who lives here; or what is in the cupboard: where the numbers come from. */
export function HouseholdPage({ show }: { show: HouseRoom }) {
  const settings = useHousehold();
  const catalogue = useCatalogue();
  // After a household file was read in, the page starts again.
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
      {show === 'house' && (
        <Box maxWidth="760px" marginInline="auto" padding={{ base: '8px 16px', md: '8px 28px 24px' }}>
          <Row to="/devices">
            <Box flex="1">
              <Box color="leaf" fontWeight={650}>
                Devices
              </Box>
              <Box color="soft" fontSize="15px">
                Connected devices, and what each may do
              </Box>
            </Box>
            <ChevronRight size={20} strokeWidth={1.8} aria-hidden="true" />
          </Row>
          <Fold title="As a file" summary="take along, read in, log, calendar" purpose="Changes no plan">
            <HouseholdFilePanel onRead={() => setReads(reads + 1)} />
          </Fold>
        </Box>
      )}
    </>
  );
}

/** A part of the house with a page of its own, among those that open in place. */
const Row = chakra(Link, {
  base: {
    display: 'flex',
    alignItems: 'center',
    gap: '8px',
    minHeight: '48px',
    paddingBlock: '4px',
    borderTop: '1px solid',
    borderColor: 'line',
  },
});

interface EditorProps {
  readonly show: HouseRoom;
  readonly start: HouseholdSettings;
  readonly catalogue: Catalogue;
}

function Editor({ show, start, catalogue }: EditorProps) {
  const { form, keep, isPending, isKept, fault } = useHouseholdForm(start);
  const bottles = bottlesOf(catalogue);
  // The cupboard alone says nothing of taps and tubs.
  const told = show === 'house' ? null : start.told && [...start.told, 'agent'];
  return (
    <FormProvider {...form}>
      <Box maxWidth="760px" marginInline="auto" padding={{ base: '8px 16px', md: '24px 28px' }}>
        <Flex justifyContent="space-between" alignItems="baseline" wrap="wrap" marginBottom="12px">
          <PageHeading title={show === 'house' ? 'Your house' : 'Cupboard'} />
          {show === 'house' && (
            <LinkButton to="/setup" variant="plain">
              Step by step
            </LinkButton>
          )}
        </Flex>
        {show === 'cupboard' ? (
          <CupboardFolds bottles={bottles} />
        ) : (
          <HouseFolds catalogue={catalogue} onShown={() => keep(start.told)} />
        )}
        <KeepBar isPending={isPending} isKept={isKept} fault={fault} onKeep={() => keep(told)} />
      </Box>
    </FormProvider>
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
      {useMay('all') ? (
        <Button variant="action" size="large" disabled={isPending} onClick={onKeep}>
          Save
        </Button>
      ) : (
        <Box color="soft">This device may not change anything here.</Box>
      )}
      {isKept && <span role="status">Saved. New plans use it.</span>}
      {fault && (
        <Notice kind="danger" word="Look again">
          {fault}
        </Notice>
      )}
    </Flex>
  );
}
