import type { PiecePart } from '../textile/piece.js';
import type { CaseRead } from './readCase.js';
import { agentsOf, chemistriesOf } from './readCase.js';
import { type TurnRule, treatOf, type WorkRule, when } from './rule.js';

/** What the cloth, its make, its tag and its age say to each stretch of work. */
export const PIECE_WORK_RULES: readonly WorkRule[] = [
  chemistry,
  tagChemistry,
  heat,
  wetness,
  construction,
  programme,
  hand,
  drying,
];

export const PIECE_TURN_RULES: readonly TurnRule[] = [acidity, looks, tests, bounds];

const FRAIL = ['antique', 'irreplaceable'];
const isFrail = ({ facts }: CaseRead): boolean => FRAIL.includes(facts.piece.condition);

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
  const { facts, fibres, left, marks } = read;
  const { label, colour, fastness } = facts.piece;
  const white = colour === 'white';
  const labelled = label?.wash?.kind === 'machine';
  const tops = [
    ...fibres.map(({ bathTempC: t }) =>
      labelled ? (white ? t.white : t.coloured) : white ? t.unlabelledWhite : t.unlabelledColoured,
    ),
    ...(label?.wash?.kind === 'machine' ? [label.wash.maxC] : label?.wash?.kind === 'hand' ? [40] : []),
    ...left.flatMap((component) => component.maxTempC ?? []),
    ...(fastness === 'failed' && !white ? [30] : []),
    ...(isFrail(read) ? [30] : []),
  ];
  const seen = before.some((earlier) => earlier.turn === work.turn && earlier.kind === 'lookDry');
  const unseen = marks.some((mark) => mark.kind === 'mark' || mark.kind === 'dyeRun');
  const hotWash =
    work.programme !== null && work.tempC.most > 40 && !seen && (work.kind === 'wash' || unseen);
  return [...when(work.tempC.most > Math.min(...tops), 'tooHot'), ...when(hotWash, 'heatBeforeLook')];
}

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
    return (
      (isFrail(read) && high > 8.5) ||
      read.fibres.some(
        ({ pH }) => high > pH.max || low < (brief ? Math.min(pH.min, pH.weakAcidBrieflyMin) : pH.min),
      )
    );
  });
  return when(outside, 'pHOutsideFibre');
}

const isWashed = ({ programme: of }: { readonly programme: string | null }): boolean =>
  of !== null && of !== 'none';

function wetness(...[work, read]: Parameters<WorkRule>) {
  const { facts, item, parts, agentOf } = read;
  const { label, code } = facts.piece;
  const noSoak =
    (item?.mostWetting !== 'immersion' && !washedByLabel(read)) ||
    item?.coded ||
    label?.wash?.kind === 'never' ||
    read.fibres.some((fibre) => fibre.waterSensitive) ||
    parts.some((part) => part.mostWetting !== null && part.mostWetting !== 'immersion');
  const noWater =
    (item?.coded && code !== 'W' && code !== 'WS') ||
    item?.mostWetting === 'dry' ||
    facts.piece.parts.some((part) => isMarkedByWater(part, read));
  const anyAgent = work.pours.some((one) => (agentOf(one.agentId)?.chemistries.length ?? 0) > 0);
  const bare = item?.coded && (code === 'X' || code === null || code === 'unknown');
  const drowned = work.soaks || isWashed(work);
  const wet =
    drowned || work.waterML > 0 || work.pours.some((one) => agentOf(one.agentId)?.form === 'liquid');
  return when((drowned && noSoak) || Boolean(noWater && wet) || Boolean(bare && anyAgent), 'tooWet');
}

/** Holds a fibre that water stains where water would reach it: on the face, not in a backing or filling. */
function isMarkedByWater(part: PiecePart, { fibres, parts }: CaseRead): boolean {
  const under = parts.some((kind) => kind.name === part.name && kind.beneath);
  return (
    !under &&
    part.fibres.some((share) => fibres.some((fibre) => fibre.id === share.fibreId && fibre.waterSensitive))
  );
}

/** A piece that is spot work unless its sewn-in label lets it be washed, and this one does. */
const washedByLabel = ({ facts, item }: CaseRead): boolean =>
  item?.labelDecides === true && ['machine', 'hand'].includes(facts.piece.label?.wash?.kind ?? '');

/** Fillings, glue, felt and what is for a professional: wetted, worked or tumbled against their kind. */
function construction(...[work, read]: Parameters<WorkRule>) {
  const { facts, fibres, item, parts } = read;
  const kept = [...fibres, ...parts].some(
    ({ mostWetting }) => mostWetting !== null && mostWetting !== 'immersion',
  );
  const drowned = work.soaks || isWashed(work) || work.rinse === 'change';
  const professional = facts.piece.parts.some((part) =>
    part.fibres.some(({ fibreId }) => item?.professionalFibreIds.includes(fibreId)),
  );
  const tumbled = work.drying.some((way) => way === 'tumbleLow' || way === 'tumbleNormal');
  const noTumble = [...fibres, ...parts].some((one) =>
    one.drying.some((rule) => rule.protects !== 'piece' && rule.forbids.startsWith('tumble')),
  );
  const touched = agentsOf(work, read).some((agent) => agent.chemistries.length > 0);
  return when(
    (kept && drowned) || (professional && (touched || work.waterML > 0)) || (noTumble && tumbled),
    'againstConstruction',
  );
}

const PROGRAMMES = ['none', 'hand', 'veryMild', 'mild', 'normal'];

function programme(...[work, read]: Parameters<WorkRule>) {
  const { facts, fibres, item } = read;
  if (!work.programme) return [];
  const wash = facts.piece.label?.wash;
  const tops = [
    ...fibres.map((fibre) => fibre.mostProgramme),
    washedByLabel(read) ? 'veryMild' : (item?.mostProgramme ?? 'none'),
    ...(isFrail(read) ? ['hand'] : []),
    wash?.kind === 'never'
      ? 'none'
      : wash?.kind === 'hand'
        ? 'hand'
        : wash?.kind === 'machine'
          ? (['normal', 'mild', 'veryMild'][wash.bars] ?? 'hand')
          : 'mild',
  ];
  return when(
    PROGRAMMES.indexOf(work.programme) > Math.min(...tops.map((top) => PROGRAMMES.indexOf(top))),
    'programmeTooStrong',
  );
}

const ACTIONS = ['none', 'blot', 'press', 'softBrush', 'firmBrush'];

function hand(...[work, { facts, fibres, item, parts }]: Parameters<WorkRule>) {
  if (!work.hand) return [];
  const tops = [
    ...fibres.map((fibre) => fibre.mostAction),
    ...parts.flatMap((part) => part.mostAction ?? []),
    item?.mostAction ?? 'none',
    ...(['sound', 'worn'].includes(facts.piece.condition) ? [] : ['press']),
  ];
  return when(
    ACTIONS.indexOf(work.hand) > Math.min(...tops.map((top) => ACTIONS.indexOf(top))),
    'actionTooStrong',
  );
}

/** Ways of drying that nobody may use on this piece, by cloth, parts, make, tag, colour and age. */
export function forbiddenDrying(read: CaseRead): ReadonlySet<string> {
  const { facts, fibres, parts, item } = read;
  const { label, colour } = facts.piece;
  return new Set<string>([
    ...[...fibres, ...parts, ...(item ? [item] : [])].flatMap((one) =>
      one.drying.map((rule) => rule.forbids),
    ),
    ...(label === null || label.tumble === 'never' || label.tumble === null
      ? ['tumbleLow', 'tumbleNormal']
      : label.tumble === 'low'
        ? ['tumbleNormal']
        : []),
    ...(label?.shade || ['mid', 'dark', 'multicoloured', 'unknown'].includes(colour) || isFrail(read)
      ? ['sun']
      : []),
    ...(label?.natural === 'flat' ? ['line'] : []),
  ]);
}

function drying(...[work, read, before]: Parameters<WorkRule>) {
  const sunned = agentsOf(work, read).some((agent) => agent.deeds.includes('sun'));
  const ways: readonly string[] = sunned ? [...work.drying, 'sun'] : work.drying;
  if (ways.length === 0) return [];
  const heated = ways.some((way) => way.startsWith('tumble'));
  const seen = before.some((earlier) => earlier.turn === work.turn && earlier.kind === 'lookDry');
  const forbidden = forbiddenDrying(read);
  return [
    ...when(heated && !seen, 'heatBeforeLook'),
    ...when(
      ways.some((way) => forbidden.has(way)),
      'dryingForbidden',
    ),
  ];
}

function looks(turn: Parameters<TurnRule>[0]) {
  const look = turn.findIndex((work) => work.kind === 'look');
  const dries = turn.findIndex((work) => work.kind === 'dry');
  return when(look < 0 || (dries >= 0 && look > dries), 'lookMissing');
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
