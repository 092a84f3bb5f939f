import type { NewCare, NewPiece, Piece, PieceHistory, PieceSummary } from '@feverfew/contracts';
import { useQuery } from '@tanstack/react-query';
import { request } from '../app/api';
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

/** Entered anew as it was. */
export const useEnterPiece = () =>
  useSaved((piece: NewPiece) => request<Piece>('POST', '/pieces', piece), ['pieces', 'today']);

export const useNoteCare = (pieceId: string) =>
  useSaved(
    (body: NewCare) => request<PieceHistory>('POST', `/pieces/${pieceId}/care`, body),
    ['pieces', 'today'],
  );
