import type { NewRunEvent } from '@feverfew/contracts';
import { useSayToRun } from '../../app/queries';

export interface Say {
  readonly send: (event: NewRunEvent['event']) => void;
  readonly pending: boolean;
  readonly error: Error | null;
}

/** Reports what was done; each tap has a key of its own, so a retry after a lost answer counts once. */
export function useSay(runId: string): Say {
  const mutation = useSayToRun(runId);
  return {
    send: (event) => {
      if (!mutation.isPending) mutation.mutate({ key: crypto.randomUUID(), event });
    },
    pending: mutation.isPending,
    error: mutation.error,
  };
}
