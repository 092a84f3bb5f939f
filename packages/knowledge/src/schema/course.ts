import { z } from 'zod';
import { AT_ONCE_VERBS, CHECKS, CLOTHS, COURSE_ENDS, PURPOSES, RINSES_BETWEEN } from '../vocabulary.js';
import { StepCondition } from './condition.js';
import { Note } from './note.js';
import { DryingWay, Id, SourceIds } from './vocabulary.js';

/** A kind of cloth a course is written for. */
export const Cloth = z.enum(CLOTHS);
export type Cloth = z.infer<typeof Cloth>;

/** What a pass is for: another product of the same purpose may take its place. */
export const Purpose = z.enum(PURPOSES);
export type Purpose = z.infer<typeof Purpose>;

const Span = z.strictObject({ min: z.number(), max: z.number() });

/** One pass of a course: a purpose, and the ways that serve it, best first. Amounts, vessel and water are the method's. */
export const CoursePass = z.strictObject({
  purpose: Purpose,
  methodIds: z.array(Id).min(1),
  /** °C in water or on the piece; null = as the method has it. */
  tempC: Span.nullable(),
  /** Minutes of working; null = as the method has it. */
  minutes: Span.nullable(),
  /** All must hold; what the facts do not decide is asked as a named check. */
  when: z.union([z.literal('always'), z.array(StepCondition).min(1)]),
  /** How it is done here, where the words of the way are not enough. */
  advice: z.array(Note),
  /** What comes after it, before the next thing. */
  after: z.enum(RINSES_BETWEEN),
  stop: z.string().nullable(),
  expect: z.string().nullable(),
  optional: z.boolean(),
  /** What does most here, by common practice: it is done however little the estimate gives it. */
  main: z.boolean(),
  /**
   * A soak that loosens what has dried in. It comes before what works on the spot, unless there is another trouble,
   * whose work may need dry cloth.
   */
  loosens: z.boolean(),
  sourceIds: SourceIds,
});
export type CoursePass = z.infer<typeof CoursePass>;

/** The one wash of a round. */
const CourseWash = z.strictObject({
  methodIds: z.array(Id).min(1),
  tempC: Span,
  extra: z.array(Note),
});

/** Done: what may remain, when to stop, who then. Where none of its notes holds, the plan says `END_TEXTS` of `next`. */
const CourseEnd = z.strictObject({
  rounds: z.number().int().min(1).max(5),
  next: z.enum(COURSE_ENDS),
  notes: z.array(Note).min(1),
});

/** The course for one kind of cloth, or an honest reason why there is none. */
export const ClothCourse = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('course'),
    first: z.array(CoursePass),
    wash: CourseWash.nullable(),
    dry: z.strictObject({ ways: z.array(DryingWay), notes: z.array(Note) }),
    checks: z.array(z.enum(CHECKS)).min(1),
    second: z.array(CoursePass),
    end: CourseEnd,
    notes: z.array(Note),
  }),
  z.strictObject({ kind: z.literal('honest'), next: z.enum(COURSE_ENDS), why: z.array(Note).min(1) }),
]);
export type ClothCourse = z.infer<typeof ClothCourse>;

/** A line of the first seconds, with what the hand does. */
const AtOnceLine = Note.extend({ verbs: z.array(z.enum(AT_ONCE_VERBS)).min(1) });

/** How an experienced hand treats one family of troubles. */
export const Course = z.strictObject({
  id: Id,
  name: z.string(),
  /** Troubles it is the course of; each trouble has one. */
  markIds: z.array(Id),
  /** Troubles it may turn out to be, or that take it as a second course. */
  alsoMarkIds: z.array(Id),
  /** Pieces that bring this course with them, whatever is on them. */
  itemIds: z.array(Id),
  verdict: z.strictObject({
    /** What it most likely is. */
    is: z.string(),
    /** Quick tests that tell; `courseId` where it turns out to be another family. */
    tells: z.array(z.strictObject({ see: Note, means: z.string(), courseId: Id.nullable() })).min(1),
    cause: z.string(),
    /** What to do with the cause. */
    causeAction: z.array(Note).min(1),
  }),
  /** The first seconds; empty = nothing is urgent. */
  atOnce: z.strictObject({
    garment: z.array(AtOnceLine),
    surface: z.array(AtOnceLine),
    donts: z.array(Note),
  }),
  cloths: z.strictObject(
    Object.fromEntries(CLOTHS.map((cloth) => [cloth, ClothCourse])) as Record<
      (typeof CLOTHS)[number],
      typeof ClothCourse
    >,
  ),
  never: z.array(z.strictObject({ what: Note, why: z.string() })),
  says: z.array(Note),
  /** Practice differs: disputes of the knowledge, or named here. */
  disputes: z.array(z.strictObject({ question: z.string(), ways: z.array(z.string()).min(2) })),
  prevent: z.array(Note),
  /** How sure the trade is of it. */
  confidence: z.enum(['high', 'medium', 'low']),
  sourceIds: SourceIds,
});
export type Course = z.infer<typeof Course>;
