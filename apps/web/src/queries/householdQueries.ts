import {
  type AnswerOfHouse,
  type HouseholdSettings,
  type HouseQuestionView,
  PEOPLE_FACTS,
  type PeopleFact,
  type TroubleFacts,
} from '@feverfew/contracts';
import { useQuery } from '@tanstack/react-query';
import { useChange } from './queryClient';
import { queryOf } from './routeQuery';

export const useHousehold = () => useQuery(queryOf('readHousehold'));

export const useSaveHousehold = () => useChange('updateHousehold', (body: HouseholdSettings) => ({ body }));

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
  const query = queryOf('findHouseQuestion', { body: facts });
  const asked = useQuery({
    ...query,
    queryKey: [...query.queryKey, told],
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

export const useAnswerOfHouse = () => useChange('answerAboutHousehold', (body: AnswerOfHouse) => ({ body }));

export const useImportHousehold = () => useChange('importHousehold', (file: unknown) => ({ body: file }));

export const useReadLog = () => useChange('importLog', (csv: string) => ({ body: { csv } }));
