import { Stack } from '@chakra-ui/react';
import { ClashNotice } from '../../components/ClashNotice';
import { useClashes } from '../../queries/runQueries';

/** Before a start: the vessel or the machine is wanted by something that soaks already. */
export function AheadOfStart({ planId, rungIndex }: { planId: string; rungIndex: number }) {
  const { data } = useClashes({ planId, rungIndex });
  if (!data || data.length === 0) return null;
  return (
    <Stack gap="6px" padding="0 26px 10px" role="group" aria-label="Before you start">
      {data.map((clash) => (
        <ClashNotice key={clash.kind + clash.fromAt + clash.runIds.join()} clash={clash} />
      ))}
    </Stack>
  );
}
