import type { HouseholdRead, HouseholdSettings, LogRead } from '@feverfew/contracts';
import { useQuery } from '@tanstack/react-query';
import { request } from '../app/api';
import { useSaved } from './queryClient';

export const useHousehold = () =>
  useQuery({
    queryKey: ['household'],
    queryFn: ({ signal }) => request<HouseholdSettings>('GET', '/household', undefined, signal),
  });

export const useSaveHousehold = () =>
  useSaved(
    (settings: HouseholdSettings) => request<HouseholdSettings>('PUT', '/household', settings),
    ['household', 'preview', 'mix', 'tableAnswer', 'savedMixes'],
  );

export const useImportHousehold = () =>
  useSaved(
    (file: unknown) => request<HouseholdRead>('PUT', '/household/file', file),
    [
      'household',
      'preview',
      'mix',
      'tableAnswer',
      'savedMixes',
      'today',
      'pieces',
      'troubles',
      'runs',
      'whatWorks',
    ],
  );

export const useReadLog = () =>
  useSaved((csv: string) => request<LogRead>('POST', '/log', { csv }), ['pieces', 'whatWorks', 'preview']);
