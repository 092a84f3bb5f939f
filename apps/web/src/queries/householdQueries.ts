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

export const useHousehold = () =>
  useQuery({
    queryKey: ['household'],
    queryFn: ({ signal }) => request<HouseholdSettings>('GET', '/household', undefined, signal),
  });

/** What a changed household changes. */
const HANGS_ON_HOUSE = ['household', 'preview', 'mix', 'tableAnswer', 'savedMixes', 'today'] as const;

export const useSaveHousehold = () =>
  useSaved(
    (settings: HouseholdSettings) => request<HouseholdSettings>('PUT', '/household', settings),
    HANGS_ON_HOUSE,
  );

/** What of the house this plan hangs on and nobody told; not asked at all of a house that told everything. */
export function useHouseQuestion(facts: TroubleFacts, isAsking: boolean) {
  const told = useHousehold().data?.told ?? null;
  return useQuery({
    queryKey: ['houseQuestion', told, facts] as const,
    queryFn: ({ signal }) => request<HouseQuestionView>('POST', '/plans/house-question', facts, signal),
    enabled: isAsking && told !== null,
    staleTime: 60_000,
    retry: false,
  });
}

export const useAnswerOfHouse = () =>
  useSaved(
    (answer: AnswerOfHouse) => request<HouseholdSettings>('POST', '/household/answer', answer),
    HANGS_ON_HOUSE,
  );

export const useImportHousehold = () =>
  useSaved(
    (file: unknown) => request<HouseholdRead>('PUT', '/household/file', file),
    [
      'household',
      'preview',
      'mix',
      'tableAnswer',
      'savedMixes',
      'today',
      'pieces',
      'troubles',
      'runs',
      'whatWorks',
    ],
  );

export const useReadLog = () =>
  useSaved((csv: string) => request<LogRead>('POST', '/log', { csv }), ['pieces', 'whatWorks', 'preview']);
