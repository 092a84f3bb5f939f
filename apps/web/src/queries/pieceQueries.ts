import type { Merged, NewCare, NewPiece } from '@feverfew/contracts';
import { useQuery } from '@tanstack/react-query';
import { v4 as newKey } from 'uuid';
import { call } from '../app/api/api';
import { useChange, useSaved } from './queryClient';
import { queryOf } from './routeQuery';

export const usePieces = () => useQuery(queryOf('listPieces'));

export const usePiece = (id: string) => useQuery(queryOf('readPiece', { params: { id } }));

export const useSavePiece = (id: string) =>
  useChange('updatePiece', (body: NewPiece) => ({ params: { id }, body }));

export const useDeletePiece = () => useChange('deletePiece', (id: string) => ({ params: { id } }));

/** Entered again as it was, with its picture. */
export const useEnterPiece = () =>
  useSaved(
    async ({ piece, jpeg }: { readonly piece: NewPiece; readonly jpeg: string | null }) => {
      const entered = await call('createPiece', { body: piece });
      return jpeg === null ? entered : setPhoto(entered.id, jpeg);
    },
    ['book'],
  );

const setPhoto = (id: string, jpeg: string) =>
  call('updatePiecePhoto', { params: { id }, body: { key: newKey(), jpeg } });

/** Its picture, as base64; null takes it away. */
export const useShowPiece = (id: string) =>
  useSaved(
    (jpeg: string | null) =>
      jpeg === null ? call('deletePiecePhoto', { params: { id } }) : setPhoto(id, jpeg),
    ['book'],
  );

/** Everything kept of a piece goes to another, whose name is shown from then on. */
export const useMergePiece = (id: string) =>
  useChange('mergePiece', (intoId: string) => ({ params: { id }, body: { intoId } }));

export const useTakeApart = () =>
  useChange('unmergePiece', ({ intoId, apart }: { readonly intoId: string; readonly apart: Merged }) => ({
    params: { id: intoId },
    body: apart,
  }));

export const useNoteCare = (pieceId: string) =>
  useChange('addCare', (body: NewCare) => ({ params: { id: pieceId }, body }));
