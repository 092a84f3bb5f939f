import type {
  AskClashes,
  Catalogue,
  ChangeView,
  Clash,
  ComparedPosition,
  HouseholdRead,
  HouseholdSettings,
  LogRead,
  Mix,
  MixVerdict,
  NewCare,
  NewPhoto,
  NewPiece,
  NewRun,
  NewSavedMix,
  NewTrouble,
  Piece,
  PieceHistory,
  PieceSummary,
  Plan,
  Reference,
  RunView,
  SavedMix,
  TableAnswer,
  TableQuestion,
  Today,
  Trouble,
  TroubleFacts,
  WhatWorksView,
} from '@feverfew/contracts';
import { keepPreviousData, QueryClient, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ApiProblem, request } from './api';

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (count, error) => !(error instanceof ApiProblem && error.status >= 400) && count < 2,
      refetchOnWindowFocus: true,
    },
  },
});

export const useCatalogue = () =>
  useQuery({
    queryKey: ['catalogue'],
    queryFn: ({ signal }) => request<Catalogue>('GET', '/catalogue', undefined, signal),
    staleTime: Number.POSITIVE_INFINITY,
  });

export const useHousehold = () =>
  useQuery({
    queryKey: ['household'],
    queryFn: ({ signal }) => request<HouseholdSettings>('GET', '/household', undefined, signal),
  });

export const useToday = () =>
  useQuery({
    queryKey: ['today'],
    queryFn: ({ signal }) => request<Today>('GET', '/today', undefined, signal),
    refetchInterval: 60_000,
  });

export const usePieces = () =>
  useQuery({
    queryKey: ['pieces'],
    queryFn: ({ signal }) => request<PieceSummary[]>('GET', '/pieces', undefined, signal),
  });

export const usePiece = (id: string) =>
  useQuery({
    queryKey: ['pieces', id],
    queryFn: ({ signal }) => request<PieceHistory>('GET', `/pieces/${id}`, undefined, signal),
  });

export const useTrouble = (id: string | undefined) =>
  useQuery({
    queryKey: ['troubles', id],
    queryFn: ({ signal }) => request<Trouble>('GET', `/troubles/${id}`, undefined, signal),
    enabled: id !== undefined,
  });

/** A plan for facts that are still being told; the last good one stays on screen while the next is on its way. */
export const usePreview = (facts: TroubleFacts) =>
  useQuery({
    queryKey: ['preview', facts],
    queryFn: ({ signal }) => request<Plan>('POST', '/plans/preview', facts, signal),
    placeholderData: keepPreviousData,
    staleTime: 60_000,
    retry: false,
  });

/** The same facts under every view of a dispute; asked only while the comparison is open. */
export const useComparePositions = (facts: TroubleFacts, dispute: string) =>
  useQuery({
    queryKey: ['compare', dispute, facts],
    queryFn: ({ signal }) =>
      request<ComparedPosition[]>('POST', '/plans/compare', { facts, dispute }, signal),
    staleTime: 60_000,
  });

/** What would have to be otherwise for a method to be offered; asked on demand. */
export const useWhatWouldChange = (facts: TroubleFacts, methodId: string) =>
  useQuery({
    queryKey: ['whatWouldChange', methodId, facts],
    queryFn: ({ signal }) =>
      request<ChangeView[][]>('POST', '/plans/what-would-change', { facts, methodId }, signal),
    staleTime: 60_000,
  });

/** What the mix on the table is; the last answer stays on screen while the next is on its way. */
export const useJudgeMix = (mix: Mix | null) =>
  useQuery({
    queryKey: ['mix', mix],
    queryFn: ({ signal }) => request<MixVerdict>('POST', '/mixes/judge', mix, signal),
    enabled: mix !== null,
    placeholderData: keepPreviousData,
    staleTime: 60_000,
    retry: false,
  });

/** One question of the table; asked once all its numbers are told. */
export const useTableAnswer = (question: TableQuestion | null) =>
  useQuery({
    queryKey: ['tableAnswer', question],
    queryFn: ({ signal }) => request<TableAnswer>('POST', '/mixes/answer', question, signal),
    enabled: question !== null,
    placeholderData: keepPreviousData,
    staleTime: 60_000,
    retry: false,
  });

export const useSavedMixes = () =>
  useQuery({
    queryKey: ['shelf'],
    queryFn: ({ signal }) => request<SavedMix[]>('GET', '/mixes', undefined, signal),
  });

export const useReference = () =>
  useQuery({
    queryKey: ['reference'],
    queryFn: ({ signal }) => request<Reference>('GET', '/reference', undefined, signal),
    staleTime: Number.POSITIVE_INFINITY,
  });

export const useRun = (id: string) =>
  useQuery({
    queryKey: ['runs', id],
    queryFn: ({ signal }) => request<RunView>('GET', `/runs/${id}`, undefined, signal),
    refetchInterval: 60_000,
    refetchIntervalInBackground: true,
  });

export function useSaved<Body, Answer>(send: (body: Body) => Promise<Answer>, stale: readonly string[]) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSuccess: () => Promise.all(stale.map((key) => client.invalidateQueries({ queryKey: [key] }))),
  });
}

export const useSaveHousehold = () =>
  useSaved(
    (settings: HouseholdSettings) => request<HouseholdSettings>('PUT', '/household', settings),
    ['household', 'preview', 'mix', 'tableAnswer', 'shelf'],
  );
export const useImportHousehold = () =>
  useSaved(
    (file: unknown) => request<HouseholdRead>('PUT', '/household/file', file),
    [
      'household',
      'preview',
      'mix',
      'tableAnswer',
      'shelf',
      'today',
      'pieces',
      'troubles',
      'runs',
      'whatWorks',
    ],
  );
export const useKeepMix = () =>
  useSaved((body: NewSavedMix) => request<SavedMix>('POST', '/mixes', body), ['shelf']);
export const useDropMix = () => useSaved((id: string) => request<null>('DELETE', `/mixes/${id}`), ['shelf']);
export const useSavePiece = (id: string) =>
  useSaved((piece: NewPiece) => request<Piece>('PUT', `/pieces/${id}`, piece), ['pieces', 'today']);
export const useKeepTrouble = (id: string | undefined) =>
  useSaved(
    (body: NewTrouble) =>
      id ? request<Trouble>('PUT', `/troubles/${id}`, body) : request<Trouble>('POST', '/troubles', body),
    ['today', 'pieces', 'troubles'],
  );
export const useStartRun = () =>
  useSaved((body: NewRun) => request<RunView>('POST', '/runs', body), ['today', 'pieces', 'troubles']);

export const useReadLog = () =>
  useSaved((csv: string) => request<LogRead>('POST', '/log', { csv }), ['pieces', 'whatWorks', 'preview']);

/** What else would want the same vessel or the machine, were this pass begun now. */
export const useClashes = (asked: AskClashes | null) =>
  useQuery({
    queryKey: ['clashes', asked],
    queryFn: ({ signal }) => request<Clash[]>('POST', '/runs/clashes', asked, signal),
    enabled: asked !== null,
    placeholderData: keepPreviousData,
  });

export const useNoteCare = (pieceId: string) =>
  useSaved(
    (body: NewCare) => request<PieceHistory>('POST', `/pieces/${pieceId}/care`, body),
    ['pieces', 'today'],
  );

export function useKeepPhoto(runId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: NewPhoto) => request<RunView>('POST', `/runs/${runId}/photos`, body),
    onSuccess: (run) => client.setQueryData(['runs', runId], run),
  });
}

export const useWhatWorks = () =>
  useQuery({
    queryKey: ['whatWorks'],
    queryFn: ({ signal }) => request<WhatWorksView>('GET', '/what-works', undefined, signal),
  });
