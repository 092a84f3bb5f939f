import { z } from 'zod';
import { ChemistryRule, DryingRule } from './limitRule.js';
import { Action, Id, Programme, SourceIds, Wetting } from './vocabulary.js';

/** An item type and its default construction, which the user can correct. */
export const Item = z.strictObject({
  id: Id,
  name: z.string(),
  aliases: z.array(z.string()),
  icon: z.enum(['garment', 'household', 'bedding', 'furniture', 'floor', 'outdoor']),
  defaultFibres: z.array(z.strictObject({ fibreId: Id, sharePct: z.number().positive() })),
  partNames: z.array(z.string()).min(1),
  dryMassG: z.number().positive(),
  mostWetting: Wetting,
  mostProgramme: Programme,
  mostAction: Action,
  drying: z.array(DryingRule),
  chemistry: z.array(ChemistryRule),
  /** Has an upholstery or carpet code rather than a sewn-in care label. */
  coded: z.boolean(),
  /** Cannot be rinsed through: forbidden partners stay blocked on the zone. */
  surfaceOnly: z.boolean(),
  skinContact: z.boolean(),
  note: z.string(),
  sourceIds: SourceIds,
});
export type Item = z.infer<typeof Item>;
