import { Box, Dialog, Portal, Stack } from '@chakra-ui/react';
import { type Plan, trialPasses } from '@feverfew/contracts';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { v4 as newKey } from 'uuid';
import { useLexicon } from '../../app/useLexicon';
import { ChipRow } from '../../components/controls/ChipRow';
import { Button, ChipButton } from '../../components/controls/controls';
import { Notice } from '../../components/notices/Notice';
import { useMay } from '../../queries/deviceQueries';
import { useStartTrial } from '../../queries/trialQueries';

const MOST = 3;

/** Two or three steps of the plan side by side, to learn which does more. */
export function StartTrial({ plan, troubleId }: { plan: Plan; troubleId: string }) {
  const say = useLexicon();
  const navigate = useNavigate();
  const start = useStartTrial();
  const may = useMay('all');
  const [open, setOpen] = useState(false);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [place, setPlace] = useState<'zones' | 'pieces'>('zones');
  const passes = trialPasses(plan);
  if (passes.length < 2) return null;
  const toggle = (methodId: string) => {
    start.reset();
    setChosen((now) =>
      now.includes(methodId) ? now.filter((id) => id !== methodId) : [...now, methodId].slice(-MOST),
    );
  };
  const begin = () =>
    start.mutate(
      { key: newKey(), troubleId, place, methodIds: [...chosen] },
      { onSuccess: (trial) => void navigate(`/trials/${trial.id}`) },
    );
  if (!may) return null;
  return (
    <Dialog.Root open={open} onOpenChange={(details) => setOpen(details.open)} lazyMount unmountOnExit>
      <Dialog.Trigger asChild>
        <Button>Try two side by side</Button>
      </Dialog.Trigger>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content>
            <Dialog.Title>Which, side by side?</Dialog.Title>
            <Stack gap="3">
              {passes.map((pass) => (
                <ChipButton
                  key={pass.methodId}
                  size="touch"
                  state={chosen.includes(pass.methodId) ? 'chosen' : 'plain'}
                  aria-pressed={chosen.includes(pass.methodId)}
                  onClick={() => toggle(pass.methodId)}
                >
                  {say.name(pass.methodId)}
                </ChipButton>
              ))}
              <ChipRow
                label="Where"
                chosen={place}
                options={[
                  { value: 'zones', text: 'on parts of this piece' },
                  { value: 'pieces', text: 'on like pieces' },
                ]}
                onChoose={(value) => {
                  start.reset();
                  setPlace(value);
                }}
              />
              <Box fontSize="note" color="soft">
                Which goes where, and in which order they are looked at, is drawn.
              </Box>
              {start.error && (
                <Notice kind="warning" role="alert" word="Not like that">
                  {start.error.message}
                </Notice>
              )}
            </Stack>
            <Dialog.Footer>
              <Dialog.CloseTrigger asChild>
                <Button>Leave it</Button>
              </Dialog.CloseTrigger>
              <Button variant="action" disabled={chosen.length < 2 || start.isPending} onClick={begin}>
                Begin the trial
              </Button>
            </Dialog.Footer>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
