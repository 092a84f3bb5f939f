import type { NewTrouble, Trouble, TroubleSummary } from '@feverfew/contracts';
import { useQuery } from '@tanstack/react-query';
import { request } from '../app/api/api';
import { useSaved } from './queryClient';

export const useDeleteTrouble = () =>
  useSaved((id: string) => request<null>('DELETE', `/troubles/${id}`), ['today', 'pieces']);

/** Saved again as it was entered. */
export const useKeepTrouble = () =>
  useSaved(
    (trouble: NewTrouble) => request<TroubleSummary>('POST', '/troubles', trouble),
    ['today', 'pieces', 'troubles'],
  );

export const useTrouble = (id: string | undefined) =>
  useQuery({
    queryKey: ['troubles', id],
    queryFn: ({ signal }) => request<Trouble>('GET', `/troubles/${id}`, undefined, signal),
    enabled: id !== undefined,
  });
