import type { PiecePart } from '../textile/piece.js';
import { agentsOf } from './doneIn.js';
import { type CaseRead, isAntique, isThinFoam } from './readCase.js';
import { type WorkRule, when } from './rule.js';

/** How it is handled: water, machine, hands, drying, against cloth, make and tag. */
export const HANDLING_WORK_RULES: readonly WorkRule[] = [
  wetness,
  construction,
  programme,
  hand,
  drying,
  webbing,
];

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
  // Without a code a passed water test opens the surface; S and X it never opens.
  const uncoded = code === null || code === 'unknown';
  const opened = uncoded && facts.piece.waterTest === 'passed';
  const noWater =
    (item?.coded && code !== 'W' && code !== 'WS' && !opened) ||
    (item?.mostWetting === 'dry' && !washedByLabel(read)) ||
    facts.piece.parts.some((part) => isMarkedByWater(part, read));
  const anyAgent = work.pours.some((one) =>
    agentOf(one.agentId)?.chemistries.some((chemistry) => code === 'X' || chemistry !== 'absorbent'),
  );
  const bare = item?.coded && (code === 'X' || (uncoded && !opened));
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
  const kept = [...(isThinFoam(read) ? [] : fibres), ...parts].some(
    ({ mostWetting }) => mostWetting !== null && mostWetting !== 'immersion',
  );
  const drowned = work.soaks || isWashed(work) || work.rinse === 'change';
  const professional = facts.piece.parts.some((part) =>
    part.fibres.some(({ fibreId }) => item?.professionalFibreIds.includes(fibreId)),
  );
  const tumbled: readonly string[] = work.drying.filter(
    (way) => way === 'tumbleLow' || way === 'tumbleNormal',
  );
  const noTumble = [...fibres, ...parts].some((one) =>
    one.drying.some((rule) => rule.protects !== 'piece' && tumbled.includes(rule.forbids)),
  );
  const touched = agentsOf(work, read).some((agent) => agent.chemistries.length > 0);
  return when(
    (kept && drowned) || (professional && (touched || work.waterML > 0)) || noTumble,
    'againstConstruction',
  );
}

/** A piece of this dry mass throws or breaks a drum, g. */
const HEAVY_G = 5000;
const PROGRAMMES = ['none', 'hand', 'veryMild', 'mild', 'normal'];

function programme(...[work, read]: Parameters<WorkRule>) {
  const { facts, fibres, item } = read;
  if (!work.programme) return [];
  const wash = facts.piece.label?.wash;
  const tops = [
    // A tag with a machine wash speaks for all fibres; those that felt stay mild.
    ...fibres.map((fibre) =>
      wash?.kind === 'machine' ? (fibre.felts ? 'mild' : 'normal') : fibre.mostProgramme,
    ),
    washedByLabel(read) ? 'veryMild' : (item?.mostProgramme ?? 'none'),
    ...(isAntique(read) ? ['hand'] : []),
    ...(facts.piece.condition === 'irreplaceable' ? ['mild'] : []),
    ...((facts.piece.dryMassG ?? 0) >= HEAVY_G ? ['hand'] : []),
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
    ...(['sound', 'worn', 'irreplaceable'].includes(facts.piece.condition) ? [] : ['press']),
    ...(facts.piece.condition === 'irreplaceable' ? ['softBrush'] : []),
  ];
  return when(
    ACTIONS.indexOf(work.hand) > Math.min(...tops.map((top) => ACTIONS.indexOf(top))),
    'actionTooStrong',
  );
}

/** Ways of drying that no one may use on this piece, by cloth, parts, make, tag, colour and age. */
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
    ...(label?.shade || ['mid', 'dark', 'multicoloured', 'unknown'].includes(colour) || isAntique(read)
      ? ['sun']
      : []),
    ...(['flat', 'dripFlat'].includes(label?.natural ?? '') ? ['line'] : []),
  ]);
}

/** Feathers rot damp; where no mark or run is left to set, the low tumble may dry them at once. */
const isDownDried = (ways: readonly string[], { fibres, marks }: CaseRead): boolean =>
  ways.every((way) => way === 'tumbleLow') &&
  fibres.some((fibre) => fibre.driesInTumble) &&
  marks.every(({ kind }) => kind !== 'mark' && kind !== 'dyeRun');

/** Stale smell, lime and their like: no heat sets what is left, and nothing in it burns. */
const isSetByNoHeat = ({ marks, left }: CaseRead): boolean =>
  left.every((component) => !component.heatSets) &&
  marks.every(({ kind }) => kind !== 'mark' && kind !== 'dyeRun');

function drying(...[work, read, before]: Parameters<WorkRule>) {
  const sunned = agentsOf(work, read).some((agent) => agent.deeds.includes('sun'));
  const ways: readonly string[] = sunned ? [...work.drying, 'sun'] : work.drying;
  if (ways.length === 0) return [];
  const heated = ways.some((way) => way.startsWith('tumble'));
  const seen = before.some((earlier) => earlier.round === work.round && earlier.kind === 'lookDry');
  const forbidden = forbiddenDrying(read);
  return [
    ...when(heated && !seen && !isDownDried(ways, read) && !isSetByNoHeat(read), 'heatBeforeLook'),
    ...when(
      ways.some((way) => forbidden.has(way)),
      'dryingForbidden',
    ),
  ];
}

/** What may touch webbing that holds a person: water, mild detergent or soap, something dry that soaks up. */
const ON_WEBBING = ['water', 'detergent', 'soap', 'absorbent'];
/** Warmest water on it, °C. */
const LUKEWARM_C = 30;

/** A solvent, acid, bleach, enzyme, soak, drum or warmth on what holds a person or a load, unless its own tag has a wash. */
function webbing(...[work, read]: Parameters<WorkRule>) {
  if (!read.item?.bearsLoad) return [];
  const products = agentsOf(work, read).some((agent) =>
    agent.chemistries.some((chemistry) => !ON_WEBBING.includes(chemistry)),
  );
  const byTag = washedByLabel(read);
  const drowned = work.soaks || isWashed(work) || work.rinse === 'change';
  const warm = (work.tempC?.most ?? 0) > LUKEWARM_C;
  return when(products || (!byTag && (drowned || warm)) || work.drying.includes('sun'), 'webbingWeakened');
}
