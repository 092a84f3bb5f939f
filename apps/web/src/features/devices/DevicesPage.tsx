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
      gap="16px"
      maxWidth="760px"
      marginInline="auto"
      padding={{ base: '8px 16px 40px', md: '24px 28px' }}
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
    <Stack as="section" aria-label="Open or shut" gap="10px" align="flex-start">
      <Box maxWidth="64ch">
        {isOpen
          ? 'Other devices in your network reach this house. Each has to be let in once.'
          : 'Only this computer reaches this house. Open it, and a phone can be taken to the tub.'}
      </Box>
      <Button
        variant={isOpen ? 'outline' : 'action'}
        size={isOpen ? 'medium' : 'large'}
        disabled={set.isPending}
        onClick={() => set.mutate(!isOpen)}
      >
        {isOpen ? 'Shut it to all other devices' : 'Open it to other devices'}
      </Button>
      {isOpen && isFromElsewhere && (
        <Box color="soft" fontSize="15px">
          This device goes out with them. It is opened again on the computer that keeps the house.
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
        title="A safe line"
        summary="https, and what it brings"
        purpose="Goes on where the house is out of reach, keeps the screen on"
      >
        <SafeLine network={network} />
      </Fold>
      <Fold title="Addresses" summary={`${network.addresses.length}`} purpose="To type into a browser">
        <Stack as="ul" listStyleType="none" gap="6px">
          {network.addresses.map(({ url, isSafe }) => (
            <Box as="li" key={url} overflowWrap="anywhere">
              {url}{' '}
              {isSafe && (
                <Box as="span" color="soft">
                  safe line
                </Box>
              )}
            </Box>
          ))}
        </Stack>
      </Fold>
    </Box>
  );
}
