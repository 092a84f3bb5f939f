import type {
  Merged,
  NewCare,
  NewPhoto,
  NewPiece,
  Piece,
  PieceHistory,
  PieceSummary,
} from '@feverfew/contracts';
import { useQuery } from '@tanstack/react-query';
import { v4 as newKey } from 'uuid';
import { request } from '../app/api/api';
import { useSaved } from './queryClient';

export const usePieces = () =>
  useQuery({
    queryKey: ['pieces'],
    queryFn: ({ signal }) => request<PieceSummary[]>('GET', '/pieces', undefined, signal),
  });

export const usePiece = (id: string) =>
  useQuery({
    queryKey: ['pieces', id],
    queryFn: ({ signal }) => request<PieceHistory>('GET', `/pieces/${id}`, undefined, signal),
  });

export const useSavePiece = (id: string) =>
  useSaved((piece: NewPiece) => request<Piece>('PUT', `/pieces/${id}`, piece), ['pieces', 'today']);

export const useDeletePiece = () =>
  useSaved((id: string) => request<null>('DELETE', `/pieces/${id}`), ['pieces', 'today']);

/** Entered again as it was, with its picture. */
export const useEnterPiece = () =>
  useSaved(
    async ({ piece, jpeg }: { readonly piece: NewPiece; readonly jpeg: string | null }) => {
      const entered = await request<Piece>('POST', '/pieces', piece);
      return jpeg === null ? entered : showPiece(entered.id, jpeg);
    },
    ['pieces', 'today'],
  );

const showPiece = (id: string, jpeg: string) =>
  request<Piece>('PUT', `/pieces/${id}/photo`, { key: newKey(), jpeg } satisfies NewPhoto);

/** Its picture, as base64; null takes it away. */
export const useShowPiece = (id: string) =>
  useSaved(
    (jpeg: string | null) =>
      jpeg === null ? request<Piece>('DELETE', `/pieces/${id}/photo`) : showPiece(id, jpeg),
    ['pieces'],
  );

/** What is kept of a piece goes under another, whose names stand everywhere from then on. */
export const useMergePiece = (id: string) =>
  useSaved((intoId: string) => request<Merged>('POST', `/pieces/${id}/merge`, { intoId }), EVERYWHERE);

export const useTakeApart = () =>
  useSaved(
    ({ intoId, apart }: { readonly intoId: string; readonly apart: Merged }) =>
      request<Piece>('POST', `/pieces/${intoId}/apart`, apart),
    EVERYWHERE,
  );

const EVERYWHERE = ['pieces', 'today', 'troubles', 'runs'] as const;

export const useNoteCare = (pieceId: string) =>
  useSaved(
    (body: NewCare) => request<PieceHistory>('POST', `/pieces/${pieceId}/care`, body),
    ['pieces', 'today'],
  );
