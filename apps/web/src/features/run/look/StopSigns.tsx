import { Stack } from '@chakra-ui/react';
import type { Action } from '@feverfew/contracts';
import { OctagonAlert } from 'lucide-react';
import { Button } from '../../../components/controls/controls';
import { useCatalogue } from '../../../queries/catalogueQueries';
import type { Say } from '../useSay';
import { LookAnswerButton } from './LookAnswerButton';

/** Which stop sign: one tap, and the stop rule holds at once. */
export function StopSigns({ action, say, onBack }: { action: Action; say: Say; onBack: () => void }) {
  const signs = useCatalogue().data?.signs ?? [];
  const alarms = action.alarmSignIds.flatMap((id) => signs.find((sign) => sign.id === id) ?? []);
  return (
    <Stack gap="2.5" role="group" aria-label="Which stop sign?">
      {alarms.map((sign) => (
        <LookAnswerButton
          key={sign.id}
          type="button"
          grave
          disabled={say.pending}
          onClick={() => say.send({ kind: 'looked', answer: 'wrong', leftPct: null, signIds: [sign.id] })}
        >
          <OctagonAlert size={26} strokeWidth={1.8} aria-hidden="true" />
          <span>{sign.text}</span>
        </LookAnswerButton>
      ))}
      <LookAnswerButton
        type="button"
        grave
        disabled={say.pending}
        onClick={() => say.send({ kind: 'looked', answer: 'wrong', leftPct: null })}
      >
        <OctagonAlert size={26} strokeWidth={1.8} aria-hidden="true" />
        <span>Something else is wrong</span>
      </LookAnswerButton>
      <Button size="tub" onClick={onBack}>
        No, all is well
      </Button>
    </Stack>
  );
}
