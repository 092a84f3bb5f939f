import type { Check } from '@feverfew/knowledge';
import type { Plan } from '../../treatment/plan/plan.js';
import { type Expect, type ExpectedPass, type ExpertCase, FAMILIES, type Never } from './expertCase.js';
import { type Told, toldBy } from './tokensOf.js';

export const FAULT_KEYS = [
  'never',
  'order',
  'limits',
  'pass',
  'atOnce',
  'dry',
  'looks',
  'ifStays',
  'clutter',
  'figures',
  'untested',
] as const;
export interface Fault {
  readonly key: (typeof FAULT_KEYS)[number];
  readonly what: string;
}

/** Deeds that only the words of a step show, or a product of no family. */
const IN_WORDS: Readonly<Record<string, (one: Told) => boolean>> = {
  wring: ({ text }) => /\bwring (it|out|the)/i.test(text),
  perfume: ({ agents, text }) =>
    agents.has('scentedSachet') || /perfumed?\b/i.test(text.replace(NEGATED, '')),
  cottonWool: ({ text }) => /cotton wool/i.test(text.replace(NEGATED, '')),
  pressPile: ({ text }) => /press(ed)? (down )?(on )?the pile/i.test(text.replace(NEGATED, '')),
  iron: ({ agents, methodId }) => agents.has('warmIron') && methodId !== 'ironThroughPaper',
};
const NEGATED = /\b(no|not|never|without)\b[^.;,:]*/gi;

/** Words that are judged by more than the steps: heat, water, what is asked and where it ends. */
export const SPECIAL = [
  ...['hotWater', 'immersion', 'soak', 'tumble', 'stoneSink', 'sun', 'rub', 'firmBrush', 'acid', 'doNotRub'],
  ...['tumbleWhenGone', 'airInPlace', 'none', 'repeat', 'professional', 'accept', 'steam', 'noHeat'],
  ...[
    'goneDryDaylight',
    'smellWhenDry',
    'smellWhenWarm',
    'ringWhenDry',
    'ownDyeOnCloth',
    'trimColour',
    'damage',
  ],
  ...['handle', 'waterClear', 'waterBeads'],
  ...Object.keys(IN_WORDS),
];

/** What is wrong with a plan, held against what an expert would accept. A medium case may be off in figures alone. */
export function judgeCase({ expect, confidence }: ExpertCase, plan: Plan): Fault[] {
  const told = toldBy(plan);
  const found: Fault[] = [
    ...expect.never.flatMap((never) => neverFaults(never, told)),
    ...orderFaults(expect, told),
    ...limitFaults(expect, told),
    ...passFaults(expect, told),
    ...atOnceFaults(expect, told, plan),
    ...dryFaults(expect, told),
    ...lookFaults(expect, plan),
    ...staysFaults(expect, told, plan),
  ];
  return confidence === 'medium' && found.every(({ key }) => key === 'figures') ? [] : found;
}

const has = ({ tokens }: Told, token: string): boolean =>
  token.includes('+')
    ? token.split('+').every((one) => tokens.has(one))
    : (FAMILIES[token] ?? [token]).some((one) => tokens.has(one));

function does(one: Told, what: string): boolean {
  switch (what) {
    case 'hotWater':
      return one.kind !== 'dry' && (one.tempC ?? 0) > 40;
    case 'immersion':
      return one.immersed;
    case 'soak':
      return one.immersed && one.kind !== 'wash';
    case 'tumble':
      return one.kind === 'dry' && (one.tokens.has('tumbleLow') || one.tokens.has('tumbleNormal'));
    case 'stoneSink':
      return one.stone;
    case 'sun':
      return one.tokens.has('sun') || one.tokens.has('sunAir');
    default:
      return IN_WORDS[what]?.(one) ?? has(one, what);
  }
}

function neverFaults(never: Never, told: readonly Told[]): Fault[] {
  const fault = (what: string): Fault[] => [{ key: 'never', what }];
  if (never.tempAbove !== undefined) {
    const above = never.tempAbove;
    const hot = told.find((one) => one.kind !== 'dry' && (one.tempC ?? 0) > above);
    return hot ? fault(`${hot.methodId} at ${hot.tempC} °C, never above ${above}`) : [];
  }
  const what = never.what ?? '';
  if (what.includes('+') && what !== 'chlorine') return togetherFaults(what, told);
  const doing = told.filter((one) => does(one, what));
  const wrong = doing.find((one) => {
    if (never.until === 'untilTested') return !one.tested;
    if (never.until === 'untilRinsed')
      return !told.slice(0, told.indexOf(one)).some((before) => before.tokens.has('rinse'));
    return true;
  });
  return wrong ? fault(`${what} (${wrong.methodId ?? wrong.kind})`) : [];
}

function togetherFaults(what: string, told: readonly Told[]): Fault[] {
  const [a = '', b = ''] = what.split('+');
  const inOne = told.some((one) => has(one, a) && has(one, b));
  const unrinsed = told.some((one, at) => {
    if (!has(one, a) && !has(one, b)) return false;
    const other = has(one, a) ? b : a;
    const next = told.slice(at + 1).findIndex((later) => has(later, other));
    return next >= 0 && !told.slice(at + 1, at + 1 + next).some((between) => between.tokens.has('rinse'));
  });
  return inOne || unrinsed ? [{ key: 'never', what }] : [];
}

function orderFaults({ order, roundOne }: Expect, told: readonly Told[]): Fault[] {
  return order.flatMap((rule): Fault[] => {
    const [first = '', second = ''] = rule.split(' before ');
    const any = roundOne.find(({ anyOf }) => anyOf[0] === first)?.anyOf ?? [first];
    const at = (tokens: readonly string[]) =>
      told.findIndex((one) => tokens.some((token) => has(one, token)));
    const [a, b] = [at(any), at([second])];
    return a >= 0 && b >= 0 && b < a ? [{ key: 'order', what: rule }] : [];
  });
}

const SOLVENTS: readonly string[] = ['solvent', 'ketoneEster', ...(FAMILIES.solvent ?? [])];

function limitFaults({ limits, ifStays }: Expect, told: readonly Told[]): Fault[] {
  const rounds = [...new Set(told.map(({ round }) => round))].filter((round) => round > 0);
  const most = (of: (round: readonly Told[]) => number): number =>
    Math.max(0, ...rounds.map((round) => of(told.filter((one) => one.round === round))));
  const washes = most((round) => round.filter(({ kind }) => kind === 'wash').length);
  const dryings = most((round) => round.filter(({ kind }) => kind === 'dry').length);
  // A solvent that the case itself has for what stays is no fault in a later round.
  const isLater = ifStays.some(
    (next) => typeof next !== 'string' && next.anyOf.some((token) => SOLVENTS.includes(token)),
  );
  const solvent = most((round) =>
    isLater && round.some((one) => one.round > 1)
      ? 0
      : round.reduce((sum, { solventML }) => sum + solventML, 0),
  );
  const one = told.filter(({ round }) => round === 1);
  const hottest = Math.max(0, ...one.filter(({ kind }) => kind !== 'dry').map(({ tempC }) => tempC ?? 0));
  const over = (is: boolean, what: string): Fault[] => (is ? [{ key: 'limits', what }] : []);
  return [
    ...over(washes > limits.maxWashes, `${washes} washes, ${limits.maxWashes} at most`),
    ...over(dryings > limits.maxDryings, `${dryings} dryings, ${limits.maxDryings} at most`),
    ...over(
      limits.maxTempBeforeGone !== null && hottest > limits.maxTempBeforeGone,
      `${hottest} °C, ${limits.maxTempBeforeGone} at most before it is gone`,
    ),
    ...over(solvent > limits.mostSolventML, `${solvent} mL of solvent, ${limits.mostSolventML} at most`),
  ];
}

/** An entered pass, without its figures. */
const isThat = (one: Told, { anyOf }: ExpectedPass): boolean => anyOf.some((token) => has(one, token));

/** A tap or a clock is set no more exactly: °C and minutes. */
const EDGE = 5;
/** Cold water of no stated temperature, °C. */
const TAP_C = 20;

function figuresFit(one: Told, { tempC, minutes, dose }: ExpectedPass): boolean {
  if (one.kind !== 'work' && one.kind !== 'wash') return true;
  const has = one.tempC ?? TAP_C;
  const warm = !tempC || one.isDry || (has <= tempC[1] + EDGE && has >= tempC[0] - EDGE);
  const long =
    !minutes ||
    one.inMachine ||
    (one.minutes !== null && one.minutes[0] <= minutes[1] + EDGE && one.minutes[1] >= minutes[0] - EDGE);
  return warm && long && !isDoseWrong(one, dose ?? '');
}

/** So far past an amount still counts. */
const DOSE_TOLERANCE = 0.2;

/** Amounts in words: "at most 30 mL", "10 g/L", "5 to 10 g/L", "3 %", "1:1 or weaker". */
function isDoseWrong({ pours, waterML, immersed }: Told, dose: string): boolean {
  const products = pours.filter(({ agentId }) => agentId !== 'water');
  const sum = products.reduce((all, { volumeML }) => all + (volumeML ?? 0), 0);
  const most = /at most (\d+) mL/.exec(dose);
  if (most && sum > Number(most[1]) * (1 + DOSE_TOLERANCE)) return true;
  const perL = /(?:about )?(\d+(?:\.\d+)?)(?: to (\d+))? g\/L/.exec(dose);
  const weighed = products.find(({ massG }) => massG !== null);
  if (perL && weighed && waterML > 0) {
    const has = ((weighed.massG ?? 0) / waterML) * 1000;
    const [low, high] = [Number(perL[1]), Number(perL[2] ?? perL[1])];
    if (has < low * (1 - DOSE_TOLERANCE) || has > high * (1 + DOSE_TOLERANCE)) return true;
  }
  const pct = /^(\d+) %/.exec(dose);
  const strength = pours.find(({ agentId }) => agentId === 'peroxide')?.strengthPct ?? null;
  if (pct && strength !== null && strength > Number(pct[1]) * (1 + DOSE_TOLERANCE)) return true;
  const poured = pours.find(({ agentId }) => agentId === 'water')?.volumeML ?? 0;
  const vinegar = pours.find(({ agentId }) => agentId === 'vinegar')?.volumeML ?? 0;
  return /1:1 or weaker/.test(dose) && !immersed && vinegar > (waterML + poured) * (1 + DOSE_TOLERANCE);
}

/** A dose that asks for a test first. */
const ASKS_TEST = /hidden (place|test)|after a colour test|\btest\b/;

/** A pre-treatment is not met by the wash itself. */
const isInPhase = ({ kind }: Told, { phase, anyOf }: ExpectedPass): boolean =>
  (kind === 'wash') === (phase === 'wash') || kind === 'test' || anyOf.some((token) => /wash/i.test(token));

function passFaults({ roundOne }: Expect, told: readonly Told[]): Fault[] {
  // What is said to be done at once is no pass, but where the case says so.
  const work = told.filter(({ round, kind }) => round === 1 && kind !== 'dry');
  const faults: Fault[] = [];
  let from = 0;
  for (const expected of roundOne) {
    const name = expected.anyOf.join('/');
    const isIt = (one: Told): boolean => isThat(one, expected) && isInPhase(one, expected);
    if (expected.phase === 'atOnce' && told.some((one) => one.round === 0 && isThat(one, expected))) continue;
    const here = work.slice(from);
    const whole = here.findIndex((one) => isIt(one) && figuresFit(one, expected));
    const named = here.findIndex(isIt);
    if (whole >= 0 && !expected.optional && ASKS_TEST.test(expected.dose ?? '')) {
      if (!work.some(({ kind }) => kind === 'test')) faults.push({ key: 'untested', what: name });
    }
    if (whole >= 0 && !expected.optional) from += whole;
    else if (expected.optional) continue;
    else if (named >= 0) {
      const one = here[named];
      faults.push({ key: 'figures', what: `${name}: ${one?.tempC} °C, ${one?.minutes?.join('–')} min` });
      from += named;
    } else
      faults.push({
        key: 'pass',
        what: `no ${name}${work.some((one) => isThat(one, expected)) ? ' in its place' : ''}`,
      });
  }
  const unlisted = work.filter(
    (one) =>
      (one.kind === 'work' || one.kind === 'wash') &&
      one.methodId &&
      !roundOne.some((expected) => isThat(one, expected)),
  );
  if (unlisted.length > 2)
    faults.push({ key: 'clutter', what: unlisted.map(({ methodId }) => methodId).join(', ') });
  return faults;
}

function atOnceFaults({ atOnce }: Expect, told: readonly Told[], { atOnce: { donts } }: Plan): Fault[] {
  const first = told.filter(({ kind }) => kind === 'atOnce');
  const opening = told.filter(({ round }) => round <= 1);
  const warned = (words: RegExp) => donts.some((line) => words.test(line));
  const said = (token: string) =>
    (token === 'doNotRub' && warned(/\brub|\bwip/i)) ||
    (token === 'noHeat' && warned(/\bheat|\bdryer|\biron/i));
  return [
    ...atOnce.must
      .filter((verb) => !said(verb) && !first.some((one) => has(one, verb)))
      .map((verb): Fault => ({ key: 'atOnce', what: `no ${verb}` })),
    ...atOnce.mustNot
      .filter(
        (verb) =>
          first.some((one) => has(one, verb)) ||
          (verb === 'hotWater' && opening.some((one) => one.kind === 'atOnce' && does(one, verb))),
      )
      .map((verb): Fault => ({ key: 'atOnce', what: `${verb} at once` })),
  ];
}

const isWet = ({ kind, isDry, tokens }: Told): boolean =>
  kind === 'atOnce' ? tokens.has('water') : (kind === 'work' || kind === 'wash') && !isDry;

function dryFaults({ dry }: Expect, told: readonly Told[]): Fault[] {
  const ours = told.filter(
    (one) => one.round === 1 && (one.kind === 'dry' || one.tokens.has('weighDown') || one.tokens.has('air')),
  );
  const tokens = new Set(ours.flatMap((one) => [...one.tokens]));
  // What was only dabbed dries as it is, wherever it hangs.
  if (!told.some((one) => one.round === 1 && one.immersed)) tokens.add('airInPlace');
  const none = !told.some((one) => one.round === 1 && one.kind === 'dry');
  const wetted = told.some((one) => one.round <= 1 && (one.solventML > 0 || isWet(one)));
  // Where nothing is wetted nothing is dried, whatever would have been accepted.
  if (none && (!wetted || dry.length === 0)) return [];
  if (none && !dry.includes('none')) return [{ key: 'dry', what: `none, wanted ${dry.join('/')}` }];
  if (none) return [];
  const fits = dry.some((way) => tokens.has(way) || (way === 'tumbleWhenGone' && tokens.has('line')));
  return fits ? [] : [{ key: 'dry', what: `${[...tokens].join(', ') || 'none'}, wanted ${dry.join('/')}` }];
}

const OF_CHECK: Readonly<Record<Check, readonly string[]>> = {
  daylight: ['goneDryDaylight'],
  againstLight: ['goneDryDaylight'],
  waterDrop: ['waterBeads', 'handle'],
  smellDamp: ['smellWhenDry', 'smellWhenWarm'],
  smellWarm: ['smellWhenWarm', 'smellWhenDry'],
  feel: ['handle'],
  fromSide: ['ringWhenDry', 'goneDryDaylight'],
  scratch: ['handle'],
  whiteCloth: ['ownDyeOnCloth', 'trimColour'],
  nextDay: ['ringWhenDry', 'smellWhenDry'],
  wetAndDry: ['goneDryDaylight'],
  besideClean: ['goneDryDaylight'],
  strength: ['damage'],
};

function lookFaults({ looks }: Expect, plan: Plan): Fault[] {
  const [first] = plan.rounds;
  if (!first?.look) return [];
  const asked = new Set(
    first.look.byMark.flatMap(({ checks }) => checks.flatMap((check) => OF_CHECK[check])),
  );
  const actions = first.passes.flatMap((pass) => pass.actions);
  const signs = [...actions, first.look.action].flatMap((action) => action.alarmSignIds);
  if (signs.length > 0) asked.add('damage');
  if (signs.some((id) => /dye|colour/i.test(id)) || actions.some(({ kind }) => kind === 'hiddenTest'))
    for (const one of ['ownDyeOnCloth', 'trimColour']) asked.add(one);
  const clear = [...first.passes.map(({ stop }) => stop ?? ''), ...actions.flatMap(({ notes }) => notes)];
  if (clear.some((line) => /clear/i.test(line))) asked.add('waterClear');
  const missing = looks.filter((one) => !asked.has(one));
  return missing.length > 0 ? [{ key: 'looks', what: `not asked: ${missing.join(', ')}` }] : [];
}

function staysFaults({ ifStays }: Expect, told: readonly Told[], plan: Plan): Fault[] {
  const second = told.filter(({ round }) => round === 2);
  const fits = ifStays.some((next) => {
    if (typeof next !== 'string') return second.some((one) => isThat(one, next) && figuresFit(one, next));
    if (next === 'repeat') return plan.rounds.length > 1 || plan.ends.some(({ rounds }) => rounds > 1);
    return plan.ends.some(
      (end) => end.next === next || (next === 'accept' && ['dyePatch', 'mend', 'discard'].includes(end.next)),
    );
  });
  return fits || ifStays.length === 0 ? [] : [{ key: 'ifStays', what: 'none of them' }];
}
