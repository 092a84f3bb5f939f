import type { VesselForm, VesselMaterial, VesselShape } from '@feverfew/knowledge';
import type { MeasureToolId, OwnMeasure } from './measureTool.js';
import type { Taps } from './taps.js';

export interface Vessel {
  readonly id: string;
  readonly name: string;
  readonly volumeL: number;
  readonly material: VesselMaterial;
  readonly lid: boolean;
  readonly form: VesselForm;
  /** Measured lengths; null = a common vessel of this form is assumed for cooling. */
  readonly shape: VesselShape | null;
}

/** Dose as a product's own label gives it: for one wash, or for so many litres of bath. */
export interface LabelDose {
  readonly amount: number;
  readonly unit: 'g' | 'mL';
  readonly perL: number | null;
}

/** What this household's make of a product says of itself. */
export interface Product {
  readonly agentId: string;
  /** What its cap or scoop holds to the line, mL. */
  readonly capML: number | null;
  readonly labelDose: LabelDose | null;
  /** Bulk density of the household's grade, g/mL; null or absent = not given. */
  readonly gPerML?: number | null | undefined;
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
  /** Room the baths stand in, °C. */
  readonly roomC: number;
  readonly vessels: readonly Vessel[];
  readonly tools: readonly MeasureToolId[];
  /** Measures of its own: a mug, a scoop. */
  readonly ownMeasures: readonly OwnMeasure[];
  readonly hasScale: boolean;
  readonly hasMachine: boolean;
  readonly hasDryer: boolean;
  readonly cupboard: readonly CupboardEntry[];
  readonly products: readonly Product[];
  /** People and animals some products are kept from; a baby also means small children. */
  readonly asthma: boolean;
  readonly pregnancy: boolean;
  readonly baby: boolean;
  readonly pets: boolean;
  /** The drain goes into a septic tank. */
  readonly septicTank: boolean;
  readonly boraxSold: boolean;
  readonly allowChlorine: boolean;
  readonly allowAmmonia: boolean;
  readonly allowOxalic: boolean;
  /** Chosen view per dispute; a dispute left out follows the default position. */
  readonly positions: Readonly<Record<string, string>>;
}
