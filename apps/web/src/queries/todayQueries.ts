import { useQuery } from '@tanstack/react-query';
import { queryOf } from './routeQuery';

export const useToday = () => useQuery({ ...queryOf('readToday'), refetchInterval: 60_000 });
