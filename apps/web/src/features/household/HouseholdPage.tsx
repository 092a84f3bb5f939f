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
import { SHORT } from '../../theme/media';
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
        <Box
          maxWidth="47.5rem"
          marginInline="auto"
          padding={{ base: '0.5rem 1rem', md: '0.5rem 1.75rem 1.5rem' }}
        >
          <Row to="/devices">
            <Box flex="1">
              <Box color="leaf" fontWeight={650}>
                Devices
              </Box>
              <Box color="soft" fontSize="note">
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
    gap: '2',
    minHeight: '3rem',
    paddingBlock: '1',
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
      <Box
        maxWidth={show === 'house' ? '47.5rem' : { base: '67.5rem', xl: '74rem' }}
        marginInline="auto"
        padding={{ base: '0.5rem 1rem', md: '1.25rem 2rem' }}
      >
        <Flex justifyContent="space-between" alignItems="baseline" wrap="wrap" marginBottom="3">
          <PageHeading title={show === 'house' ? 'Your house' : 'Cupboard'} />
          {show === 'house' && (
            <LinkButton to="/setup" variant="plain">
              Step by step
            </LinkButton>
          )}
        </Flex>
        {show === 'cupboard' ? (
          <CupboardFolds bottles={bottles} pairs={catalogue.pairs} />
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
      bottom={{ base: '4rem', md: '0' }}
      css={{ [SHORT]: { bottom: '0' } }}
      bg="card"
      paddingBlock="3.5"
      gap="3.5"
      alignItems="center"
      borderTop="1px solid"
      borderColor="line"
      marginTop="5"
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
