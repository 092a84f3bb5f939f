import { lowerFirst, NO_HEAT_YET, STANDING_NOTES } from '@feverfew/knowledge';
import type { Action } from '../../treatment/plan/action.js';
import type { Plan } from '../../treatment/plan/plan.js';
import type { Minutes, Round, RoundPass } from '../../treatment/plan/round.js';
import { liquidWords } from './amountWords.js';
import { BETWEEN_WORDS, checkWords } from './courseWords.js';
import { durationWords } from './durationWords.js';
import type { Lexicon } from './lexicon.js';
import { recipeWords } from './recipeWords.js';
import { DRYING_WORDS } from './vocabularyWords.js';

/** What a round says, as it would be read aloud at the table. */
export interface RoundWords {
  readonly title: string;
  readonly passes: readonly PassWords[];
  readonly drying: string | null;
  readonly look: string | null;
}

export interface PassWords {
  readonly id: string;
  /** What it is. */
  readonly title: string;
  /** Amounts, warmth and time. */
  readonly recipe: string | null;
  /** How it is done, until when, what comes after, what is normal to see. */
  readonly lines: readonly string[];
  /** The line that says what has to be bought for it, where no step before it in the round has said so. */
  readonly toBuy: string | null;
  /** Those of the lines that say that a hidden spot comes first, and how it is done. */
  readonly test: string | null;
  /** Those of the lines that say what to look at first. */
  readonly conditions: readonly string[];
  readonly how: string | null;
  /** Those of the lines that guard people. */
  readonly guards: readonly string[];
}

/** @param plan the round by itself says in full what its plan has said before */
export function roundWords(round: Round, say: Lexicon, plan: OfPlan = NO_PLAN): RoundWords {
  const number = round.id.slice(1);
  return {
    title:
      round.kind === 'full'
        ? `Round ${number}: ${round.handsOnMin} min yours, ${minutesWords(round.totalMin)} ${round.drying ? '+ drying' : 'in all'}`
        : laterRoundTitle(number, plan),
    passes: round.passes.map((pass, at) =>
      passWords(pass, say, { passes: round.passes.slice(0, at), offset: 0 }),
    ),
    drying: round.drying && dryingWords(round.drying, plan.atOnce.donts).join(' '),
    look:
      round.look &&
      `Check: ${checkWords(round.look.byMark.flatMap(({ checks }) => checks).filter(isFirst))}.`,
  };
}

type OfPlan = Pick<Plan, 'findings'> & { readonly atOnce: Pick<Plan['atOnce'], 'donts'> };
const NO_PLAN: OfPlan = { findings: [], atOnce: { donts: [] } };

/** Where the first must be ready within the hour or so, the next is for another day. */
export const laterRoundTitle = (number: string, { findings }: Pick<Plan, 'findings'>): string =>
  `Round ${number}${findings.some(({ code }) => code === 'stopInTime') ? ', another day' : ''}, if it is not gone`;

const isFirst = <T>(one: T, at: number, all: readonly T[]): boolean => all.indexOf(one) === at;

/** The steps of the same round before a step. */
export interface EarlierSteps {
  readonly passes: readonly RoundPass[];
  /** Steps of the rounds before, where the numbers run on; otherwise 0. */
  readonly offset: number;
}
const FIRST_STEP: EarlierSteps = { passes: [], offset: 0 };

/**
 * What a step says.
 * @param earlier what they said is not said again in full
 */
export function passWords(pass: RoundPass, say: Lexicon, earlier: EarlierSteps = FIRST_STEP): PassWords {
  const { actions, stop, expect, methodId, phase } = pass;
  const test = testWords(pass, earlier.passes);
  const how = howWords(pass, earlier);
  // What the course says of its wash takes the place of what holds for every such wash.
  const tellsWash = phase === 'wash' && pass.advice.length > 0;
  const conditions = conditionWords(pass);
  const after = phase === 'wash' ? [] : afterWords(pass, earlier.passes, say);
  const airedFirst = airedFirstWords(actions);
  const recipe = recipeWords(pass, say);
  const isNamed = (id: string) => earlier.passes.some((one) => one.missingAgentIds.includes(id));
  const missing = pass.missingAgentIds
    .filter((id) => !isNamed(id))
    .map(say.name)
    .join(', ');
  const toBuy = missing === '' ? null : `To buy: ${missing}.`;
  return {
    id: pass.id,
    title: say.name(methodId),
    recipe: recipe === '' ? null : `${recipe}.`,
    lines: [
      ...(toBuy ? [toBuy] : []),
      ...airedFirst,
      ...rinsedFirstWords(pass),
      ...(test ? [test] : []),
      ...conditions,
      ...(how && !tellsWash ? [how] : []),
      ...togetherWords(actions, how),
      ...pass.advice,
      ...(stop ? [`Until: ${lowerFirst(stop)}`] : []),
      ...after,
      ...(expect ? [expect] : []),
    ],
    toBuy,
    test,
    conditions,
    how,
    guards: pass.between.way === 'airOut' ? [...airedFirst, ...after] : airedFirst,
  };
}

const isTested = ({ actions }: RoundPass): boolean => actions.some(({ kind }) => kind === 'hiddenTest');

function testWords(pass: RoundPass, before: readonly RoundPass[]): string | null {
  if (pass.opensAfterTest)
    return before.some(({ opensAfterTest }) => opensAfterTest)
      ? 'After the same test.'
      : 'Only after the hidden water test.';
  if (!isTested(pass)) return null;
  return before.some(isTested) ? 'Test this too.' : 'Test a hidden spot first.';
}

const applied = ({ actions }: RoundPass): string | null =>
  actions.find(({ kind }) => kind === 'apply')?.notes[0] ?? null;

/** A line of fewer words than this is sooner read again than looked up. */
const MIN_REFERRED_WORDS = 6;

/** How it is put on; the same way twice is named by the number of the step that tells it. */
function howWords(pass: RoundPass, { passes, offset }: EarlierSteps): string | null {
  const how = applied(pass);
  const told = how === null ? -1 : passes.findIndex((one) => one.phase !== 'wash' && applied(one) === how);
  const isLong = how !== null && how.split(' ').length >= MIN_REFERRED_WORDS;
  return told >= 0 && isLong ? `As in step ${offset + told + 1}.` : how;
}

/** One bath for several pieces says so, whatever else there is to say of how it is done. */
function togetherWords(actions: readonly Action[], how: string | null): string[] {
  const { text } = STANDING_NOTES.allTogether;
  const isSaid = actions.some(({ kind, notes }) => kind === 'apply' && notes.includes(text));
  return isSaid && how !== text ? [text] : [];
}

/** What comes after the product. Plain water on a surface has its amount, unless a step before had the same. */
function afterWords(pass: RoundPass, before: readonly RoundPass[], say: Lexicon): string[] {
  const words = BETWEEN_WORDS[pass.between.way];
  if (words === null) return [];
  const amount = plainPassWords(pass.actions, say);
  const isTold = (text: string) => before.some(({ actions }) => plainPassWords(actions, say).includes(text));
  return [words, ...amount.filter((text) => !isTold(text))];
}

/** What only the person can see; a plan of earlier versions has it as one text. */
export const conditionWords = ({ checks, onlyIf }: RoundPass): string[] =>
  onlyIf ? [`Only if: ${lowerFirst(onlyIf)}`] : checks.map(({ text }) => `Only if ${text}.`);

/** Vapour that burns, of an earlier product or of the trouble itself, is out before the work begins. */
function airedFirstWords(actions: readonly Action[]): string[] {
  const work = actions.findIndex(({ kind }) => kind === 'mix' || kind === 'apply');
  const airs = actions.slice(0, Math.max(0, work)).some(({ kind }) => kind === 'airOut');
  return airs ? ['First outdoors, until no smell is left.'] : [];
}

/** An earlier product is out before the work begins. */
function rinsedFirstWords({ actions, rinsedAtOnce }: RoundPass): string[] {
  const rinse = actions.find(({ kind }) => kind === 'rinseBefore');
  if (!rinse || rinsedAtOnce) return [];
  return rinse.rinseWay === 'damp'
    ? ['First blot out what was put on it.']
    : [`First rinse it in ${rinse.rinses ?? 2} cold waters.`];
}

/** How much plain water goes on a surface after a product. */
const plainPassWords = (actions: readonly Action[], say: Lexicon): string[] =>
  actions.flatMap(({ rinseWay, putOn }) =>
    rinseWay === 'damp' && putOn ? [`${liquidWords(putOn.volumeML, putOn.snapped, say)} each.`] : [],
  );

/**
 * Where and how long it dries, then what more there is to say: "Dry: line, 3–15 h.", "No dryer, no iron yet."
 * @param donts what the first seconds have warned of: it is not said again
 */
export function dryingWords(
  { action, minutes }: NonNullable<Round['drying']>,
  donts: readonly string[] = [],
): string[] {
  const { dryingWays, notes } = action;
  const where = dryingWays.map((way) => DRYING_WORDS[way]).join(' or ') || 'where it is';
  return [
    `Dry: ${where}, ${durationWords(minutes.low, minutes.high)}.`,
    ...(isOnLine(dryingWays) && !donts.includes(NO_HEAT_YET) ? [NO_HEAT_YET] : []),
    ...notes,
  ];
}

/** It hangs or lies without heat: a dryer or an iron could follow. A carpet or a seat dries where it is. */
const isOnLine = (ways: Action['dryingWays']): boolean =>
  ways.length > 0 && ways.every((way) => !way.startsWith('tumble'));

const minutesWords = ({ low, high }: Minutes): string => durationWords(low, high);
