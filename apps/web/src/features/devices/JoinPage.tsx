import { Box, Flex, Stack } from '@chakra-ui/react';
import type { JoinHouse } from '@feverfew/contracts';
import { useEffect, useRef, useState } from 'react';
import { useLocation } from 'react-router';
import { Button, Input } from '../../components/controls/controls';
import { FeverfewMark } from '../../components/drawings/Icons';
import { Fold } from '../../components/layout/Fold';
import { PageHeading } from '../../components/layout/PageHeading';
import { Notice } from '../../components/notices/Notice';
import { joinHouse } from '../../queries/deviceQueries';
import { RootCertificate, TrustSteps } from './SafeLine';

/**
 * All that a device sees that is not let in: how it comes in. A key that a camera read is shown at once.
 * @param wasEmptied it was let in before, and what it kept was deleted just now
 */
export function JoinPage({ wasEmptied = false }: { readonly wasEmptied?: boolean }) {
  const { pathname, hash } = useLocation();
  const [code, setCode] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const [isPending, setPending] = useState(false);
  const join = async (shown: JoinHouse) => {
    setPending(true);
    setFault(null);
    try {
      await joinHouse(shown);
      // Reload: earlier answers were for a device without access. Waiting taps are sent then.
      if (pathname === '/join') window.location.replace('/');
      else window.location.reload();
    } catch (error) {
      setFault((error as Error).message);
      setPending(false);
    }
  };
  const key = pathname === '/join' ? hash.slice(1) : '';
  const wasShown = useRef(false);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a key is shown once, however often this is drawn
  useEffect(() => {
    if (!key || wasShown.current) return;
    wasShown.current = true;
    // It does not stay in the address, nor in what the browser remembers of it.
    window.history.replaceState(window.history.state, '', '/join');
    void join({ key });
  }, [key]);
  return (
    <Stack as="main" gap="4.5" maxWidth="32.5rem" marginInline="auto" padding="2rem 1.25rem">
      <Flex gap="2.5" align="center" fontFamily="heading" fontWeight={700} fontSize="title" color="leaf">
        <FeverfewMark />
        Feverfew
      </Flex>
      <PageHeading title="Connect" />
      {wasEmptied && (
        <Notice kind="warning" word="Removed">
          This device is no longer connected. Its copy of the house was deleted. Taps that were not sent yet
          wait until it is connected again.
        </Notice>
      )}
      <Box>
        Connect this device with a code. On a connected device, or on the computer that keeps the house,
        choose More, Devices, Connect a device. It shows the code.
      </Box>
      <Stack
        as="form"
        aria-label="Connect"
        gap="3"
        onSubmit={(event) => {
          event.preventDefault();
          void join({ code });
        }}
      >
        <Box as="label" color="soft" fontSize="note">
          The code
          <Input
            value={code}
            maxLength={40}
            autoCapitalize="characters"
            autoComplete="off"
            autoCorrect="off"
            spellCheck={false}
            minHeight="3.75rem"
            fontSize="display.small"
            letterSpacing="0.06em"
            fontFamily="heading"
            onChange={(event) => setCode(event.currentTarget.value)}
          />
        </Box>
        <Button type="submit" variant="action" size="tub" disabled={isPending || code.trim() === ''}>
          {isPending ? 'Asking …' : 'Connect'}
        </Button>
      </Stack>
      {fault && (
        <Box role="alert">
          <Notice kind="danger" word="Not connected">
            {fault}
          </Notice>
        </Box>
      )}
      {window.isSecureContext || (
        <Box borderBottom="1px solid" borderColor="line">
          <Fold title="A secure connection" summary="if you want one: it can wait">
            <Stack gap="3">
              <Box>
                Once this device trusts the household’s own certificate, it keeps the plan and what runs
                without a line. The address for it, and the figures to compare, stand under Devices.
              </Box>
              <RootCertificate />
              <TrustSteps />
            </Stack>
          </Fold>
        </Box>
      )}
    </Stack>
  );
}
