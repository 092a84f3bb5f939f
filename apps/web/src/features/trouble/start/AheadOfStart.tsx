import { Stack } from '@chakra-ui/react';
import type { TroubleFacts } from '@feverfew/contracts';
import { ClashNotice } from '../../../components/notices/ClashNotice';
import { useClashes } from '../../../queries/runQueries';

/** Before a start: the vessel or the machine is wanted by something that soaks already. */
export function AheadOfStart({ facts, passIndex }: { facts: TroubleFacts; passIndex: number }) {
  const { data } = useClashes({ facts, passIndex });
  if (!data || data.length === 0) return null;
  return (
    <Stack gap="1.5" padding="0 1.625rem 0.625rem" role="group" aria-label="Before you start">
      {data.map((clash) => (
        <ClashNotice key={clash.kind + clash.fromAt + clash.runIds.join()} clash={clash} />
      ))}
    </Stack>
  );
}
