import { Knowledge, TroubleKind } from '@feverfew/knowledge';
import { z } from 'zod';

const Named = z.strictObject({ id: z.string(), name: z.string(), aliases: z.array(z.string()) });

/** What the pickers and the words need of the knowledge; figures for planning stay on the server. */
export const Catalogue = z
  .strictObject({
    version: z.string(),
    fibres: z.array(Named),
    items: z.array(
      Named.extend({
        icon: z.string(),
        coded: z.boolean(),
        partNames: z.array(z.string()),
        usualFibres: z.array(z.strictObject({ fibreId: z.string(), sharePct: z.number() })),
        note: z.string(),
      }),
    ),
    marks: z.array(Named.extend({ kind: TroubleKind, advice: z.string() })),
    agents: z.array(Named.extend({ needsStrength: z.boolean(), strengthUnit: z.string().nullable() })),
    components: z.array(Named),
    methods: z.array(Named.extend({ reason: z.string() })),
    schools: z.array(Named.extend({ dispute: z.string(), isDefault: z.boolean(), why: z.string() })),
    pairs: z.array(z.strictObject({ id: z.string(), happens: z.string() })),
    cautions: Knowledge.shape.cautions,
    signs: Knowledge.shape.signs,
    sources: Knowledge.shape.sources,
  })
  .meta({ id: 'Catalogue' });
export type Catalogue = z.infer<typeof Catalogue>;
