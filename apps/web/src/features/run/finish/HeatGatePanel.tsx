import { Box, Dialog, Portal } from '@chakra-ui/react';
import { heatEndangersPeople, type RunView } from '@feverfew/contracts';
import { Flame, ShieldCheck, TriangleAlert } from 'lucide-react';
import { useState } from 'react';
import { Button, ChipButton } from '../../../components/controls/controls';
import { RUN_HEAT_WORDS } from '../../../components/text/runWords';
import type { Say } from '../useSay';

const SHAPES = { closed: TriangleAlert, open: ShieldCheck, overridden: Flame } as const;
const REASONS = ['What is left I accept', 'The piece is for rough use', 'It has to be dry now'] as const;

/** Heat would set what is there, in a dryer or under an iron: the plan says so. */
export const heatSetsIt = ({ plan }: RunView): boolean =>
  plan.findings.some(({ code }) => code === 'noHeatBeforeGone');

/** No heat before it is gone: a gate that a look opens, or a deliberate word where only the piece is at stake. */
export function HeatGatePanel({ run, say }: { run: RunView; say: Say }) {
  const [open, setOpen] = useState(false);
  const { heat } = run.state;
  const Shape = SHAPES[heat];
  // Stale smell and lime are set by no heat: nothing to guard.
  if (!heatSetsIt(run)) return null;
  const mayWaive = heat === 'closed' && !heatEndangersPeople(run.plan, run.state);
  return (
    <Box display="flex" gap="2.5" alignItems="center" flexWrap="wrap" fontSize="lead" data-heat={heat}>
      <Shape size={24} strokeWidth={1.8} aria-hidden="true" />
      <Box flex="1" minWidth="13.75rem">
        {RUN_HEAT_WORDS[heat]}
      </Box>
      {mayWaive && (
        <Dialog.Root open={open} onOpenChange={(details) => setOpen(details.open)} lazyMount unmountOnExit>
          <Dialog.Trigger asChild>
            <Button variant="plain">Heat all the same</Button>
          </Dialog.Trigger>
          <Portal>
            <Dialog.Backdrop />
            <Dialog.Positioner>
              <Dialog.Content>
                <Dialog.Title>Heat before it is gone?</Dialog.Title>
                <Box marginBottom="3">
                  What is left will most likely stay for good. The tag’s own limits for dryer and iron still
                  hold. Say why: it is written into the log.
                </Box>
                <Box display="flex" flexDirection="column" gap="2.5">
                  {REASONS.map((reason) => (
                    <ChipButton
                      key={reason}
                      size="touch"
                      minHeight="3.5rem"
                      state="forbidden"
                      disabled={say.pending}
                      onClick={() => {
                        say.send({ kind: 'heatAllowed', reason });
                        setOpen(false);
                      }}
                    >
                      {reason}: allow heat
                    </ChipButton>
                  ))}
                  <Dialog.CloseTrigger asChild>
                    <Button size="tub" variant="action">
                      No heat
                    </Button>
                  </Dialog.CloseTrigger>
                </Box>
              </Dialog.Content>
            </Dialog.Positioner>
          </Portal>
        </Dialog.Root>
      )}
    </Box>
  );
}
