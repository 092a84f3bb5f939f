import { Box, Flex, Stack } from '@chakra-ui/react';
import type { Device, DeviceRole } from '@feverfew/contracts';
import { formatDistance } from 'date-fns';
import { useState } from 'react';
import { Button, Input, Select } from '../../components/controls/controls';
import { Notice } from '../../components/notices/Notice';
import { Empty } from '../../components/notices/States';
import { useChangeDevice, useDevices, useRemoveDevice, useWhoIAm } from '../../queries/deviceQueries';
import { ROLE_WORDS, ROLES } from './roleWords';

/** The devices that were let in. */
export function DeviceList() {
  const devices = useDevices();
  if (!devices.data) return null;
  return (
    <Box as="section" aria-label="Connected devices">
      <Box as="h2" fontSize="heading">
        Connected devices
      </Box>
      {devices.data.length === 0 && <Empty>No other device yet.</Empty>}
      <Box as="ul" listStyleType="none">
        {devices.data.map((device) => (
          <Row key={device.id} device={device} seenAsOf={devices.dataUpdatedAt} />
        ))}
      </Box>
    </Box>
  );
}

/** Seen within this is seen now. */
const NOW_MS = 90_000;

function Row({ device, seenAsOf }: { device: Device; seenAsOf: number }) {
  const { id, name, role } = device;
  const change = useChangeDevice();
  const remove = useRemoveDevice();
  const [isSure, setSure] = useState(false);
  const isThis = useWhoIAm()?.deviceId === id;
  const error = change.error ?? remove.error;
  return (
    <Box as="li" borderBottom="1px solid" borderColor="line" paddingBlock="2.5">
      <Flex gap="2.5" wrap="wrap" align="center">
        <Box flex="1 1 12.5rem">
          <Input
            aria-label={`Name of ${name}`}
            defaultValue={name}
            key={name}
            maxLength={40}
            onBlur={(event) => {
              const next = event.currentTarget.value.trim();
              if (next && next !== name) change.mutate({ id, name: next, role });
              else event.currentTarget.value = name;
            }}
            onKeyDown={(event) => {
              if (event.key === 'Enter') event.currentTarget.blur();
            }}
          />
        </Box>
        <Box flex="0 1 10rem">
          <Select
            aria-label={`What ${name} may do`}
            value={role}
            disabled={change.isPending}
            onChange={(event) => change.mutate({ id, name, role: event.currentTarget.value as DeviceRole })}
          >
            {ROLES.map((one) => (
              <option key={one} value={one}>
                {ROLE_WORDS[one].name}
              </option>
            ))}
          </Select>
        </Box>
        {isSure ? (
          <Flex gap="2">
            <Button variant="danger" disabled={remove.isPending} onClick={() => remove.mutate(id)}>
              Remove {isThis ? 'this device' : 'it'}
            </Button>
            <Button onClick={() => setSure(false)}>Keep it</Button>
          </Flex>
        ) : (
          <Button variant="plain" aria-label={`Remove ${name}`} onClick={() => setSure(true)}>
            Remove
          </Button>
        )}
      </Flex>
      <Box color="soft" fontSize="note" marginTop="1">
        {isThis ? 'This device. ' : ''}
        {seenText(device, seenAsOf)}
      </Box>
      {error && (
        <Stack marginTop="2">
          <Notice kind="danger" role="alert" word="Not done">
            {error.message}
          </Notice>
        </Stack>
      )}
    </Box>
  );
}

/** Let in, when it was last seen. */
function seenText({ lastSeenAt }: Device, asOf: number): string {
  const at = Date.parse(lastSeenAt);
  return asOf - at < NOW_MS ? 'Seen just now.' : `Last seen ${formatDistance(at, asOf)} ago.`;
}
