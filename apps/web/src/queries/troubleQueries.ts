import type { Trouble } from '@feverfew/contracts';
import { useQuery } from '@tanstack/react-query';
import { request } from '../app/api';

export const useTrouble = (id: string | undefined) =>
  useQuery({
    queryKey: ['troubles', id],
    queryFn: ({ signal }) => request<Trouble>('GET', `/troubles/${id}`, undefined, signal),
    enabled: id !== undefined,
  });
