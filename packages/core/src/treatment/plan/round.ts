import type { Check, CourseEnd, Purpose, RinseBetween } from '@feverfew/knowledge';
import type { ExpectedEffect, MarkEffect } from '../../effect/effectRange.js';
import type { Finding } from '../../finding/finding.js';
import type { Action } from './action.js';
import type { Pass } from './pass.js';

/** Kinds of work inside a round, in the order they are done. */
export const PHASES = ['dry', 'solvent', 'local', 'bath', 'wash'] as const;
export type Phase = (typeof PHASES)[number];

/** Minutes, with what is usual between the ends. */
export interface Minutes {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}

/** How much is gone, counted from the start, 0–1: of all troubles together, each counting alike, and of each. */
export interface Gone {
  readonly all: ExpectedEffect;
  readonly byMark: readonly MarkEffect[];
}

/** When a check is made: before its step, or at the look that ends the round before. */
export const CHECK_TIMES = ['beforeStep', 'atLook'] as const;
export type CheckTime = (typeof CHECK_TIMES)[number];

/** Something to look at, so that the step is right. */
export interface PassCheck {
  readonly id: string;
  /** Completes "Only if …". */
  readonly text: string;
  readonly when: CheckTime;
}

/** One thing done in a round: what is put on or done, how long, and what it has come to afterwards. */
export interface RoundPass
  extends Omit<
    Pass,
    'passId' | 'rinseOut' | 'effect' | 'effectByMark' | 'ownLog' | 'totalMin' | 'steps' | 'acts'
  > {
  /** Of the round and its place in it: `r1p2`. */
  readonly id: string;
  readonly phase: Phase;
  /** What it is for; null where no course says. */
  readonly purpose: Purpose | null;
  /** Troubles it is done for. */
  readonly helps: readonly string[];
  /** What it would take by itself of what is there at the start. */
  readonly takes: Gone;
  /** After it, from the start. */
  readonly gone: Gone;
  /** It takes next to nothing itself and is done for the sake of the next. */
  readonly prepares: boolean;
  /** It is common practice for this trouble on this cloth, or was worked out from what moves the soil. */
  readonly origin: 'course' | 'workedOut';
  /** What the course has here, and why it is not done. */
  readonly insteadOf: NotUsed | null;
  /** What the person looks at before it, where the facts do not decide. */
  readonly checks: readonly PassCheck[];
  /** How it is done here, where the words of the way are not enough. */
  readonly advice: readonly string[];
  /** A condition in words, in plans of earlier versions. */
  readonly onlyIf?: string | null | undefined;
  /** What was put on the piece is rinsed out in the first seconds: the step does not say it again. */
  readonly rinsedAtOnce?: boolean | undefined;
  readonly stop: string | null;
  readonly expect: string | null;
  /** Opened only by the hidden water test before it. */
  readonly opensAfterTest: boolean;
  /** Minutes from the start of the round to its own, and how long it takes. */
  readonly startMin: Minutes;
  readonly minutes: Minutes;
  /** Pass to go on with once a look says gone: the wash, or null = drying. */
  readonly whenGone: string | null;
  /** What comes between it and the next thing, and why where something there asks for it. */
  readonly between: { readonly way: RinseBetween; readonly why: Finding | null };
  /** Vessels side by side; empty where it is made in none. */
  readonly vessels: readonly VesselView[];
  /** Minutes until the machine is free, where it goes into one that is in use. */
  readonly machineFreeInMin: number | null;
  readonly actions: readonly Action[];
}

/** A further vessel of the house: whether it would do, and when. */
export interface VesselView {
  readonly vesselId: string;
  readonly name: string;
  readonly state: 'chosen' | 'fits' | 'busy' | 'tooSmall' | 'unsuited';
  readonly freeInMin: number;
}

/** Drying without heat, once a round. */
export interface Drying {
  readonly action: Action;
  readonly minutes: Minutes;
  readonly notes: readonly string[];
}

export const LOOK_WAYS = ['gone', 'better', 'noChange', 'worse'] as const;
export type LookWay = (typeof LOOK_WAYS)[number];

/** An answer to a look, and the pass it leads to, the next round's among them; null = the end. */
export interface WayOn {
  readonly way: LookWay;
  readonly passId: string | null;
}

/** The look that ends a round: asked of each trouble in the way that fits it, each answer with where it leads. */
export interface RoundLook {
  readonly action: Action;
  readonly byMark: readonly {
    readonly markId: string;
    readonly checks: readonly Check[];
    readonly ways: readonly WayOn[];
  }[];
  /** The same where all of them look alike. */
  readonly ways: readonly WayOn[];
}

/** Once through the phases: one wash at most, one drying. */
export interface Round {
  readonly id: string;
  /** The first is laid out whole; what comes after it is an outline until it is needed. */
  readonly kind: 'full' | 'outline';
  readonly passes: readonly RoundPass[];
  readonly drying: Drying | null;
  readonly look: RoundLook | null;
  readonly handsOnMin: number;
  /** Drying is not in it. */
  readonly totalMin: Minutes;
}

/** A way that is not gone, and why. */
export interface NotUsed {
  readonly methodId: string;
  readonly findings: readonly Finding[];
}

/** What a trouble most likely is, how to tell, why it is there, and what to do with the cause. */
export interface VerdictLine {
  readonly markId: string;
  readonly courseId: string;
  readonly is: string;
  readonly tells: readonly { readonly see: string; readonly means: string }[];
  readonly cause: string;
  readonly causeActions: readonly string[];
}

/** The first seconds. Empty lists: nothing is urgent. */
export interface AtOnce {
  readonly actions: readonly { readonly text: string; readonly verbs: readonly string[] }[];
  readonly donts: readonly string[];
  readonly handsOnMin: number;
  /** Its effect by itself; null if it moves none of the soil, or the effect is unknown yet. */
  readonly gone: Gone | null;
}

/** Warnings that must reach the person besides the steps. */
export interface Keep {
  /** What to know: what is normal, what decides, how it is judged. */
  readonly says: readonly string[];
  /** What is never done to it, and why. */
  readonly never: readonly { readonly what: string; readonly why: string }[];
  /** Habits that keep it from coming back. */
  readonly prevent: readonly string[];
}

/** Where a trouble ends when the rounds have done what they can. */
export interface End {
  readonly markId: string;
  readonly rounds: number;
  readonly next: CourseEnd;
  readonly text: string;
}
