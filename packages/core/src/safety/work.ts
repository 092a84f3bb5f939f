import type { DryingWay, MechanicalAction, Programme } from '@feverfew/knowledge';

/** What is done at one stretch; a treatment is mixing, applying and waiting together. */
export type WorkKind =
  | 'lift'
  | 'firstAid'
  | 'test'
  | 'treat'
  | 'look'
  | 'air'
  | 'rinse'
  | 'wash'
  | 'dry'
  | 'lookDry';

/** So much of one product; null where it is dosed by its label or as the words tell. */
export interface PouredProduct {
  readonly agentId: string;
  readonly massG: number | null;
  readonly volumeML: number | null;
  /** Upper end of what may be poured, in the unit it is counted in. */
  readonly most: { readonly amount: number; readonly unit: 'g' | 'mL' } | null;
  readonly strengthPct: number | null;
  readonly byLabel: boolean;
}

/** One stretch of work on the piece, whatever plan it comes from. Minutes, °C, mL; fields that do not apply are null. */
export interface Work {
  readonly where: string;
  readonly kind: WorkKind;
  /** Pass it belongs to, from 0, and that pass's name; a pass may be repeated so often. */
  readonly turn: number;
  readonly turnName: string;
  /** Its round; in plans from before there were rounds each pass is one by itself. */
  readonly round: number;
  readonly repeats: number;
  readonly pours: readonly PouredProduct[];
  /** What of a small mix is put on, where that is less than was mixed. */
  readonly putOnML: number | null;
  /** All water in it, dilution too. */
  readonly waterML: number;
  /** It lies in a vessel of liquor, rather than having some put on it. */
  readonly soaks: boolean;
  readonly vesselId: string | null;
  readonly tempC: { readonly target: number; readonly most: number } | null;
  readonly pH: { readonly low: number; readonly high: number; readonly computed: boolean } | null;
  readonly bathC: { readonly start: number; readonly endMost: number; readonly room: number } | null;
  readonly minutes: { readonly least: number; readonly most: number } | null;
  readonly driesOnPiece: boolean;
  readonly attended: boolean;
  readonly hand: MechanicalAction | null;
  readonly programme: Programme | null;
  /** Changes of water, or damp passes. */
  readonly changes: number;
  readonly rinse: 'change' | 'damp' | 'vacuum' | null;
  readonly drying: readonly DryingWay[];
  readonly says: readonly string[];
  readonly cautionIds: readonly string[];
}

/** The actions of a pass, and its lines about the piece and the trouble. */
export interface WorkList {
  readonly work: readonly Work[];
  /** What is to be done at once, in order, as it is said. */
  readonly atOnce: readonly string[];
  /** The same as a step at the tub says it. */
  readonly atTub: readonly string[];
  readonly advice: readonly { readonly where: string; readonly text: string }[];
}
