import { STANDING_CAUTIONS } from '@feverfew/knowledge';
import { agentsOf, chemistriesOf } from './doneIn.js';
import type { CaseRead } from './readCase.js';
import { NONE, type TurnRule, treatOf, type WorkRule, when } from './rule.js';

/** What the people of the house say: what is switched off, who lives here, what has to be read before. */
export const PEOPLE_WORK_RULES: readonly WorkRule[] = [gates, sensitive, spoilt, goneBans, cautions];
export const PEOPLE_TURN_RULES: readonly TurnRule[] = [dust, turnCautions, earlierProducts];

/** Switched off, not sold, not on children's things, eats metal, strength not known or past the household's. */
function gates(...[work, read]: Parameters<WorkRule>) {
  const { household, item, facts } = read;
  return agentsOf(work, read).flatMap((agent) => {
    const owned = household.cupboard.find((entry) => entry.agentId === agent.id);
    const off =
      (agent.chemistries.includes('chlorine') && !household.allowChlorine) ||
      (agent.chemistries.includes('ammonia') && !household.allowAmmonia) ||
      (agent.chemistries.includes('oxalicAcid') && !household.allowOxalic) ||
      (agent.restrictedSale && !household.boraxSold) ||
      (agent.notForChildren && item?.childrens === true);
    const strong = owned?.strengthPct !== null && (owned?.strengthPct ?? 0) > (agent.strength?.max ?? 100);
    const unsure = owned?.strengthPct === null && agent.strength?.mustBeKnown === true;
    return [
      ...when(off, 'agentSwitchedOff'),
      ...when(agent.neverOffered, 'agentNeverOffered'),
      ...when(agent.notWithMetalParts && facts.piece.metalParts, 'agentOnMetal'),
      ...when(owned !== undefined && agent.strength !== null && (strong || unsure), 'strengthNotSafe'),
    ];
  });
}

/** Someone with asthma, pregnant, small, or on four legs. */
function sensitive(...[work, read]: Parameters<WorkRule>) {
  return when(
    agentsOf(work, read).some((agent) => agent.notWith.some((who) => read.household[who])),
    'keptFromPeople',
  );
}

/** What is still in it puts the piece out of use: nothing at all is done to it. */
function spoilt(...[, read]: Parameters<WorkRule>) {
  return when(read.residues.some(({ spoilsPiece }) => spoilsPiece) || isRotten(read), 'spoiltPieceWorked');
}

/** Mould in what is slept on or in a large patch, germs all over: in a filling that water does not run out of. */
export function isRotten({ marks, item, fibres, parts, drains, facts }: CaseRead): boolean {
  const stays = (what: string) => marks.some(({ staysInFilling }) => staysInFilling === what);
  const filled =
    item?.sleptOn === true ||
    fibres.some(({ group }) => group === 'fill') ||
    parts.some(({ beneath }) => beneath);
  const large = facts.size === 'larger' || facts.size === 'allOver';
  return (
    !drains &&
    filled &&
    ((stays('mould') && (item?.sleptOn === true || large)) || (stays('germs') && facts.size === 'allOver'))
  );
}

/** What guards people outlasts its mark: a trace of urine is not seen. */
function goneBans(...[work, { facts, told, ...read }]: Parameters<WorkRule>) {
  const used = chemistriesOf(work, { facts, told, ...read });
  return when(
    told.some(
      (component) =>
        facts.goneComponentIds.includes(component.id) &&
        component.chemistry.some(
          (rule) => rule.verdict === 'never' && rule.protects !== 'piece' && used.includes(rule.chemistry),
        ),
    ),
    'personBanLost',
  );
}

function cautions(...[work, read]: Parameters<WorkRule>) {
  const agents = agentsOf(work, read);
  if ((work.kind !== 'treat' && work.kind !== 'wash') || work.pours.length === 0) return NONE;
  const lacks = (ids: readonly string[]) => ids.some((id) => !work.cautionIds.includes(id));
  const wanted = [
    ...agents.flatMap((agent) => agent.cautionIds),
    ...STANDING_CAUTIONS.anyProduct,
    ...(read.household.septicTank && work.kind === 'treat' && agents.some((agent) => agent.notIntoSeptic)
      ? STANDING_CAUTIONS.septicTank
      : []),
  ];
  if (work.kind === 'wash') return when(lacks(wanted), 'cautionMissing');
  const target = work.tempC?.target ?? 0;
  const scald = target > 50 ? STANDING_CAUTIONS.scalding : target >= 45 ? STANDING_CAUTIONS.hot : [];
  return [
    ...when(lacks(wanted), 'cautionMissing'),
    ...when(lacks(scald), 'scaldCautionMissing'),
    ...when(agents.some((agent) => agent.attended) && !work.attended, 'unattended'),
  ];
}

/** Spores and dust brushed off dry where someone's lungs are weak. */
function dust(...[turn, read]: Parameters<TurnRule>) {
  const treat = treatOf(turn);
  const brushed =
    treat &&
    treat.waterML === 0 &&
    treat.pours.every((one) => read.agentOf(one.agentId)?.form !== 'liquid') &&
    (treat.hand === 'softBrush' ||
      treat.hand === 'firmBrush' ||
      turn.some((work) => work.says.some((text) => read.noteOf(text)?.asks.includes('brush'))));
  return when(
    read.household.asthma && read.left.some((component) => component.dustHarms) && Boolean(brushed),
    'keptFromPeople',
  );
}

/** What the trouble and the piece ask of the person is said somewhere in the pass. */
function turnCautions(...[turn, { cautions: asked, marks, item }]: Parameters<TurnRule>) {
  const said = new Set(turn.flatMap((work) => work.cautionIds));
  const first = turn[0]?.turn === 0;
  const wanted = [
    ...(first ? asked.map((caution) => caution.id) : (item?.cautionIds ?? [])),
    ...(marks.some((mark) => mark.bodyFluid) ? STANDING_CAUTIONS.bodyFluid : []),
  ];
  return when(
    wanted.some((id) => !said.has(id)),
    'cautionMissing',
  );
}

/** Changes of water that flood out what would explode once dry. */
const FLOOD = 5;

/** A product tried before hands on its cautions, before the first water meets it. */
function earlierProducts(...[turn, read]: Parameters<TurnRule>) {
  if (turn[0]?.turn !== 0 || read.residues.length === 0) return NONE;
  const said = new Set(turn.flatMap((work) => work.cautionIds));
  const wanted = [
    ...read.residues.flatMap((agent) => agent.cautionIds),
    ...(read.residues.some((agent) => agent.flammable) ? STANDING_CAUTIONS.solventOnIt : []),
  ];
  const explosive = read.told.some((component) =>
    read.residues.some(
      (agent) =>
        component.explosiveDryWith !== null && agent.chemistries.includes(component.explosiveDryWith),
    ),
  );
  const { wetness, age } = read.facts;
  const mayBeDry = wetness === 'dry' || (wetness === 'unknown' && age !== 'minutes');
  const flooded = turn.findIndex((work) => work.kind === 'rinse' && work.changes >= FLOOD);
  const worked = turn.findIndex((work) => work.kind === 'treat' || work.kind === 'dry');
  return [
    ...when(
      wanted.some((id) => !said.has(id)),
      'triedCautionMissing',
    ),
    ...when(explosive && (flooded < 0 || worked < flooded || !read.drains || mayBeDry), 'driesExplosive'),
  ];
}
