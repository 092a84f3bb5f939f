import { z } from 'zod';
import { Agent } from './schema/agent.js';
import { CareSignFact, CodeFact } from './schema/code.js';
import { NamedCheck } from './schema/condition.js';
import { Course } from './schema/course.js';
import { Danger } from './schema/danger.js';
import { Diagnosis } from './schema/diagnosis.js';
import { Fibre } from './schema/fibre.js';
import { Caution, Dispute, ForbiddenPair, Position, Sign } from './schema/hazard.js';
import { Item, PartKind } from './schema/item.js';
import { Method } from './schema/method.js';
import { Rate } from './schema/rate.js';
import { ReadingRules } from './schema/reading.js';
import { Mark, SoilComponent } from './schema/soil.js';
import { Source } from './schema/source.js';
import { AcidSystem, Substance } from './schema/substance.js';
import { Substitution } from './schema/substitution.js';
import { TypedWord } from './schema/typed.js';
import { Upkeep, WearRule } from './schema/upkeep.js';
import { UsualPiece } from './schema/usual.js';
import {
  ClothKind,
  DryingLie,
  Hygiene,
  KeptFromDrum,
  ProgrammeDefault,
  SlowDryer,
  WaterLeft,
} from './schema/washing.js';
import { Word } from './schema/word.js';

/** The whole body of knowledge the planner works on. */
export const Knowledge = z.strictObject({
  version: z.string(),
  sources: z.array(Source),
  fibres: z.array(Fibre),
  items: z.array(Item),
  parts: z.array(PartKind),
  components: z.array(SoilComponent),
  rates: z.array(Rate),
  marks: z.array(Mark),
  courses: z.array(Course),
  /** What is looked at before a step. */
  checks: z.array(NamedCheck),
  acidSystems: z.array(AcidSystem),
  substances: z.array(Substance),
  agents: z.array(Agent),
  methods: z.array(Method),
  forbiddenPairs: z.array(ForbiddenPair),
  cautions: z.array(Caution),
  signs: z.array(Sign),
  disputes: z.array(Dispute),
  positions: z.array(Position),
  diagnoses: z.array(Diagnosis),
  substitutions: z.array(Substitution),
  /** What kinds of piece usually are: taken where it is not given. */
  usualPieces: z.array(UsualPiece),
  careSignFacts: z.array(CareSignFact),
  codes: z.array(CodeFact),
  upkeep: z.array(Upkeep),
  wearRules: z.array(WearRule),
  clothKinds: z.array(ClothKind),
  hygienes: z.array(Hygiene),
  keptFromDrum: z.array(KeptFromDrum),
  programmeDefaults: z.array(ProgrammeDefault),
  waterLeft: z.array(WaterLeft),
  dryingLies: z.array(DryingLie),
  slowDryers: z.array(SlowDryer),
  words: z.array(Word),
  /** Words of typed sentences that are no names, and what each tells. */
  typedWords: z.array(TypedWord),
  /** Everyday words that are read as typed, never as a slip in another. */
  wordsAsTyped: z.array(z.string()),
  /** Names that are found by the word search and are not read in a sentence. */
  namesOnlySearched: z.array(z.string()),
  readingRules: ReadingRules,
  /** What is no matter of cleaning, or not first: fixed texts. */
  dangers: z.array(Danger),
});
export type Knowledge = z.infer<typeof Knowledge>;
