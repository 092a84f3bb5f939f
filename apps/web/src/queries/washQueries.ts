import type {
  ChangedWash,
  HangLines,
  NewHeapLine,
  NewHeapLines,
  RolledLines,
  StartLoad,
  WasDry,
  WashedByHand,
} from '@feverfew/contracts';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useChange } from './queryClient';
import { queryOf } from './routeQuery';

export const useWash = () => useQuery({ ...queryOf('readWash'), placeholderData: keepPreviousData });

/** The load that a run's wash may join, or is in. */
export const useJoin = (runId: string) => useQuery(queryOf('findLoadOfRun', { params: { id: runId } }));

/** Wet things dry by the minute: fetched again from time to time. */
const LINE_EVERY_MS = 60_000;
export const useClothesline = () =>
  useQuery({ ...queryOf('readClothesline'), refetchInterval: LINE_EVERY_MS });

export const useAddToHeap = () =>
  useChange('addToHeap', (lines: NewHeapLines['lines']) => ({ body: { lines } }));

export const useChangeLine = () =>
  useChange('updateHeapLine', ({ id, line }: { id: string; line: NewHeapLine }) => ({
    params: { id },
    body: line,
  }));

export const useDropLine = () => useChange('deleteHeapLine', (id: string) => ({ params: { id } }));

export const useChangeWash = () => useChange('updateWashSettings', (body: ChangedWash) => ({ body }));

export const useFillLoad = () => useChange('startLoad', (body: StartLoad) => ({ body }));

export const useWashedByHand = () => useChange('addHandWash', (body: WashedByHand) => ({ body }));

export const useLoadDone = () => useChange('finishLoad', (id: string) => ({ params: { id } }));

export const useLoadUndo = () => useChange('undoLoad', (id: string) => ({ params: { id } }));

export const useHang = () => useChange('hangLines', (body: HangLines) => ({ body }));

export const useRolled = () => useChange('rollLines', (body: RolledLines) => ({ body }));

export const useWasDry = () => useChange('markDry', (body: WasDry) => ({ body }));

export const useReadForecast = () => useChange('importForecast', (csv: string) => ({ body: { csv } }));
