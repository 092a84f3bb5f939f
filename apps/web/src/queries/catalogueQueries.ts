import type { Catalogue, Reference } from '@feverfew/contracts';
import { useQuery } from '@tanstack/react-query';
import { request } from '../app/api/api';

export const useCatalogue = () =>
  useQuery({
    queryKey: ['catalogue'],
    queryFn: ({ signal }) => request<Catalogue>('GET', '/catalogue', undefined, signal),
    staleTime: Number.POSITIVE_INFINITY,
  });

export const useReference = () =>
  useQuery({
    queryKey: ['reference'],
    queryFn: ({ signal }) => request<Reference>('GET', '/reference', undefined, signal),
    staleTime: Number.POSITIVE_INFINITY,
  });
