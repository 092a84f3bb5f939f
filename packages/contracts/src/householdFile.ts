import { z } from 'zod';
import { HouseholdSettings } from './household.js';
import { NewSavedMix } from './mix.js';

/** Name and version of the file a household travels in. A newer version is refused, never half read. */
export const HOUSEHOLD_FILE = { format: 'feverfew-household', version: 1 } as const;

/** Vessels, measures, water, products and kept mixes of one household as a file. */
export const HouseholdFile = z
  .strictObject({
    format: z.literal(HOUSEHOLD_FILE.format),
    version: z.literal(HOUSEHOLD_FILE.version),
    settings: HouseholdSettings,
    mixes: z.array(NewSavedMix).max(200),
  })
  .meta({ id: 'HouseholdFile' });
export type HouseholdFile = z.infer<typeof HouseholdFile>;

/** The published JSON Schema of that file (draft 2020-12). */
export const householdFileSchema = (): object =>
  z.toJSONSchema(HouseholdFile, { io: 'input', unrepresentable: 'any' });
