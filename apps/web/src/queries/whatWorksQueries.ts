import type { WhatWorksView } from '@feverfew/contracts';
import { useQuery } from '@tanstack/react-query';
import { request } from '../app/api/api';

export const useWhatWorks = () =>
  useQuery({
    queryKey: ['whatWorks'],
    queryFn: ({ signal }) => request<WhatWorksView>('GET', '/what-works', undefined, signal),
  });
