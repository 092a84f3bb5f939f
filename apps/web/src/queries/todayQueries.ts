import type { Today } from '@feverfew/contracts';
import { useQuery } from '@tanstack/react-query';
import { request } from '../app/api/api';

export const useToday = () =>
  useQuery({
    queryKey: ['today'],
    queryFn: ({ signal }) => request<Today>('GET', '/today', undefined, signal),
    refetchInterval: 60_000,
  });
