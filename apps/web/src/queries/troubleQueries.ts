import type { NewTrouble } from '@feverfew/contracts';
import { useQuery } from '@tanstack/react-query';
import { useChange } from './queryClient';
import { queryOf } from './routeQuery';

export const useDeleteTrouble = () => useChange('deleteTrouble', (id: string) => ({ params: { id } }));

/** Saved again as it was entered. */
export const useKeepTrouble = () => useChange('createTrouble', (body: NewTrouble) => ({ body }));

export const useTrouble = (id: string | undefined) =>
  useQuery(queryOf('readTrouble', id === undefined ? null : { params: { id } }));

/** What would help the open troubles and is not in the house. */
export const useToBuy = () => useQuery(queryOf('listToBuy'));
