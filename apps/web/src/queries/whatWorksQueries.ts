import { useQuery } from '@tanstack/react-query';
import { queryOf } from './routeQuery';

export const useWhatWorks = () => useQuery(queryOf('readWhatWorks'));
