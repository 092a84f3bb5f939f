import type { Colour, Fastness } from '@feverfew/knowledge';
import type { LimitOwner } from '../finding/limitOwner.js';
import type { SoilLevel } from './heapEntry.js';
import type { LoadProgramme } from './machine.js';

/** What set a limit on a piece in the drum: a fact of the piece, its kind of cloth, its use, or the machine. */
export type HeldBy =
  | LimitOwner
  | { readonly kind: 'cloth'; readonly clothKindId: string }
  | { readonly kind: 'use'; readonly hygieneId: string }
  | { readonly kind: 'solvent' }
  | { readonly kind: 'mark'; readonly markId: string }
  | { readonly kind: 'treatment' };

export interface Held<Value> {
  readonly value: Value;
  /** Null where nothing holds it. */
  readonly by: HeldBy | null;
}

export const TUMBLES = ['none', 'low', 'normal'] as const;
export type Tumble = (typeof TUMBLES)[number];

/** What a line of the heap asks of a drum. Temperatures °C, masses g, room L, spin rpm. */
export interface DrumPiece {
  readonly id: string;
  readonly name: string;
  readonly count: number;
  readonly clothKindId: string;
  readonly massG: number;
  readonly massGuessed: boolean;
  readonly litres: number;
  readonly soil: SoilLevel;
  readonly maxC: Held<number>;
  readonly likesC: number;
  /** Heat its use asks for, and whether it bears it. */
  readonly floor: { readonly hygieneId: string; readonly floorC: number; readonly met: boolean } | null;
  /** Use whose pieces keep to themselves. */
  readonly ownLoad: string | null;
  /** Washed alone whatever it is. */
  readonly alone: HeldBy | null;
  readonly programme: Held<LoadProgramme>;
  readonly spinRpm: Held<number>;
  /** Oxygen bleach in the drum. */
  readonly oxygen: Held<'may' | 'never'>;
  readonly wantsOxygen: boolean;
  readonly colour: Colour;
  readonly fastness: Fastness;
  readonly lint: 'gives' | 'takes' | 'neither';
  readonly tumble: Held<Tumble>;
  /** Laid flat, never hung wet; and whether it may hang in the sun. */
  readonly flat: boolean;
  readonly sun: Held<'may' | 'never'>;
  readonly noSoftener: boolean;
  readonly noEnzymes: boolean;
  /** Vinegar in the last rinse. */
  readonly bearsAcid: boolean;
  /** Marks still open: by hand first, and no dryer before they are gone. */
  readonly openMarkIds: readonly string[];
  readonly set: string | null;
}

export type StayReason =
  | { readonly code: 'fuel' }
  | { readonly code: 'solventSmells' }
  | { readonly code: 'productOnIt'; readonly agentId: string }
  | { readonly code: 'inTreatment' }
  | { readonly code: 'notWashed'; readonly by: HeldBy | null }
  | { readonly code: 'byHand'; readonly by: HeldBy | null }
  | { readonly code: 'tooBig'; readonly massG: number; readonly capacityG: number }
  | { readonly code: 'tooCool'; readonly maxC: number; readonly by: HeldBy | null };

/** A line of the heap read: for the drum, or staying out with its reason. */
export type ReadEntry =
  | { readonly to: 'drum'; readonly piece: DrumPiece }
  | { readonly to: 'stays'; readonly id: string; readonly reason: StayReason };
