import { useQuery } from '@tanstack/react-query';
import { queryOf } from './routeQuery';

export const useCatalogue = () =>
  useQuery({ ...queryOf('readCatalogue'), staleTime: Number.POSITIVE_INFINITY });

export const useReference = () =>
  useQuery({ ...queryOf('readReference'), staleTime: Number.POSITIVE_INFINITY });
