import type { Age } from '@feverfew/knowledge';
import type { PieceFacts } from '../textile/piece.js';

export const HEATS = ['none', 'hotWash', 'tumbled', 'ironed', 'unknown'] as const;
export type Heat = (typeof HEATS)[number];

export const WETNESSES = ['wet', 'dry', 'unknown'] as const;
export type Wetness = (typeof WETNESSES)[number];

/** One trouble on one piece, as far as it has been told. */
export interface TroubleFacts {
  readonly markId: string | null;
  readonly piece: PieceFacts;
  /** Index of the part the trouble is on. */
  readonly partIndex: number;
  readonly age: Age;
  readonly wetness: Wetness;
  readonly heat: Heat;
  /** null = the whole piece. */
  readonly sizeCm: { readonly length: number; readonly width: number } | null;
  readonly triedAgentIds: readonly string[];
}
