import {
  type AnswerOfHouse,
  type HouseholdRead,
  type HouseholdSettings,
  type HouseQuestionView,
  type LogRead,
  PEOPLE_FACTS,
  type PeopleFact,
  type TroubleFacts,
} from '@feverfew/contracts';
import { useQuery } from '@tanstack/react-query';
import { request } from '../app/api/api';
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

/** The open question about the house, and whether a start waits until it is known who lives there. */
interface HouseAsked {
  readonly question: HouseQuestionView['question'] | undefined;
  readonly isWaiting: boolean;
}

/**
 * What of the house this plan hangs on and was not given; not asked at all of a house that is fully described. Where the
 * server does not answer, the people are asked about all the same.
 */
export function useHouseQuestion(facts: TroubleFacts, isAsking: boolean): HouseAsked {
  const home = useHousehold().data;
  const told = home?.told ?? null;
  const asked = useQuery({
    queryKey: [PLANNED, 'houseQuestion', told, facts] as const,
    queryFn: ({ signal }) => request<HouseQuestionView>('POST', '/plans/house-question', facts, signal),
    enabled: isAsking && told !== null,
    staleTime: 60_000,
    retry: 2,
  });
  if (!isAsking) return { question: undefined, isWaiting: false };
  const unknown = home
    ? PEOPLE_FACTS.filter((one) => told && !told.includes(one) && !home.household[one])
    : [];
  if (asked.isError && unknown.length > 0) return { question: aboutPeople(unknown), isWaiting: false };
  return {
    question: asked.data?.question,
    isWaiting: !home || (unknown.length > 0 && asked.isPending),
  };
}

const aboutPeople = (people: readonly PeopleFact[]): HouseQuestionView['question'] => ({
  fact: 'people',
  entry: null,
  guess: 'none',
  answers: ['some', 'none'],
  people: [...people],
});

export const useAnswerOfHouse = () =>
  useSaved(
    (answer: AnswerOfHouse) => request<HouseholdSettings>('POST', '/household/answer', answer),
    STALE_AFTER.household,
  );

export const useImportHousehold = () =>
  useSaved((file: unknown) => request<HouseholdRead>('PUT', '/household/file', file), CHANGING);

export const useReadLog = () =>
  useSaved((csv: string) => request<LogRead>('POST', '/log', { csv }), ['pieces', 'whatWorks', PLANNED]);
