import {
  Chemistry,
  FIBRE_GROUPS,
  Knowledge,
  MARK_NUMBERS,
  Protects,
  SILHOUETTES,
  TroubleKind,
  WEAVES,
} from '@feverfew/knowledge';
import { z } from 'zod';

const Named = z.strictObject({ id: z.string(), name: z.string(), aliases: z.array(z.string()) });

/** What the pickers and the words need of the knowledge; figures for planning stay on the server. */
export const Catalogue = z
  .strictObject({
    version: z.string(),
    fibres: z.array(Named.extend({ group: z.enum(FIBRE_GROUPS) })),
    items: z.array(
      Named.extend({
        icon: z.string(),
        silhouette: z.enum(SILHOUETTES),
        /** Is kept on a hanger, not folded. */
        isHung: z.boolean(),
        /** Usual dry mass, g. */
        dryMassG: z.number(),
        coded: z.boolean(),
        partNames: z.array(z.string()),
        usualFibres: z.array(z.strictObject({ fibreId: z.string(), sharePct: z.number() })),
        note: z.string(),
      }),
    ),
    parts: z.array(Named.extend({ onAnyPiece: z.boolean(), note: z.string() })),
    marks: z.array(
      Named.extend({
        number: z.enum(MARK_NUMBERS),
        kind: TroubleKind,
        advice: z.string(),
        componentIds: z.array(z.string()),
      }),
    ),
    agents: z.array(
      Named.extend({
        needsStrength: z.boolean(),
        strengthUnit: z.string().nullable(),
        /** Strength the recipes are written for, % of the unit; null where it does not matter. */
        recipePct: z.number().nullable(),
        isLiquid: z.boolean(),
        form: z.enum(['liquid', 'powder', 'solid']),
        chemistries: z.array(Chemistry),
        /** How long it keeps once opened, in words. */
        shelfLife: z.string(),
        grades: z.array(z.strictObject({ name: z.string(), gPerML: z.number() })).readonly(),
        /** False for what is known only to be named as tried or warned of. */
        offered: z.boolean(),
      }),
    ),
    components: z.array(Named),
    /** Kinds of cloth, with the pieces of each and the tag that is taken for a handful. */
    clothKinds: z.array(
      Named.extend({ itemIds: z.array(z.string()), weave: z.enum(WEAVES), usualTagC: z.number().nullable() }),
    ),
    hygienes: z.array(Named),
    methods: z.array(Named.extend({ reason: z.string() })),
    disputes: z.array(z.strictObject({ id: z.string(), question: z.string() })),
    positions: z.array(Named.extend({ dispute: z.string(), isDefault: z.boolean(), why: z.string() })),
    diagnoses: z.array(
      z.strictObject({
        id: z.string(),
        markId: z.string(),
        questions: z.array(
          z.strictObject({
            id: z.string(),
            text: z.string(),
            answers: z.array(z.strictObject({ id: z.string(), text: z.string() })),
          }),
        ),
      }),
    ),
    substitutions: z.array(z.strictObject({ id: z.string(), note: z.string() })),
    /** What must never meet in one vessel. */
    pairs: z.array(
      z.strictObject({
        id: z.string(),
        a: Chemistry,
        b: Chemistry,
        happens: z.string(),
        /** Gives off gas or heat that hurts people. */
        fumes: z.boolean(),
        protects: Protects,
      }),
    ),
    cautions: Knowledge.shape.cautions,
    signs: Knowledge.shape.signs,
    words: Knowledge.shape.words,
    typedWords: Knowledge.shape.typedWords,
    wordsAsTyped: Knowledge.shape.wordsAsTyped,
    namesOnlySearched: Knowledge.shape.namesOnlySearched,
    readingRules: Knowledge.shape.readingRules,
    dangers: Knowledge.shape.dangers,
    sources: Knowledge.shape.sources,
  })
  .meta({ id: 'Catalogue' });
export type Catalogue = z.infer<typeof Catalogue>;
