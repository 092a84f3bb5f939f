import { z } from 'zod';
import { Age, Chemistry, Colour, Condition, Id, Sensitive } from './vocabulary.js';

/**
 * Facts of the piece, the trouble, the house and the plan. All that are named must hold. Each is true, false or not
 * known: what is not known is asked of the person as the named check of its condition.
 */
export const circumstances = z.strictObject({
  /** Still wet, or dried in; read from the age where it is not known. */
  wet: z.boolean().optional(),
  /** Dry to the touch when the step begins. */
  dryNow: z.literal(true).optional(),
  ages: z.array(Age).min(1).optional(),
  /** Not known to be a day old or more. */
  notOld: z.literal(true).optional(),
  allOver: z.boolean().optional(),
  /** Not said to be all over: also where its size is not known. */
  notAllOver: z.literal(true).optional(),
  colours: z.array(Colour).min(1).optional(),
  /** Shown in a hidden test to keep its colour. */
  fast: z.literal(true).optional(),
  /** Made with one of these, or with none of these. */
  fibreIds: z.array(Id).min(1).optional(),
  notFibreIds: z.array(Id).min(1).optional(),
  itemIds: z.array(Id).min(1).optional(),
  notItemIds: z.array(Id).min(1).optional(),
  markIds: z.array(Id).min(1).optional(),
  notMarkIds: z.array(Id).min(1).optional(),
  states: z.array(Condition).min(1).optional(),
  /** The tag allows a wash of so many °C. */
  tagFromC: z.number().positive().optional(),
  /** The tag allows no wash as warm as so many °C. */
  tagBelowC: z.number().positive().optional(),
  /** The tag allows a dryer. */
  tagTumbles: z.literal(true).optional(),
  /** No tag is known that allows a wash. */
  noWashOnTag: z.literal(true).optional(),
  /** None of these is on it: neither tried before, nor used by an earlier step. */
  noneOnIt: z.array(Chemistry).min(1).optional(),
  /** One of these soils is still in the mark. */
  stillThere: z.array(Id).min(1).optional(),
  /** None of these was tried before. */
  untried: z.array(Chemistry).min(1).optional(),
  /** No metal parts; where there are some, the person may take them off. */
  metalFree: z.literal(true).optional(),
  /** None of these lives in the house. */
  without: z.array(Sensitive).min(1).optional(),
  hardWater: z.boolean().optional(),
});
export const Circumstances = circumstances.refine(
  (given) => Object.keys(given).length > 0,
  'Name a circumstance.',
);
export type Circumstances = z.infer<typeof Circumstances>;

/** One of these must hold; none named = only a look decides. */
export const StepCondition = z.strictObject({
  anyOf: z.array(Circumstances),
  /** The named check for what the facts do not decide. */
  checkId: Id,
  /** False: where the facts leave it open the pass is left out, for it is the rarer case. */
  isAsked: z.boolean(),
});
export type StepCondition = z.infer<typeof StepCondition>;

/** What a person looks at before a step, so that the step is right. */
export const NamedCheck = z.strictObject({
  id: Id,
  /** Completes "Only if …". */
  text: z.string().min(1),
  /** A hidden test answers it: not said where the step has one. */
  isTest: z.boolean(),
  /** What the steps before leave, or show for the first time: no figure of the soil has it. */
  isOfRest: z.boolean(),
});
export type NamedCheck = z.infer<typeof NamedCheck>;
