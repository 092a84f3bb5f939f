import { Box, Flex, Stack } from '@chakra-ui/react';
import type { DeviceRole, HouseAddress, Invitation } from '@feverfew/contracts';
import { QRCodeSVG } from 'qrcode.react';
import { useRef, useState } from 'react';
import { useServerNow } from '../../clock/useServerNow';
import { ChipRow } from '../../components/controls/ChipRow';
import { Button, Input, Select } from '../../components/controls/controls';
import { Notice } from '../../components/notices/Notice';
import { useDevices, useInvite, withdrawInvitation } from '../../queries/deviceQueries';
import { ROLE_WORDS, ROLES } from './roleWords';

/** Lets the next device in: what it is called and may do, then a picture for its camera and a code for a hand. */
export function LetIn({ addresses }: { addresses: readonly HouseAddress[] }) {
  const [name, setName] = useState('');
  const [role, setRole] = useState<DeviceRole>('all');
  const invite = useInvite();
  const count = useDevices().data?.length ?? 0;
  const shown = invite.data;
  if (shown) return <Shown key={shown.id} invitation={shown} addresses={addresses} onEnd={invite.reset} />;
  return (
    <Stack
      as="form"
      aria-label="Connect a device"
      gap="3"
      onSubmit={(event) => {
        event.preventDefault();
        invite.mutate({ name: name.trim() || `Device ${count + 1}`, role });
      }}
    >
      <Box as="h2" fontSize="heading">
        Connect a device
      </Box>
      <Box as="label" color="soft" fontSize="note" maxWidth="22.5rem">
        Its name
        <Input
          value={name}
          maxLength={40}
          placeholder={`Device ${count + 1}`}
          onChange={(event) => setName(event.currentTarget.value)}
        />
      </Box>
      <ChipRow
        label="What it may do"
        options={ROLES.map((id) => ({ value: id, text: ROLE_WORDS[id].name }))}
        chosen={role}
        onChoose={setRole}
      />
      <Box color="soft" fontSize="note">
        It {ROLE_WORDS[role].means}.
      </Box>
      <Flex>
        <Button type="submit" variant="action" size="large" disabled={invite.isPending}>
          Show the code
        </Button>
      </Flex>
      {invite.error && (
        <Notice kind="danger" role="alert" word="Not done">
          {invite.error.message}
        </Notice>
      )}
    </Stack>
  );
}

interface ShownProps {
  readonly invitation: Invitation;
  readonly addresses: readonly HouseAddress[];
  readonly onEnd: () => void;
}

/** The code while it holds; gone as soon as a device has come in by it. */
function Shown({ invitation, addresses, onEnd }: ShownProps) {
  const { key, code, name, role, holdsMs, id } = invitation;
  const [shownAt] = useState(Date.now);
  const [url, setUrl] = useState(addresses[0]?.url ?? '');
  const devices = useDevices().data;
  // The list as it was when the code was shown: one more is the one that came.
  const before = useRef(devices?.map((device) => device.id));
  before.current ??= devices?.map((device) => device.id);
  const come = devices?.find((device) => before.current && !before.current.includes(device.id));
  const leftMs = shownAt + holdsMs - useServerNow(undefined, shownAt);
  const isOver = leftMs <= 0;
  if (come)
    return (
      <Stack gap="2.5" align="flex-start" role="status">
        <Notice kind="good" word="Connected">
          {come.name}: {ROLE_WORDS[come.role].name.toLowerCase()}.
        </Notice>
        <Button onClick={onEnd}>Connect another</Button>
      </Stack>
    );
  return (
    <Stack as="section" aria-label={`The code for ${name}`} gap="3">
      <Box as="h2" fontSize="heading">
        {name}: {ROLE_WORDS[role].name.toLowerCase()}
      </Box>
      {isOver ? (
        <Box role="status">This code has run out.</Box>
      ) : (
        <Flex gap="6" wrap="wrap" align="center">
          {/* Dark on white whatever the colours of the page: cameras want it so. */}
          <Box bg="#fff" padding="3" borderRadius="md">
            <QRCodeSVG value={`${url}/join#${key}`} size={208} level="M" title="To be read by a camera" />
          </Box>
          <Stack gap="2.5" flex="1" minWidth="13.75rem">
            <Box>Point its camera here. Or open this on it:</Box>
            <Box fontWeight={650} overflowWrap="anywhere">
              {url}
            </Box>
            <Box>and type</Box>
            <Box
              fontFamily="heading"
              fontSize="display.medium"
              fontWeight={700}
              letterSpacing="0.06em"
              data-code=""
            >
              {code}
            </Box>
            <Box color="soft" fontSize="note">
              Once, within {Math.ceil(leftMs / 60_000)} min.
            </Box>
          </Stack>
        </Flex>
      )}
      {!isOver && addresses.length > 1 && (
        <Box as="label" color="soft" fontSize="note" maxWidth="26.25rem">
          It is not found there? Another address of this computer
          <Select value={url} onChange={(event) => setUrl(event.currentTarget.value)}>
            {addresses.map((address) => (
              <option key={address.url}>{address.url}</option>
            ))}
          </Select>
        </Box>
      )}
      <Flex>
        <Button
          onClick={() => {
            // Left, it opens nothing any more. One that was used or has run out is gone already.
            void withdrawInvitation(id).catch(() => undefined);
            onEnd();
          }}
        >
          {isOver ? 'Make another' : 'Leave it'}
        </Button>
      </Flex>
    </Stack>
  );
}
