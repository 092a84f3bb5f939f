import type { Colour, Condition, Fastness, UpholsteryCode } from '@feverfew/knowledge';
import type { CareLabel } from './careLabel.js';

export interface FibreShare {
  readonly fibreId: string;
  /** Percent of the part's mass. */
  readonly sharePct: number;
}

/** One part of a piece (shell, lining, pile …) with its own fibres; no fibres means unknown. */
export interface PiecePart {
  readonly name: string;
  readonly fibres: readonly FibreShare[];
}

export const WATER_TESTS = ['passed', 'failed'] as const;
export type WaterTest = (typeof WATER_TESTS)[number];

/** What is known of a piece. `null` is "not known", never a default. */
export interface PieceFacts {
  readonly itemId: string | null;
  readonly name: string;
  readonly parts: readonly PiecePart[];
  readonly colour: Colour;
  readonly fastness: Fastness;
  readonly condition: Condition;
  readonly label: CareLabel | null;
  readonly code: UpholsteryCode | null;
  /** What a hidden spot made of a damp white cloth and of drying; null or left out = not done. */
  readonly waterTest?: WaterTest | null | undefined;
  readonly dryMassG: number | null;
  readonly metalParts: boolean;
}
