import type { VesselMaterial } from '@feverfew/knowledge';
import type { Taps } from '../bath/waterShares.js';
import type { MeasureToolId } from '../quantity/measureTool.js';

export interface Vessel {
  readonly id: string;
  readonly name: string;
  readonly volumeL: number;
  readonly material: VesselMaterial;
  readonly lid: boolean;
}

export interface CupboardEntry {
  readonly agentId: string;
  /** Percent as on its label; null = not known. Only asked for where strength matters. */
  readonly strengthPct: number | null;
}

/** What the planner needs to know of a household. */
export interface Household {
  readonly taps: Taps;
  readonly hardnessMgL: number;
  readonly vessels: readonly Vessel[];
  readonly tools: readonly MeasureToolId[];
  readonly hasScale: boolean;
  readonly hasMachine: boolean;
  readonly hasDryer: boolean;
  readonly cupboard: readonly CupboardEntry[];
  readonly asthma: boolean;
  readonly boraxSold: boolean;
  readonly allowChlorine: boolean;
  readonly allowAmmonia: boolean;
  readonly allowOxalic: boolean;
  /** Chosen view per dispute; a dispute left out follows the default school. */
  readonly schools: Readonly<Record<string, string>>;
}
