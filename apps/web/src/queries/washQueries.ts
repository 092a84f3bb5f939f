import type {
  ChangedWash,
  HangLines,
  JoinView,
  LineView,
  NewHeapLine,
  NewHeapLines,
  RolledLines,
  StartLoad,
  WasDry,
  WashedByHand,
  WashView,
} from '@feverfew/contracts';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { request } from '../app/api/api';
import { useSaved } from './queryClient';

/** What a change of the heap makes stale. */
const WASH = ['wash', 'line', 'today'];

export const useWash = () =>
  useQuery({
    queryKey: ['wash'],
    queryFn: ({ signal }) => request<WashView>('GET', '/wash', undefined, signal),
    placeholderData: keepPreviousData,
  });

/** The load that a run's wash may join, or is in. */
export const useJoin = (runId: string) =>
  useQuery({
    queryKey: ['wash', 'with', runId],
    queryFn: ({ signal }) => request<JoinView>('GET', `/wash/with/${runId}`, undefined, signal),
  });

/** Wet things dry by the minute: fetched again from time to time. */
const LINE_EVERY_MS = 60_000;
export const useClothesline = () =>
  useQuery({
    queryKey: ['line'],
    queryFn: ({ signal }) => request<LineView>('GET', '/wash/line', undefined, signal),
    refetchInterval: LINE_EVERY_MS,
  });

export const useAddToHeap = () =>
  useSaved((lines: NewHeapLines['lines']) => request<null>('POST', '/wash/heap', { lines }), WASH);

export const useChangeLine = () =>
  useSaved(
    ({ id, line }: { id: string; line: NewHeapLine }) => request<null>('PUT', `/wash/heap/${id}`, line),
    WASH,
  );

export const useDropLine = () => useSaved((id: string) => request<null>('DELETE', `/wash/heap/${id}`), WASH);

export const useChangeWash = () =>
  useSaved((changed: ChangedWash) => request<null>('PUT', '/wash/settings', changed), WASH);

export const useFillLoad = () =>
  useSaved((load: StartLoad) => request<null>('POST', '/wash/loads', load), WASH);

export const useWashedByHand = () =>
  useSaved((washed: WashedByHand) => request<null>('POST', '/wash/by-hand', washed), [...WASH, 'pieces']);

export const useLoadDone = () =>
  useSaved((id: string) => request<null>('POST', `/wash/loads/${id}/done`), [...WASH, 'pieces', 'today']);

export const useLoadUndo = () =>
  useSaved((id: string) => request<null>('POST', `/wash/loads/${id}/undo`), [...WASH, 'pieces', 'today']);

export const useHang = () =>
  useSaved((hung: HangLines) => request<null>('POST', '/wash/line/hang', hung), WASH);

export const useRolled = () =>
  useSaved((rolled: RolledLines) => request<null>('POST', '/wash/line/rolled', rolled), WASH);

export const useWasDry = () => useSaved((was: WasDry) => request<null>('POST', '/wash/line/dry', was), WASH);

export const useReadForecast = () =>
  useSaved((csv: string) => request<null>('PUT', '/wash/line/forecast', { csv }), WASH);
