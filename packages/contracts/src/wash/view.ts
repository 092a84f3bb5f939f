import { Colour, Id, LOAD_PROGRAMMES, WEAVES } from '@feverfew/knowledge';
import { z } from 'zod';
import { Uuid } from '../uuid.js';
import { HeapPiece, JoiningShape, LoadAnswer, LoadView, StayReasonShape } from './load.js';
import { MachineShape, WashSettings } from './settings.js';

/** A mark to be worked on by hand before its piece goes in. */
const ByHandFirst = z.strictObject({
  pieceId: z.string(),
  troubleId: Uuid,
  markIds: z.array(Id),
  handsOnMin: z.number().nullable(),
});

/** In place of a programme: one piece washed by hand. */
export const BY_HAND = 'hand';

/** A load as it was set, kept when it was filled. */
export const FilledLoad = z
  .strictObject({
    programmeId: z.enum([...LOAD_PROGRAMMES, BY_HAND]),
    name: z.string().max(40),
    tempC: z.number().min(0).max(95),
    spinRpm: z.number().min(0).max(2000),
    minutes: z.number().min(1).max(1000),
    kWh: z.number().min(0).max(50),
    waterL: z.number().min(0).max(1000),
  })
  .meta({ id: 'FilledLoad' });
export type FilledLoad = z.infer<typeof FilledLoad>;

/** A load that was filled: what it was set to, and how far it is. */
export const RunningLoad = z
  .strictObject({
    id: Uuid,
    startedAt: z.iso.datetime(),
    endsAt: z.iso.datetime(),
    /** Wet wash is not left longer in the drum. */
    hangBy: z.iso.datetime(),
    doneAt: z.iso.datetime().nullable(),
    load: FilledLoad,
    pieces: z.array(
      z.strictObject({
        lineId: Uuid,
        pieceId: Uuid.nullable(),
        name: z.string(),
        count: z.number(),
        massG: z.number(),
        weave: z.enum(WEAVES),
        colour: Colour,
        openMarkIds: z.array(Id),
      }),
    ),
  })
  .meta({ id: 'RunningLoad' });
export type RunningLoad = z.infer<typeof RunningLoad>;

export const WashView = z
  .strictObject({
    now: z.iso.datetime(),
    pieces: z.array(HeapPiece),
    loads: z.array(LoadView),
    stays: z.array(z.strictObject({ pieceId: z.string(), reason: StayReasonShape })),
    /** What each load says to each piece that goes into a drum, in the order of the loads. */
    answers: z.record(z.string(), z.array(LoadAnswer)),
    byHandFirst: z.array(ByHandFirst),
    proven: z.boolean(),
    atMostFewer: z.number(),
    arranged: z.boolean(),
    /** A second sorting that is as good, its drums evenly full: pieces by drum; null where there is none. */
    evener: z.array(z.array(z.string())).nullable(),
    settings: WashSettings,
    machine: MachineShape,
    running: z.array(RunningLoad),
    /** When the machine is free of what runs in it now, a treatment's wash among them; null = free. */
    machineFreeAt: z.iso.datetime().nullable(),
  })
  .meta({ id: 'WashView' });
export type WashView = z.infer<typeof WashView>;

/** Pieces that are put into the drum now, as shown; refused where they are no load any more. */
export const StartLoad = z
  .strictObject({
    /** Becomes the load's id: a second request with it starts nothing new. */
    key: Uuid,
    pieceIds: z.array(z.string().max(60)).min(1).max(200),
  })
  .meta({ id: 'StartLoad' });
export type StartLoad = z.infer<typeof StartLoad>;

/** What stays in the heap because it is washed by hand has been: it is wet. */
export const WashedByHand = z
  .strictObject({
    /** Becomes the load's id: a second request with it washes nothing twice. */
    key: Uuid,
    lineId: Uuid,
  })
  .meta({ id: 'WashedByHand' });
export type WashedByHand = z.infer<typeof WashedByHand>;

/** The wash a treatment ends in, and the load it is in or may join. */
export const JoinView = z
  .strictObject({
    /** What its own wash is; null where it has not come to one that may be done with others. */
    wash: z
      .strictObject({
        tempC: z.strictObject({ min: z.number(), max: z.number() }),
        agentIds: z.array(Id),
        wantsOxygen: z.boolean(),
      })
      .nullable(),
    /** Its line in the heap; null = not there. */
    lineId: Uuid.nullable(),
    inDrum: z.strictObject({ loadId: Uuid, endsAt: z.iso.datetime() }).nullable(),
    /** The drum it falls to, its number as on the page of the wash. */
    load: z
      .strictObject({
        number: z.number().int(),
        programme: z.string(),
        tempC: z.number(),
        detergentId: Id.nullable(),
        /** Whether each piece of it bears bleach. */
        oxygen: z.enum(['may', 'never']),
        joining: JoiningShape.nullable(),
        pieces: z.array(z.strictObject({ id: z.string(), name: z.string(), isOwn: z.boolean() })),
      })
      .nullable(),
    /** Why it falls to none. */
    stays: StayReasonShape.nullable(),
  })
  .meta({ id: 'JoinView' });
export type JoinView = z.infer<typeof JoinView>;
