import { z } from 'zod';

/** RFC 9457 problem details, with one entry per field at fault. */
export const Problem = z
  .strictObject({
    type: z.string(),
    title: z.string(),
    status: z.number().int(),
    detail: z.string(),
    instance: z.string().optional(),
    errors: z.array(z.strictObject({ path: z.string(), message: z.string() })).optional(),
  })
  .meta({ id: 'Problem' });
export type Problem = z.infer<typeof Problem>;
