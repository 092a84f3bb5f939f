import type {
  ChangeView,
  ComparedPosition,
  FirstThings,
  OtherCourseView,
  Plan,
  TroubleFacts,
} from '@feverfew/contracts';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { request } from '../app/api/api';
import { PLANNED } from './staleAfter';

/** A plan for unfinished facts. The last good one stays on screen until the next arrives. */
export const usePreview = (facts: TroubleFacts) =>
  useQuery({
    queryKey: [PLANNED, 'preview', facts],
    queryFn: ({ signal }) => request<Plan>('POST', '/plans/preview', facts, signal),
    placeholderData: keepPreviousData,
    staleTime: 60_000,
    retry: false,
  });

/** What holds while few facts are known, and which questions to ask. The last answer stays until the next arrives. */
export const useFirstThings = (facts: TroubleFacts, isAsking: boolean) =>
  useQuery({
    queryKey: [PLANNED, 'firstThings', facts.markIds.join(), facts] as const,
    queryFn: ({ signal }) => request<FirstThings>('POST', '/plans/first-things', facts, signal),
    enabled: isAsking,
    // What held for another trouble does not hold for this one.
    placeholderData: (last, query) => (query?.queryKey[2] === facts.markIds.join() ? last : undefined),
    staleTime: 60_000,
    retry: false,
  });

/** The alternatives to a step, before any start; fetched only when they are opened. */
export const usePlanOtherCourse = (facts: TroubleFacts, passIndex: number) =>
  useQuery({
    queryKey: [PLANNED, 'otherCourse', passIndex, facts],
    queryFn: ({ signal }) =>
      request<OtherCourseView>('POST', '/plans/other-course', { facts, passIndex }, signal),
    staleTime: 60_000,
  });

/** A plan as it was kept. */
export const useKeptPlan = (planId: string) =>
  useQuery({
    queryKey: ['plans', planId],
    queryFn: ({ signal }) => request<Plan>('GET', `/plans/${planId}`, undefined, signal),
    staleTime: Number.POSITIVE_INFINITY,
  });

/** The same facts under every view of a dispute; asked only while the comparison is open. */
export const useComparePositions = (facts: TroubleFacts, dispute: string) =>
  useQuery({
    queryKey: [PLANNED, 'compare', dispute, facts],
    queryFn: ({ signal }) =>
      request<ComparedPosition[]>('POST', '/plans/compare', { facts, dispute }, signal),
    staleTime: 60_000,
  });

/** What would have to be otherwise for a method to be offered; asked on demand. */
export const useWhatWouldChange = (facts: TroubleFacts, methodId: string) =>
  useQuery({
    queryKey: [PLANNED, 'whatWouldChange', methodId, facts],
    queryFn: ({ signal }) =>
      request<ChangeView[][]>('POST', '/plans/what-would-change', { facts, methodId }, signal),
    staleTime: 60_000,
  });
