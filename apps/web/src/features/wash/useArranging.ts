import type { WashView } from '@feverfew/contracts';
import { useState } from 'react';
import { useChangeWash } from '../../queries/washQueries';
import { moved } from './washView';

type Arranged = Pick<WashView['settings'], 'arrangement' | 'leftOut' | 'best'>;

/** Moving pieces between drums by hand, with a way back to how they were. */
export function useArranging(wash: WashView) {
  const change = useChangeWash();
  const [liftedId, setLifted] = useState<string | null>(null);
  const [before, setBefore] = useState<{ was: Arranged; said: string } | null>(null);
  const { arrangement, leftOut, best } = wash.settings;
  const set = (next: Partial<Arranged>, said: string) => {
    setBefore({ was: { arrangement, leftOut, best }, said });
    setLifted(null);
    change.mutate(next);
  };
  const lifted = wash.pieces.find(({ id }) => id === liftedId) ?? null;
  return {
    lifted,
    lift: (id: string | null) => setLifted((now) => (now === id ? null : id)),
    isBusy: change.isPending,
    error: change.error,
    said: before?.said ?? null,
    put: (pieceId: string, to: number | 'own' | 'heap') => {
      const name = wash.pieces.find(({ id }) => id === pieceId)?.name ?? 'It';
      const where =
        to === 'heap' ? 'out of this wash' : to === 'own' ? 'in a drum of its own' : `in drum ${to + 1}`;
      set(moved(wash, pieceId, to), `${name} is ${where}.`);
    },
    sort: (wish: number) => set({ arrangement: null, best: wish }, 'Sorted again.'),
    even: (groups: string[][]) => set({ arrangement: groups }, 'The drums are evenly full.'),
    undo: () => {
      if (before) change.mutate(before.was);
      setBefore(null);
    },
  };
}
export type Arranging = ReturnType<typeof useArranging>;
