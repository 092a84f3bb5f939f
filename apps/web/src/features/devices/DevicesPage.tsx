import { Box, Stack } from '@chakra-ui/react';
import type { HouseNetwork } from '@feverfew/contracts';
import { Button } from '../../components/controls/controls';
import { Fold } from '../../components/layout/Fold';
import { PageHeading } from '../../components/layout/PageHeading';
import { Notice } from '../../components/notices/Notice';
import { Failed, Loading } from '../../components/notices/States';
import { useNetwork, useSetNetwork, useWhoIAm } from '../../queries/deviceQueries';
import { DeviceList } from './DeviceList';
import { LetIn } from './LetIn';
import { SafeLine } from './SafeLine';

/** Which other devices reach this house, and what each may do. */
export function DevicesPage() {
  const network = useNetwork();
  if (network.isError) return <Failed error={network.error} onRetry={() => void network.refetch()} />;
  if (!network.data) return <Loading what="the devices" />;
  const { isOpen, addresses, fault } = network.data;
  return (
    <Stack
      gap="4"
      maxWidth="47.5rem"
      marginInline="auto"
      padding={{ base: '0.5rem 1rem 2.5rem', md: '1.5rem 1.75rem' }}
    >
      <PageHeading title="Devices" />
      {!isOpen && <Switch isOpen={isOpen} />}
      {fault && (
        <Notice kind="warning" word="Not as it was wanted">
          {fault}
        </Notice>
      )}
      {isOpen && <LetIn addresses={addresses} />}
      <DeviceList />
      {isOpen && <Ways network={network.data} />}
      {isOpen && <Switch isOpen={isOpen} />}
    </Stack>
  );
}

function Switch({ isOpen }: { isOpen: boolean }) {
  const set = useSetNetwork();
  const isFromElsewhere = useWhoIAm()?.deviceId !== null;
  return (
    <Stack as="section" aria-label="Other devices" gap="2.5" align="flex-start">
      <Box maxWidth="64ch">
        {isOpen
          ? 'Other devices in your network reach this house. Each is connected once, with a code.'
          : 'Only this computer can reach this house. Allow other devices to use a phone at the tub.'}
      </Box>
      <Button
        variant={isOpen ? 'outline' : 'action'}
        size={isOpen ? 'medium' : 'large'}
        disabled={set.isPending}
        onClick={() => set.mutate(!isOpen)}
      >
        {isOpen ? 'Block all other devices' : 'Allow other devices'}
      </Button>
      {isOpen && isFromElsewhere && (
        <Box color="soft" fontSize="note">
          This device is blocked too. Allow devices again on the computer that keeps the house.
        </Box>
      )}
      {set.error && (
        <Notice kind="danger" role="alert" word="Not done">
          {set.error.message}
        </Notice>
      )}
    </Stack>
  );
}

function Ways({ network }: { network: HouseNetwork }) {
  return (
    <Box borderBottom="1px solid" borderColor="line">
      <Fold
        title="A secure connection"
        summary="https, and what it brings"
        purpose="Works out of reach of the house, and keeps the screen on"
      >
        <SafeLine network={network} />
      </Fold>
      <Fold title="Addresses" summary={`${network.addresses.length}`} purpose="To type into a browser">
        <Stack as="ul" listStyleType="none" gap="1.5">
          {network.addresses.map(({ url, isSafe }) => (
            <Box as="li" key={url} overflowWrap="anywhere">
              {url}{' '}
              {isSafe && (
                <Box as="span" color="soft">
                  secure
                </Box>
              )}
            </Box>
          ))}
        </Stack>
      </Fold>
    </Box>
  );
}
