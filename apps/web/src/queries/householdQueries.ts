import type {
  AnswerOfHouse,
  HouseholdRead,
  HouseholdSettings,
  HouseQuestionView,
  LogRead,
  TroubleFacts,
} from '@feverfew/contracts';
import { useQuery } from '@tanstack/react-query';
import { request } from '../app/api';
import { useSaved } from './queryClient';
import { CHANGING, PLANNED, STALE_AFTER } from './staleAfter';

export const useHousehold = () =>
  useQuery({
    queryKey: ['household'],
    queryFn: ({ signal }) => request<HouseholdSettings>('GET', '/household', undefined, signal),
  });

export const useSaveHousehold = () =>
  useSaved(
    (settings: HouseholdSettings) => request<HouseholdSettings>('PUT', '/household', settings),
    STALE_AFTER.household,
  );

/** What of the house this plan hangs on and nobody told; not asked at all of a house that told everything. */
export function useHouseQuestion(facts: TroubleFacts, isAsking: boolean) {
  const told = useHousehold().data?.told ?? null;
  return useQuery({
    queryKey: [PLANNED, 'houseQuestion', told, facts] as const,
    queryFn: ({ signal }) => request<HouseQuestionView>('POST', '/plans/house-question', facts, signal),
    enabled: isAsking && told !== null,
    staleTime: 60_000,
    retry: false,
  });
}

export const useAnswerOfHouse = () =>
  useSaved(
    (answer: AnswerOfHouse) => request<HouseholdSettings>('POST', '/household/answer', answer),
    STALE_AFTER.household,
  );

export const useImportHousehold = () =>
  useSaved((file: unknown) => request<HouseholdRead>('PUT', '/household/file', file), CHANGING);

export const useReadLog = () =>
  useSaved((csv: string) => request<LogRead>('POST', '/log', { csv }), ['pieces', 'whatWorks', PLANNED]);
