import type { NewTrouble, Trouble } from '@feverfew/contracts';
import { useQuery } from '@tanstack/react-query';
import { request } from '../app/api';
import { useSaved } from './queryClient';

export const useTrouble = (id: string | undefined) =>
  useQuery({
    queryKey: ['troubles', id],
    queryFn: ({ signal }) => request<Trouble>('GET', `/troubles/${id}`, undefined, signal),
    enabled: id !== undefined,
  });

export const useKeepTrouble = (id: string | undefined) =>
  useSaved(
    (body: NewTrouble) =>
      id ? request<Trouble>('PUT', `/troubles/${id}`, body) : request<Trouble>('POST', '/troubles', body),
    ['today', 'pieces', 'troubles'],
  );
