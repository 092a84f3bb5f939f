import {
  CLASH_CODES,
  DRY_STATES,
  FORECAST_ORIGINS,
  HANGING_PLACES,
  NO_LAST_RINSE,
  PLAIN_USE,
  SOIL_LEVELS,
  SOLVENT_STATES,
  WEATHERS,
} from '@feverfew/core';
import { Colour, Fastness, Id, LOAD_CHORES, LOAD_PROGRAMMES, WEAVES } from '@feverfew/knowledge';
import { z } from 'zod';
import { Instant } from './bounds.js';
import { LimitOwnerShape } from './envelope.js';
import { CareLabelShape } from './piece.js';

/** Most lines a heap has at once, and most of one handful. */
export const MOST_HEAP_LINES = 60;
export const MOST_OF_A_HANDFUL = 99;

const massG = z
  .number({ error: 'Give the mass in grams.' })
  .min(5, 'At least 5 g.')
  .max(60_000, 'At most 60 kg.');

/** What is told of one line of the heap: a piece of the linen book, or a handful of like ones. */
export const NewHeapLine = z
  .strictObject({
    pieceId: z.uuid().nullable(),
    /** Kind of piece of a handful; null for a piece of the book. */
    itemId: Id.nullable(),
    name: z.string().trim().max(80, 'At most 80 characters.'),
    count: z
      .number()
      .int('Whole pieces only.')
      .min(1, 'At least one.')
      .max(MOST_OF_A_HANDFUL, `At most ${MOST_OF_A_HANDFUL} in one handful.`),
    colour: Colour,
    fastness: Fastness,
    /** Read on a piece of the handful; null = the usual one of its kind is taken, and said. */
    label: CareLabelShape.nullable(),
    /** Of all of them, g; null = by its kind. */
    massG: massG.nullable(),
    soil: z.enum(SOIL_LEVELS),
    use: z.union([Id, z.literal(PLAIN_USE)]).nullable(),
    solvent: z.enum(SOLVENT_STATES),
    fuel: z.boolean(),
    set: z.string().trim().max(40).nullable(),
  })
  .refine((line) => (line.pieceId === null) !== (line.itemId === null), {
    path: ['itemId'],
    message: 'Say which piece it is, or what kind of piece.',
  })
  .meta({ id: 'NewHeapLine' });
export type NewHeapLine = z.infer<typeof NewHeapLine>;

/** A line of which nothing has been told: one of it, white, washed often. */
export const PLAIN_LINE: NewHeapLine = {
  pieceId: null,
  itemId: null,
  name: '',
  count: 1,
  colour: 'white',
  fastness: 'proven',
  label: null,
  massG: null,
  soil: 'usual',
  use: null,
  solvent: 'none',
  fuel: false,
  set: null,
};

export const NewHeapLines = z
  .strictObject({
    lines: z
      .array(z.strictObject({ id: z.uuid(), line: NewHeapLine }))
      .min(1)
      .max(MOST_HEAP_LINES),
  })
  .meta({ id: 'NewHeapLines' });
export type NewHeapLines = z.infer<typeof NewHeapLines>;

const GIVE = { error: 'Give a number.' };
const MachineProgrammeShape = z.strictObject({
  id: z.enum(LOAD_PROGRAMMES),
  name: z.string().trim().min(1, 'Give it the name on the machine.').max(40),
  capacityG: z.number(GIVE).min(200).max(30_000),
  tempsC: z.array(z.number(GIVE).min(10).max(95)).min(1).max(12),
  spinRpm: z.number(GIVE).min(0).max(2000),
  minutes: z.number(GIVE).min(5).max(600),
  minutesPer10C: z.number().min(0).max(60),
  waterL: z.number(GIVE).min(5).max(300),
  heatedL: z.number().min(1).max(200),
  motorKWh: z.number().min(0).max(5),
});

export const MachineShape = z
  .strictObject({
    ratedG: z.number(GIVE).min(1000, 'At least 1 kg.').max(30_000, 'At most 30 kg.'),
    drumL: z.number(GIVE).min(10).max(300),
    programmes: z.array(MachineProgrammeShape).length(LOAD_PROGRAMMES.length),
    guessed: z.boolean(),
  })
  .meta({ id: 'Machine' });

const WeatherHourShape = z.strictObject({
  at: Instant,
  tempC: z.number().min(-30).max(60),
  humidity: z.number().min(0).max(1),
  windMS: z.number().min(0).max(30),
  sunWm2: z.number().min(0).max(1200),
  rain: z.number().min(0).max(1),
});

export const WeatherTold = z
  .discriminatedUnion('origin', [
    z.strictObject({ origin: z.literal('madeUp') }),
    z.strictObject({ origin: z.literal('byHand'), weather: z.enum(WEATHERS) }),
    z.strictObject({ origin: z.literal('csv'), hours: z.array(WeatherHourShape).min(1).max(400) }),
  ])
  .meta({ id: 'WeatherTold' });
export type WeatherTold = z.infer<typeof WeatherTold>;

/** What the house washes and dries with, and how it wants its heap sorted. */
export const WashSettings = z
  .strictObject({
    machine: MachineShape.nullable(),
    dryerG: z.number(GIVE).min(500).max(30_000),
    ropeM: z.number(GIVE).min(0).max(200),
    /** 0 = as few loads as possible … 1 = everything at its best. */
    best: z.number().min(0).max(1),
    /** Loads as arranged by hand, by piece; null = as sorted. */
    arrangement: z
      .array(z.array(z.string().max(60)).max(200))
      .max(60)
      .nullable(),
    /** Pieces taken out of this wash by hand. */
    leftOut: z.array(z.string().max(60)).max(200),
    /** How much faster things dry here than reckoned, and from how many times seen. */
    ownRate: z.strictObject({
      factor: z.number().min(0.1).max(10),
      seen: z.number().int().min(0).max(10_000),
    }),
    weather: WeatherTold,
    /** Local time against UTC, min, as the last device that asked had it. */
    offsetMin: z.number().int().min(-840).max(840),
  })
  .meta({ id: 'WashSettings' });
export type WashSettings = z.infer<typeof WashSettings>;

/** What is changed of the settings; the rest stays. */
export const ChangedWash = WashSettings.partial().meta({ id: 'ChangedWash' });
export type ChangedWash = z.infer<typeof ChangedWash>;

const HeldByShape = z.union([
  LimitOwnerShape,
  z.strictObject({ kind: z.literal('cloth'), clothKindId: Id }),
  z.strictObject({ kind: z.literal('use'), hygieneId: Id }),
  z.strictObject({ kind: z.literal('solvent') }),
  z.strictObject({ kind: z.literal('treatment') }),
]);
const held = <Value extends z.core.SomeType>(value: Value) =>
  z.strictObject({ value, by: HeldByShape.nullable() });
const loadLimit = <Value extends z.core.SomeType>(value: Value) =>
  z.strictObject({ value, by: HeldByShape.nullable(), pieceId: z.string().nullable() });

const ClashShape = z.strictObject({
  code: z.enum(CLASH_CODES),
  holderId: z.string(),
  otherId: z.string(),
  by: HeldByShape.nullable(),
});
const NoDrumShape = z.discriminatedUnion('code', [
  z.strictObject({ code: z.literal('clash'), clash: ClashShape }),
  z.strictObject({
    code: z.literal('tooHeavy'),
    massG: z.number(),
    capacityG: z.number(),
    programme: loadLimit(z.enum(LOAD_PROGRAMMES)),
  }),
  z.strictObject({ code: z.literal('tooFull'), litres: z.number(), drumL: z.number() }),
  z.strictObject({ code: z.literal('floorNotMet'), floorC: z.number() }),
]);
const Figures = z.strictObject({ tempC: z.number(), spinRpm: z.number(), minutes: z.number() });
export const LoadAnswer = z
  .discriminatedUnion('may', [
    z.strictObject({
      may: z.literal(true),
      before: Figures,
      after: Figures,
      programme: z.strictObject({ before: z.string(), after: z.string() }),
      losesC: z.number(),
      moreGivenUpGC: z.number(),
    }),
    z.strictObject({ may: z.literal(false), why: NoDrumShape }),
  ])
  .meta({ id: 'LoadAnswer' });
export type LoadAnswer = z.infer<typeof LoadAnswer>;

const StayReasonShape = z.discriminatedUnion('code', [
  z.strictObject({ code: z.literal('fuel') }),
  z.strictObject({ code: z.literal('solventSmells') }),
  z.strictObject({ code: z.literal('inTreatment') }),
  z.strictObject({ code: z.literal('leftOut') }),
  z.strictObject({ code: z.literal('notWashed'), by: HeldByShape.nullable() }),
  z.strictObject({ code: z.literal('byHand'), by: HeldByShape.nullable() }),
  z.strictObject({ code: z.literal('tooBig'), massG: z.number(), capacityG: z.number() }),
  z.strictObject({ code: z.literal('tooCool'), maxC: z.number(), by: HeldByShape.nullable() }),
]);

const ASSUMED = ['tag', 'mass', 'fastness'] as const;

/** One line of the heap, or a part of a handful that fits one drum. */
export const HeapPiece = z
  .strictObject({
    /** Of the line; of a part beyond the first with its number behind a full stop. */
    id: z.string(),
    lineId: z.uuid(),
    pieceId: z.uuid().nullable(),
    name: z.string(),
    count: z.number(),
    massG: z.number(),
    weave: z.enum(WEAVES),
    colour: Colour,
    fibreIds: z.array(Id),
    /** null where it goes into no drum. */
    maxC: held(z.number()).nullable(),
    oxygen: z.enum(['may', 'never']),
    lint: z.enum(['gives', 'takes', 'neither']),
    bleeds: z.boolean(),
    slow: z.boolean(),
    flat: z.boolean(),
    solvent: z.enum(SOLVENT_STATES),
    openMarkIds: z.array(Id),
    assumed: z.array(z.enum(ASSUMED)),
    told: NewHeapLine,
  })
  .meta({ id: 'HeapPiece' });
export type HeapPiece = z.infer<typeof HeapPiece>;

const DoseShape = z.strictObject({
  agentId: Id,
  volumeML: z.number(),
  massG: z.number().nullable(),
  capML: z.number().nullable(),
  caps: z.number().nullable(),
  inHouse: z.boolean(),
  assumed: z.boolean(),
});
export type LoadDose = z.infer<typeof DoseShape>;

/** One load with all a hand needs to know of it. */
export const LoadView = z
  .strictObject({
    pieceIds: z.array(z.string()),
    programme: z.strictObject({ id: z.enum(LOAD_PROGRAMMES), name: z.string(), capacityG: z.number() }),
    tempC: z.number(),
    spinRpm: z.number(),
    minutes: z.number(),
    kWh: z.number(),
    waterL: z.number(),
    cost: z.number().nullable(),
    massG: z.number(),
    givenUpGC: z.number(),
    limits: z.strictObject({
      maxC: loadLimit(z.number()),
      programme: loadLimit(z.enum(LOAD_PROGRAMMES)),
      spinRpm: loadLimit(z.number()),
      oxygen: loadLimit(z.enum(['may', 'never'])),
    }),
    joining: z
      .strictObject({
        holderIds: z.array(z.string()),
        heldIds: z.array(z.string()),
        by: HeldByShape.nullable(),
        tempC: z.number(),
        apartC: z.number(),
        moreMinutes: z.number(),
      })
      .nullable(),
    compartments: z.strictObject({
      before: DoseShape.nullable(),
      main: DoseShape.nullable(),
      oxygen: DoseShape.nullable(),
      lastRinse: DoseShape.nullable(),
      noLastRinse: z.enum(NO_LAST_RINSE).nullable(),
      extraRinse: z.boolean(),
      dyeCatcher: z.boolean(),
    }),
    chores: z.array(z.strictObject({ chore: z.enum(LOAD_CHORES), pieceIds: z.array(z.string()) })),
    advice: z.array(z.string()),
    dryer: z
      .strictObject({
        heat: held(z.enum(['low', 'normal'])).nullable(),
        tempC: z.number().nullable(),
        inIds: z.array(z.string()),
        out: z.array(
          z.strictObject({ pieceId: z.string(), by: HeldByShape.nullable(), marked: z.boolean() }),
        ),
        ways: z.array(z.strictObject({ clothKindId: Id, tumbling: z.string() })),
        overfull: z.boolean(),
        massG: z.number(),
        greasy: z.boolean(),
      })
      .nullable(),
  })
  .meta({ id: 'LoadView' });
export type LoadView = z.infer<typeof LoadView>;

/** A mark to be worked on by hand before its piece goes in. */
const ByHandFirst = z.strictObject({
  pieceId: z.string(),
  troubleId: z.uuid(),
  markIds: z.array(Id),
  handsOnMin: z.number().nullable(),
});

/** A load as it was set, kept when it was filled. */
export const FilledLoad = z
  .strictObject({
    programmeId: z.enum(LOAD_PROGRAMMES),
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
    id: z.uuid(),
    startedAt: z.iso.datetime(),
    endsAt: z.iso.datetime(),
    /** Wet wash is not left longer in the drum. */
    hangBy: z.iso.datetime(),
    doneAt: z.iso.datetime().nullable(),
    load: FilledLoad,
    pieces: z.array(
      z.strictObject({
        lineId: z.uuid(),
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
    settings: WashSettings,
    machine: MachineShape,
    running: z.array(RunningLoad),
  })
  .meta({ id: 'WashView' });
export type WashView = z.infer<typeof WashView>;

/** Pieces that are put into the drum now, as shown; refused where they are no load any more. */
export const StartLoad = z
  .strictObject({
    /** Becomes the load's id: a second request with it starts nothing new. */
    key: z.uuid(),
    pieceIds: z.array(z.string().max(60)).min(1).max(200),
  })
  .meta({ id: 'StartLoad' });
export type StartLoad = z.infer<typeof StartLoad>;

export const HangLines = z
  .strictObject({
    lineIds: z.array(z.uuid()).min(1).max(MOST_HEAP_LINES),
    place: z.enum(HANGING_PLACES).nullable(),
  })
  .meta({ id: 'HangLines' });
export type HangLines = z.infer<typeof HangLines>;

export const WasDry = z
  .strictObject({ lineIds: z.array(z.uuid()).min(1).max(MOST_HEAP_LINES), at: Instant })
  .meta({ id: 'WasDry' });
export type WasDry = z.infer<typeof WasDry>;

/** A forecast by the hour as CSV text. */
export const ForecastFile = z
  .strictObject({ csv: z.string().max(200_000, 'At most 200 kB.') })
  .meta({ id: 'ForecastFile' });
export type ForecastFile = z.infer<typeof ForecastFile>;

/** One wet piece: to be hung, or hanging. */
export const WetLine = z
  .strictObject({
    lineId: z.uuid(),
    loadId: z.uuid(),
    name: z.string(),
    count: z.number(),
    weave: z.enum(WEAVES),
    colour: Colour,
    /** Where it hangs, or would hang best. */
    place: z.enum(HANGING_PLACES),
    hungAt: z.iso.datetime().nullable(),
    sun: held(z.enum(['may', 'never'])),
    flat: z.boolean(),
    tumble: held(z.enum(['none', 'low', 'normal'])),
    openMarkIds: z.array(Id),
    ropeM: z.number(),
    waterL: z.number(),
    earliest: z.iso.datetime().nullable(),
    latest: z.iso.datetime().nullable(),
    state: z.enum(DRY_STATES),
    musty: z.boolean(),
    order: z.number(),
  })
  .meta({ id: 'WetLine' });
export type WetLine = z.infer<typeof WetLine>;

export const LineView = z
  .strictObject({
    now: z.iso.datetime(),
    dusk: z.iso.datetime(),
    origin: z.enum(FORECAST_ORIGINS),
    hours: z.array(WeatherHourShape),
    lines: z.array(WetLine),
    ropeM: z.number(),
    usedM: z.number(),
    ownRate: WashSettings.shape.ownRate,
    hasDryer: z.boolean(),
    roomC: z.number(),
    offsetMin: z.number(),
  })
  .meta({ id: 'LineView' });
export type LineView = z.infer<typeof LineView>;
