import { chemistriesOf } from './doneIn.js';
import { isAntique, isFrail } from './readCase.js';
import { type TurnRule, treatOf, type WorkRule, when } from './rule.js';
import type { Work } from './work.js';

/** What the cloth, its tag and its age say to products, heat and pH. */
export const PIECE_WORK_RULES: readonly WorkRule[] = [chemistry, tagChemistry, heat];

export const PIECE_TURN_RULES: readonly TurnRule[] = [acidity, looks, tests, bounds];

function chemistry(...[work, read]: Parameters<WorkRule>) {
  return when(
    chemistriesOf(work, read).some((one) => read.never.has(one)),
    'agentOnForbiddenFibre',
  );
}

/** A crossed triangle bans all bleach, an open one none; a crossed circle bans solvents. */
function tagChemistry(...[work, read]: Parameters<WorkRule>) {
  const { label } = read.facts.piece;
  const banned = [
    ...(label?.bleach === 'any'
      ? []
      : label?.bleach === 'never'
        ? ['chlorine', 'peroxide', 'percarbonate']
        : ['chlorine']),
    ...(label?.dryClean === 'never' ? ['hydrocarbon', 'ketone', 'ester'] : []),
  ];
  return when(
    chemistriesOf(work, read).some((one) => banned.includes(one)),
    'agentAgainstLabel',
  );
}

function heat(...[work, read, before]: Parameters<WorkRule>) {
  if (!work.tempC) return [];
  const { facts, fibres, left, item } = read;
  const { label, colour, fastness } = facts.piece;
  const white = colour === 'white';
  // A tag with a machine wash speaks for all fibres; a soak past two hours is cooler for tender ones.
  const labelled = label?.wash?.kind === 'machine';
  const longSoak = work.soaks && (work.minutes?.most ?? 0) > LONG_SOAK_MIN;
  const tops = [
    ...(labelled ? [] : fibres.map(({ bathTempC: t }) => (white ? t.unlabelledWhite : t.unlabelledColoured))),
    ...(['machine', 'hand'].includes(label?.wash?.kind ?? '') ? [] : [item?.mostTempC ?? 100]),
    ...(longSoak ? fibres.flatMap((fibre) => fibre.longSoakMaxC ?? []) : []),
    ...(label?.wash?.kind === 'machine'
      ? [label.wash.maxC]
      : label?.wash?.kind === 'hand'
        ? [label.wash.maxC ?? 40]
        : []),
    ...(isHygiene(work, read, before) ? [] : left.flatMap((component) => component.maxTempC ?? [])),
    ...(fastness === 'failed' && !white ? [30] : []),
    ...(isAntique(read) ? [30] : []),
  ];
  const seen = before.some((earlier) => earlier.round === work.round && earlier.kind === 'lookDry');
  const hottest = work.tempC.most;
  const used = chemistriesOf(work, read);
  const hotWash =
    work.programme !== null &&
    !seen &&
    left.some(
      ({ plainWashMaxC, removal }) =>
        plainWashMaxC !== null &&
        hottest > plainWashMaxC &&
        !CURES.some(
          ([chemistry, way]) => used.includes(chemistry) && removal.some((r) => r.mechanism === way),
        ),
    );
  return [...when(hottest > Math.min(...tops), 'tooHot'), ...when(hotWash, 'heatBeforeLook')];
}

/** °C at which heat alone does what oxygen does in a cooler wash. */
const HOT_ENOUGH_C = 60;

/**
 * Germs of a sick person go before the mark, and so does a body fluid on a nappy or a kitchen cloth. They are washed
 * hot, or with oxygen, once cold water has run through.
 */
function isHygiene(...[work, read, before]: Parameters<WorkRule>): boolean {
  const isOfUse = read.knowledge.clothKinds.some(
    ({ itemIds, hygieneId }) => hygieneId !== null && itemIds.includes(read.item?.id ?? ''),
  );
  const flushed = before.some(
    (earlier) =>
      earlier.kind === 'treat' &&
      (earlier.tempC?.most ?? 100) <= 40 &&
      chemistriesOf(earlier, read).every((one) => one === 'water'),
  );
  return (
    work.programme !== null &&
    flushed &&
    ((work.tempC?.most ?? 0) >= HOT_ENOUGH_C || chemistriesOf(work, read).includes('percarbonate')) &&
    read.marks.some((mark) => mark.bodyFluid) &&
    (isOfUse || read.left.some((component) => component.infectious))
  );
}

const LONG_SOAK_MIN = 120;
/** What takes a colour out while it is hot, and how. */
const CURES = [
  ['percarbonate', 'oxidation'],
  ['peroxide', 'oxidation'],
  ['dyeSuspender', 'dyeSuspension'],
  ['reducer', 'reduction'],
] as const;

const MILD = ['weakAcid', 'peroxide', 'detergent', 'water'];

/** Sour or alkaline past the cloth; mild acid that is rinsed out within the hour has a wider window. */
function acidity(...[turn, read]: Parameters<TurnRule>) {
  const outside = turn.some((work, index) => {
    if (!work.pH) return false;
    const { low, high } = work.pH;
    const brief =
      chemistriesOf(work, read).every((one) => MILD.includes(one)) &&
      (work.minutes?.most ?? Number.POSITIVE_INFINITY) <= 60 &&
      turn.slice(index).some((later) => later.kind === 'rinse');
    const used = chemistriesOf(work, read);
    const eatsRust =
      used.includes('oxalicAcid') &&
      used.every((one) => one === 'oxalicAcid' || MILD.includes(one)) &&
      (work.minutes?.most ?? Number.POSITIVE_INFINITY) <= 10 &&
      turn.slice(index).some((later) => later.kind === 'rinse' && later.changes >= 2);
    const oxygen = used.includes('percarbonate') && (work.soaks || work.programme !== null);
    const sign = read.facts.piece.label?.bleach;
    const bySign = sign === 'any' || sign === 'oxygenOnly';
    return (
      (isAntique(read) && high > 8.5) ||
      read.fibres.some(({ pH }) => {
        const floor = eatsRust ? pH.spotAcidMin : brief ? pH.weakAcidBrieflyMin : pH.min;
        const top = oxygen && (bySign || !pH.oxygenNeedsLabel) ? pH.oxygenMax : pH.max;
        return high > Math.max(pH.max, top) || low < Math.min(pH.min, floor);
      })
    );
  });
  return when(outside, 'pHOutsideFibre');
}

function looks(turn: Parameters<TurnRule>[0]) {
  const look = turn.findIndex((work) => work.kind === 'look');
  const dries = turn.findIndex((work) => work.kind === 'dry');
  // No one looks into a drum: what is washed in one is looked at dry.
  const inDrum = ({ programme }: Work) => programme !== null && programme !== 'none' && programme !== 'hand';
  const drum = turn.filter(({ kind }) => kind === 'treat').every(inDrum);
  const dry = turn.some(({ kind }) => kind === 'lookDry');
  return when(!(drum && dry) && (look < 0 || (dries >= 0 && look > dries)), 'lookMissing');
}

const MOVES_COLOUR = [
  'peroxide',
  'percarbonate',
  'alcohol',
  'ketone',
  'ester',
  'hydrocarbon',
  'reducer',
  'ammonia',
  'strongAlkali',
  'oxalicAcid',
];

function tests(...[turn, read]: Parameters<TurnRule>) {
  const { colour, fastness, label } = read.facts.piece;
  const treat = treatOf(turn);
  const used = treat ? chemistriesOf(treat, read) : [];
  const untested = colour !== 'white' && fastness !== 'proven';
  const ruled = read.rules.some((rule) => rule.verdict === 'test' && used.includes(rule.chemistry));
  const byTag = label?.dryClean === 'never' && used.includes('alcohol');
  const needed =
    ruled || byTag || (used.some((one) => MOVES_COLOUR.includes(one)) && (untested || isFrail(read)));
  return when(needed && !turn.some((work) => work.kind === 'test'), 'hiddenTestMissing');
}

/** Hooks and zips bear a peroxygen bath half an hour. */
const METAL_MOST_MIN = 30;

/** A chemistry that is allowed only briefly, cool or a few times keeps to all three. */
function bounds(...[turn, read]: Parameters<TurnRule>) {
  const treat = treatOf(turn);
  if (!treat) return [];
  const used = chemistriesOf(treat, read);
  const most = treat.minutes?.most ?? 0;
  const hottest = treat.tempC?.most ?? 0;
  const over = read.rules.some(
    (rule) =>
      rule.bounds !== undefined &&
      used.includes(rule.chemistry) &&
      (most > (rule.bounds.maxDwellMin ?? most) ||
        hottest > (rule.bounds.maxTempC ?? hottest) ||
        treat.repeats > (rule.bounds.maxRounds ?? treat.repeats)),
  );
  const onMetal =
    read.facts.piece.metalParts &&
    (used.includes('percarbonate') || used.includes('peroxide')) &&
    most > METAL_MOST_MIN;
  return when(over || onMetal, 'boundsExceeded');
}
