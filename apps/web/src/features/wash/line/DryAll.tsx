import { Box, Flex, Stack } from '@chakra-ui/react';
import type { LineView } from '@feverfew/contracts';
import { useState } from 'react';
import { timeOfDay } from '../../../clock/timeOfDay';
import { Button, Input } from '../../../components/controls/controls';
import { Notice } from '../../../components/notices/Notice';
import { useWasDry } from '../../../queries/washQueries';
import { todayAt } from './lineView';

/** All that hangs was dry at a time. */
export function DryAll({ line }: { line: LineView }) {
  const [at, setAt] = useState('');
  const dry = useWasDry();
  const hanging = line.lines.filter(({ hungAt }) => hungAt !== null);
  const send = () =>
    dry.mutate({ lineIds: hanging.map(({ lineId }) => lineId), at: at ? todayAt(at, line.now) : line.now });
  return (
    <Stack gap="1.5">
      <Flex align="center" gap="2">
        <Box as="label" fontSize="note">
          It was dry at{' '}
          <Input type="time" width="7.5rem" value={at} onChange={(event) => setAt(event.target.value)} />
        </Box>
      </Flex>
      <Button variant="action" disabled={dry.isPending} onClick={send}>
        {at ? `All was dry at ${at}` : `All is dry, ${timeOfDay(line.now)}`}
      </Button>
      {dry.error && (
        <Notice kind="danger" role="alert" word="Not kept">
          {dry.error.message}
        </Notice>
      )}
    </Stack>
  );
}
