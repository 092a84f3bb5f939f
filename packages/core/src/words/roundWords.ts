import type { Action } from '../treatment/plan/action.js';
import type { Ingredient } from '../treatment/plan/recipe.js';
import type { Minutes, Round, RoundPass } from '../treatment/plan/round.js';
import { durationWords } from './actionWords.js';
import { liquidWords, toolWords } from './amountWords.js';
import { BETWEEN_WORDS, checkWords, PURPOSE_WORDS } from './courseWords.js';
import type { Lexicon } from './lexicon.js';
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
  /** What it is and what for. */
  readonly title: string;
  /** Amounts, warmth and time. */
  readonly recipe: string | null;
  readonly lines: readonly string[];
  /** Those of the lines that say that a hidden spot comes first, and how it is done. */
  readonly test: string | null;
  /** Those of the lines that say what to look at first. */
  readonly conditions: readonly string[];
  readonly how: string | null;
  /** What is normal to see. */
  readonly expect: string | null;
}

export function roundWords(round: Round, say: Lexicon): RoundWords {
  const number = round.id.slice(1);
  return {
    title:
      round.kind === 'full'
        ? `Round ${number}: ${round.handsOnMin} min of yours, ${minutesWords(round.totalMin)} in all, then drying`
        : `Round ${number}, if it is not gone`,
    passes: round.passes.map((pass) => passWords(pass, say)),
    drying: round.drying && dryingWords(round.drying.action, round.drying.minutes),
    look:
      round.look && `Check ${checkWords(round.look.byMark.flatMap(({ checks }) => checks).filter(isFirst))}.`,
  };
}

const isFirst = <T>(one: T, at: number, all: readonly T[]): boolean => all.indexOf(one) === at;

export function passWords(pass: RoundPass, say: Lexicon): PassWords {
  const { actions, purpose, between, stop, expect, methodId, phase } = pass;
  const pours = actions.flatMap(({ ingredients }) => ingredients);
  const dwell = actions.find((action) => action.dwell) ?? null;
  const tries = actions.some(({ kind }) => kind === 'hiddenTest');
  const test = pass.opensAfterTest
    ? 'Only after the hidden water test.'
    : tries
      ? 'A hidden spot first.'
      : null;
  const how = actions.find(({ kind }) => kind === 'apply')?.notes[0] ?? null;
  const conditions = conditionWords(pass);
  const after = phase === 'wash' ? null : BETWEEN_WORDS[between.way];
  const recipe = [
    ...pours.flatMap((one) => pourWords(one, say) ?? []),
    ...waterWords(actions, say),
    ...putOnWords(actions, say),
    ...(dwell?.dwell ? [waitWords(dwell.dwell)] : []),
  ];
  return {
    id: pass.id,
    title: `${say.name(methodId)}${purpose ? `, for ${PURPOSE_WORDS[purpose]}` : ''}`,
    recipe: recipe.length > 0 ? `${recipe.join(', ')}.` : null,
    lines: [
      ...beforeWords(actions),
      ...(test ? [test] : []),
      ...conditions,
      ...(how ? [how] : []),
      ...pass.advice,
      ...(stop ? [`Until: ${lower(stop)}`] : []),
      ...(after ? [after, ...plainPassWords(actions, say)] : []),
    ],
    test,
    conditions,
    how,
    expect,
  };
}

/** What only the person can see; a plan of earlier versions has it as one text. */
export const conditionWords = ({ checks, onlyIf }: RoundPass): string[] =>
  onlyIf ? [`Only if: ${lower(onlyIf)}`] : checks.map(({ text }) => `Only if ${text}.`);

/** What an earlier product, or the trouble itself, asks for before the work begins. */
function beforeWords(actions: readonly Action[]): string[] {
  const rinse = actions.find(({ kind }) => kind === 'rinseBefore');
  const work = actions.findIndex(({ kind }) => kind === 'mix' || kind === 'apply');
  const airs = actions.slice(0, Math.max(0, work)).some(({ kind }) => kind === 'airOut');
  return [
    ...(airs ? ['First outdoors, until no smell is left.'] : []),
    ...(rinse
      ? [
          rinse.rinseWay === 'damp'
            ? 'First blot out what was put on it: two damp cloths.'
            : `First rinse out what was put on it: ${rinse.rinses ?? 2} changes of cold water.`,
        ]
      : []),
  ];
}

/** Minutes of a wait: what is aimed for, or the span. */
const waitWords = ({ minMin, maxMin, aimMin }: NonNullable<Action['dwell']>): string =>
  aimMin === null ? durationWords(minMin, maxMin) : `about ${durationWords(aimMin, aimMin)}`;

/** An amount as a hand measures it, with the exact one. Two figures are enough: a hand pours no more exactly. */
function pourWords(ingredient: Ingredient, say: Lexicon): string | null {
  const { agentId, massG, volumeML, snapped, basis } = ingredient;
  const name = say.name(agentId);
  if (basis === 'label') return `${name} ${byLabelWords(ingredient)}`;
  if (massG !== null)
    return `${snapped ? `${toolWords(snapped)}, ` : ''}about ${twoFigures(massG)} g ${name}`;
  if (volumeML === null) return null;
  return `${liquidWords(twoFigures(volumeML), snapped, say)} ${name}`;
}

/** What the product's own label says, as it was entered, or the usual dose of such a product, which has a range. */
export function byLabelWords({ massG, volumeML, range }: Ingredient): string {
  const amount = massG === null ? volumeML && `${Math.round(volumeML)} mL` : `${Math.round(massG)} g`;
  if (!amount) return 'by its label';
  return range ? `by its label (usually ${amount})` : `as its label says, ${amount}`;
}

/** How much plain water goes on a surface after a product. */
const plainPassWords = (actions: readonly Action[], say: Lexicon): string[] =>
  actions.flatMap(({ rinseWay, putOn }) =>
    rinseWay === 'damp' && putOn ? [`${liquidWords(putOn.volumeML, putOn.snapped, say)} each.`] : [],
  );

/** What of the mix is put on, where that is less than was mixed. */
const putOnWords = (actions: readonly Action[], say: Lexicon): string[] =>
  actions.flatMap(({ kind, putOn }) =>
    kind === 'apply' && putOn
      ? [
          `${putOn.goes ? '' : 'put on '}${liquidWords(putOn.volumeML, putOn.snapped, say)}${putOn.goes ? ' a go' : ''}`,
        ]
      : [],
  );

export function twoFigures(amount: number): number {
  if (amount <= 0) return 0;
  const step = 10 ** (Math.floor(Math.log10(amount)) - 1);
  return Number((Math.round(amount / step) * step).toPrecision(2));
}

function waterWords(actions: readonly Action[], say: Lexicon): string[] {
  const work = actions.filter(({ kind }) => kind === 'mix' || kind === 'apply' || kind === 'dwell');
  const mix = work.find(({ bath, waterML }) => bath !== null || waterML !== null);
  // Of the step itself: a rinse before or after it has a temperature of its own.
  const warm = mix?.tempC ?? work.find(({ tempC }) => tempC !== null)?.tempC ?? null;
  const drum = actions.some(({ programme }) => programme !== null && programme !== 'none');
  const at =
    warm && (warm.target > LUKEWARM_C || drum) ? [`at ${say.temp(warm.target)}`] : warm ? ['cold'] : [];
  if (mix?.bath)
    return [`in ${say.volume(mix.bath.waterL * 1000)} of water ${at.join()} (${mix.vessel?.name ?? 'tub'})`];
  if (mix?.waterML)
    return [`in ${liquidWords(twoFigures(mix.waterML), mix.waterTools ?? null, say)} of water, ${at.join()}`];
  return at;
}

/** Above this a bath is no longer cold to the hand, °C. */
const LUKEWARM_C = 24;

const dryingWords = ({ dryingWays, notes }: Action, minutes: Minutes): string =>
  [
    dryingWays.length > 0
      ? `Dry ${heated(dryingWays) ? 'it' : 'without heat before it is gone'}: ` +
        dryingWays.map((way) => DRYING_WORDS[way]).join(' or ')
      : 'Let it dry where it is',
    `(usually ${durationWords(minutes.low, minutes.high)}).`,
    ...notes,
  ].join(' ');

const heated = (ways: Action['dryingWays']): boolean => ways.some((way) => way.startsWith('tumble'));

const minutesWords = ({ low, high }: Minutes): string => durationWords(low, high);
const lower = (line: string): string => line.charAt(0).toLowerCase() + line.slice(1);
