import { AGE_BANDS, type Finding } from '@feverfew/core';
import { Id } from '@feverfew/knowledge';
import { z } from 'zod';
import { FindingShape } from './planParts.js';
import { Uuid } from './uuid.js';

const Share = z.strictObject({ low: z.number(), high: z.number() });

const WorksRowShape = z
  .strictObject({
    methodId: Id,
    markId: Id,
    componentId: Id,
    fibres: z.string(),
    age: z.enum(AGE_BANDS),
    book: Share,
    now: Share,
    mean: z.number(),
    uses: z.number().int(),
    worked: z.number().int(),
    cases: z.array(
      z.strictObject({
        id: z.string(),
        at: z.iso.datetime(),
        leftPct: z.number(),
        rounds: z.number().int(),
        weight: z.number(),
        fibres: z.string(),
        age: z.enum(AGE_BANDS),
      }),
    ),
  })
  .meta({ id: 'WorksRow' });
export type WorksRowView = z.infer<typeof WorksRowShape>;

const place = z.number().int().nullable();

/** What the household's log has taught, and what it changed. */
export const WhatWorksView = z
  .strictObject({
    uses: z.number().int(),
    rows: z.array(WorksRowShape),
    moves: z.array(
      z.strictObject({
        troubleId: Uuid,
        markId: Id,
        pieceName: z.string(),
        methodId: Id,
        without: place,
        withLog: place,
        passesWithout: z.array(Id),
        passesWithLog: z.array(Id),
        why: FindingShape.nullable(),
      }),
    ),
    nextTrial: z
      .strictObject({
        troubleId: Uuid,
        markId: Id,
        methodIds: z.tuple([Id, Id]),
        troubles: z.number().int(),
        chanceFirst: z.number(),
      })
      .nullable(),
  })
  .meta({ id: 'WhatWorks' });
type Sent = z.infer<typeof WhatWorksView>;
type Move = Omit<Sent['moves'][number], 'why'> & { why: Finding | null };
export type WhatWorksView = Omit<Sent, 'moves'> & { moves: Move[] };
