import { Box } from '@chakra-ui/react';
import type { Today } from '@feverfew/contracts';
import { upperFirst } from '@feverfew/contracts';
import { applyUpdate, useUpdateAvailable } from '../../app/offline/appUpdate';
import { spanText } from '../../clock/timerView';
import { Button } from '../../components/controls/controls';
import { Notice } from '../../components/notices/Notice';
import { useConfirmClock } from '../../queries/clockQueries';
import { useMay } from '../../queries/deviceQueries';

/** What is amiss with the computer that keeps this house, and what to do about it. */
export function HouseNotices({ backupFault, clockJumpMs }: Pick<Today, 'backupFault' | 'clockJumpMs'>) {
  return (
    <>
      <Newer />
      {clockJumpMs !== null && <ClockJumped byMs={clockJumpMs} />}
      {backupFault !== null && (
        <Notice kind="warning" word="No backup today">
          {upperFirst(backupFault)} It is tried again every hour. What you do here is kept all the same.
        </Notice>
      )}
    </>
  );
}

function Newer() {
  if (!useUpdateAvailable()) return null;
  return (
    <Notice kind="note" word="A newer Feverfew">
      It is on this device already, and is taken when you say so. What runs goes on.
      <Box marginTop="2">
        <Button onClick={applyUpdate}>Take it now</Button>
      </Box>
    </Notice>
  );
}

function ClockJumped({ byMs }: { byMs: number }) {
  const isRight = useConfirmClock();
  const may = useMay('all');
  return (
    <Notice kind="warning" word="The clock jumped">
      The clock of the computer that keeps this house was put {byMs > 0 ? 'forward' : 'back'} by{' '}
      {spanText(Math.abs(byMs))}. What runs goes on by the time that really passed. Is that clock wrong, set
      it right there.
      {may && (
        <Box marginTop="2">
          <Button disabled={isRight.isPending} onClick={() => isRight.mutate()}>
            It is right now
          </Button>
        </Box>
      )}
      {isRight.isError && isRight.error.message}
    </Notice>
  );
}
