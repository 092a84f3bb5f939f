import { z } from 'zod';
import { Id, SourceIds } from './vocabulary.js';

/**
 * One step of giving off a proton: log K at 25 °C and zero ionic strength, with heat of reaction for other
 * temperatures.
 */
const Dissociation = z.strictObject({
  pKa: z.number(),
  /** kJ/mol and J/(mol·K). */
  enthalpyKJ: z.number(),
  heatCapacityJ: z.number(),
});

/** A family of species that differ by protons, such as carbonic acid, bicarbonate and carbonate. */
export const AcidSystem = z.strictObject({
  id: Id,
  name: z.string(),
  /** Charge of the species with all its protons. */
  topCharge: z.number().int(),
  steps: z.array(Dissociation).min(1),
  sourceIds: SourceIds,
});
export type AcidSystem = z.infer<typeof AcidSystem>;

/** A pure substance by its formula: what one mole of it brings into water. */
export const Substance = z.strictObject({
  id: Id,
  name: z.string(),
  formula: z.string(),
  molarMassG: z.number().positive(),
  gives: z.array(z.strictObject({ systemId: Id, mol: z.number().positive() })),
  /** Sodium ions per mole. */
  sodiumMol: z.number().nonnegative(),
  /** Protons per mole it hands to bicarbonate; 0 for bases and salts. */
  acidMol: z.number().nonnegative(),
  /** Hydrogen peroxide per mole, the carrier of available oxygen. */
  peroxideMol: z.number().nonnegative(),
  /** What water of 20 °C holds; null = mixes freely or far beyond any recipe. */
  solubilityGPerL: z.number().positive().nullable(),
  sourceIds: SourceIds,
});
export type Substance = z.infer<typeof Substance>;
