import type { TroubleFacts } from '@feverfew/contracts';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { queryOf } from './routeQuery';

/** A plan for unfinished facts. The last good one stays on screen until the next arrives. */
export const usePreview = (facts: TroubleFacts) =>
  useQuery({
    ...queryOf('previewPlan', { body: facts }),
    placeholderData: keepPreviousData,
    staleTime: 60_000,
    retry: false,
  });

/** What holds while few facts are known, and which questions to ask. The last answer stays until the next arrives. */
export const useFirstThings = (facts: TroubleFacts, isAsking: boolean) => {
  const query = queryOf('findFirstThings', { body: facts });
  const ofMarks = [...query.queryKey, facts.markIds.join()];
  return useQuery({
    ...query,
    queryKey: ofMarks,
    enabled: isAsking,
    // What held for another trouble does not hold for this one.
    placeholderData: (last, previous) => (previous?.queryKey.at(-1) === ofMarks.at(-1) ? last : undefined),
    staleTime: 60_000,
    retry: false,
  });
};

/** The alternatives to a step, before any start; fetched only when they are opened. */
export const usePlanOtherCourse = (facts: TroubleFacts, passIndex: number) =>
  useQuery({ ...queryOf('findPlanAlternatives', { body: { facts, passIndex } }), staleTime: 60_000 });

/** A plan as it was kept. */
export const useKeptPlan = (planId: string) =>
  useQuery({ ...queryOf('readPlan', { params: { id: planId } }), staleTime: Number.POSITIVE_INFINITY });

/** The same facts under every view of a dispute; asked only while the comparison is open. */
export const useComparePositions = (facts: TroubleFacts, dispute: string) =>
  useQuery({ ...queryOf('comparePositions', { body: { facts, dispute } }), staleTime: 60_000 });

/** What would have to be otherwise for a method to be offered; asked on demand. */
export const useWhatWouldChange = (facts: TroubleFacts, methodId: string) =>
  useQuery({ ...queryOf('findChanges', { body: { facts, methodId } }), staleTime: 60_000 });
