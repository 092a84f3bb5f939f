import { z } from 'zod';
import { SPOT_KINDS } from '../vocabulary.js';
import { FIBRE_GROUPS } from './fibre.js';
import { Note } from './note.js';
import {
  Age,
  Id,
  MechanicalAction,
  Mechanism,
  Programme,
  SourceIds,
  TroubleKind,
  Wetting,
} from './vocabulary.js';

const Range = z.strictObject({ low: z.number().nonnegative(), high: z.number().positive() });

/**
 * How much of an agent: per litre of bath, as parts of a small mix sized to the spot, by its label, or as the step
 * tells.
 */
export const Dose = z.discriminatedUnion('per', [
  z.strictObject({ per: z.literal('litre'), unit: z.enum(['g', 'mL']), amount: Range }),
  z.strictObject({ per: z.literal('parts'), parts: z.number().positive() }),
  z.strictObject({ per: z.literal('label') }),
  z.strictObject({ per: z.literal('step') }),
]);
export type Dose = z.infer<typeof Dose>;

export const ActionNotes = z.partialRecord(
  z.enum(['mix', 'apply', 'dwell', 'look', 'rinse', 'wash', 'dry']),
  z.array(Note),
);

/** A cleaning method as data. Times in minutes, temperatures in °C, liquor ratio in litres per kg of dry textile. */
export const Method = z.strictObject({
  id: Id,
  name: z.string(),
  /** One line, shown on the pass: what it does. */
  reason: z.string(),
  kinds: z.array(TroubleKind).min(1),
  /** Restrict to marks holding one of these components; empty means any it acts on. */
  componentIds: z.array(Id),
  /** Only on these kinds of piece; empty means any. */
  itemIds: z.array(Id),
  /** Only where the part in question holds a fibre of these groups; empty means any. */
  fibreGroups: z.array(z.enum(FIBRE_GROUPS)),
  /** Only while the trouble is this old; empty means any age. */
  ages: z.array(Age),
  /** Worth doing only while the trouble is still wet. */
  onlyWet: z.boolean(),
  /** A way out only where nothing wet may be used. */
  onlyWhereDry: z.boolean(),
  wetting: Wetting,
  action: MechanicalAction,
  /** Washing the method itself needs. */
  programme: Programme,
  agents: z.array(z.strictObject({ agentId: Id, dose: Dose })),
  /** Water in a small mix, in parts; null for baths. */
  waterParts: z.number().nonnegative().nullable(),
  /** How much of a small mix a mark takes, by kind of work; null for baths. */
  spotKind: z.enum(SPOT_KINDS).nullable(),
  liquorRatioLPerKg: z.number().positive().nullable(),
  tempC: z.strictObject({ min: z.number(), max: z.number(), prefer: z.enum(['coldest', 'hottest']) }),
  /** pH of the working bath when it differs from the agents' own (mixtures); null = derived from agents. */
  pH: z.strictObject({ low: z.number(), high: z.number() }).nullable(),
  dwellMin: z.strictObject({
    min: z.number().nonnegative(),
    max: z.number().positive(),
    lookEvery: z.number().positive(),
  }),
  keep: z.enum(['wet', 'letDry', 'covered', 'none']),
  untilCool: z.boolean(),
  maxRounds: z.number().int().positive(),
  extraMechanisms: z.array(Mechanism),
  rinse: z.enum(['full', 'damp', 'vacuum', 'none']),
  solventAftercare: z.boolean(),
  /** False for what is a wash or a rinse by itself. */
  washAfter: z.boolean(),
  /** Done in the machine's drum: no vessel, dosed by load. */
  inMachine: z.boolean(),
  /** 1 gentlest … 9 harshest on the piece. */
  harshness: z.number().int().min(1).max(9),
  /** May only be offered on surfaces (coded pieces), only on washable pieces, or both. */
  place: z.enum(['surface', 'washable', 'both']),
  /** Done with the whole piece closed into a bag, or hung up: not with a carpet or a seat. */
  inABag: z.boolean(),
  /** Runs water through the cloth: only where it can be rinsed through. */
  throughRinse: z.boolean(),
  /** Only if one of these has been used before: earlier in the plan, or entered as tried. Empty means always. */
  onlyAfterAgentIds: z.array(Id),
  sturdyOnly: z.boolean(),
  whitesOnly: z.boolean(),
  /** The milder make of something whites get in full. */
  colouredOnly: z.boolean(),
  /** Wrong as a treatment while one of these makes up most of the trouble. */
  notWhenMostly: z.array(Id),
  /** A step of a course, never a treatment by itself. */
  courseOnly: z.boolean(),
  /** Only where the marked place alone is worked on, and what is sewn on at its side stays dry. */
  placeOnly: z.literal(true).optional(),
  positionId: Id.nullable(),
  expectedSignIds: z.array(Id),
  notes: ActionNotes,
  sourceIds: SourceIds,
});
export type Method = z.infer<typeof Method>;
