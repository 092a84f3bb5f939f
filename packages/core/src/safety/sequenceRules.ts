import type { Agent } from '@feverfew/knowledge';
import { agentsOf, chemistriesOf } from './doneIn.js';
import { airsOut, fire } from './fireRules.js';
import { type CaseRead } from './readCase.js';
import { when } from './rule.js';
import type { Violation } from './violation.js';
import type { Work } from './work.js';

type ListRule = (work: readonly Work[], read: CaseRead) => Violation[];

/** What one stretch of work leaves for the next: partners unrinsed, solvent before heat, a dye in company. */
export const LIST_RULES: readonly ListRule[] = [
  pairs,
  fire,
  company,
  oilInDryer,
  solventsInAll,
  oneWashOneDrying,
];

/** A round is one line of work: it goes into a drum once, and is dried once. */
function oneWashOneDrying(work: readonly Work[]): Violation[] {
  const rounds = [...new Set(work.map(({ round }) => round))];
  return rounds.flatMap((round): Violation[] => {
    const own = work.filter((one) => one.round === round);
    const drums = own.filter(({ programme }) => programme !== null && !['none', 'hand'].includes(programme));
    const dryings = own.filter(({ kind }) => kind === 'dry');
    const where = own[0]?.where ?? '';
    return [...when(drums.length > 1, 'washedTwice'), ...when(dryings.length > 1, 'driedTwice')].map(
      (code) => ({
        code,
        where,
      }),
    );
  });
}

interface OnThePiece {
  readonly at: number;
  /** Two waters have been through it since, as the person says. */
  readonly isRinsed: boolean;
  /** It leaves vapour behind. */
  readonly fumes: boolean;
  readonly chemistries: readonly string[];
}

/** Forbidden partners need a full rinse between, or may not share the plan at all. */
function pairs(work: readonly Work[], read: CaseRead): Violation[] {
  const { knowledge, facts, drains } = read;
  const before = (agents: readonly Agent[], isRinsed: boolean): OnThePiece => ({
    at: -1,
    isRinsed,
    fumes: agents.some(({ flammable }) => flammable),
    chemistries: agents.flatMap(({ chemistries }) => chemistries),
  });
  const washed = facts.tried.filter(({ washedOut }) => washedOut === 'yes');
  const earlier: OnThePiece[] = [
    before(read.residues, false),
    // What was washed out of a surface may still meet what must share no plan with it.
    ...(drains
      ? []
      : [
          before(
            washed.flatMap(({ agentId }) => read.agentOf(agentId) ?? []),
            true,
          ),
        ]),
  ];
  return work.flatMap((later, at): Violation[] => {
    const b = chemistriesOf(later, read);
    const found = earlier.flatMap(({ at: since, chemistries: a, fumes, isRinsed }): Violation[] => {
      const met = knowledge.forbiddenPairs.filter(
        (pair) => (a.includes(pair.a) && b.includes(pair.b)) || (a.includes(pair.b) && b.includes(pair.a)),
      );
      const never = ['plan', 'rinseAndDry'];
      if (met.some((pair) => never.includes(pair.apart) || (!drains && pair.blocksSurface)))
        return [{ code: 'forbiddenPairInPlan', where: later.turnName }];
      const between = work.slice(since + 1, at);
      const rinsed = isRinsed || between.some((one) => one.kind === 'rinse' && one.changes >= 2);
      // What has been dried in air has been aired.
      const aired = between.some((one) => one.kind === 'dry' || airsOut(one, read));
      return met.some((pair) => (pair.apart === 'air' ? fumes && !aired : !rinsed))
        ? [{ code: 'forbiddenPairUnrinsed', where: later.turnName }]
        : [];
    });
    if (b.length > 0)
      earlier.push({
        at,
        chemistries: b,
        isRinsed: false,
        fumes: agentsOf(later, read).some((agent) => agent.flammable),
      });
    return found;
  });
}

/** Washed alone: what has bled, a dye run, and what solvent has been in; nor spun where its tag says drip dry. */
function company(work: readonly Work[], read: CaseRead): Violation[] {
  const { piece } = read.facts;
  const bleeds =
    (piece.fastness === 'failed' && piece.colour !== 'white') ||
    read.marks.some((mark) => mark.kind === 'dyeRun');
  const drip = ['drip', 'dripFlat'].includes(piece.label?.natural ?? '');
  return work.flatMap((one): Violation[] => {
    const washed = one.programme !== null && one.programme !== 'none';
    if (!washed) return [];
    const alone = one.says.some((text) => /\balone\b/i.test(text));
    const unspun = one.says.some((text) => read.noteOf(text)?.bars.includes('wring'));
    const turnHasSolvent = work.some(
      (other) => other.round === one.round && agentsOf(other, read).some((agent) => agent.flammable),
    );
    const residue = read.residues.some((agent) => agent.flammable);
    return [
      ...when((bleeds || turnHasSolvent || residue) && !alone, 'inCompany'),
      ...when(drip && !unspun, 'againstTag'),
    ].map((code) => ({ code, where: one.where }));
  });
}

const isWash = ({ kind, programme }: Work): boolean =>
  kind === 'wash' || (programme !== null && programme !== 'none');

/** A dryer before a hot wash has taken the oil, wax or cream out. */
function oilInDryer(work: readonly Work[], read: CaseRead): Violation[] {
  const oily = read.cautions.some((caution) => caution.forbidsHeat && caution.bars.includes('tumble'));
  return work.flatMap((one, at) => {
    const tumbled = one.drying.some((way) => way.startsWith('tumble'));
    const washed = work.slice(0, at).some((earlier) => isWash(earlier) && (earlier.tempC?.most ?? 0) > 40);
    return when(oily && tumbled && !washed, 'oilToDryer').map((code) => ({ code, where: one.where }));
  });
}

/** All solvent of one plan together, mL: one room, one day. */
const SOLVENT_A_DAY_ML = 100;

function solventsInAll(work: readonly Work[], read: CaseRead): Violation[] {
  const inAll = work
    .flatMap((one) => one.pours)
    .reduce((sum, one) => sum + (read.agentOf(one.agentId)?.flammable ? (one.volumeML ?? 0) : 0), 0);
  return when(inAll > SOLVENT_A_DAY_ML, 'solventOverCap').map((code) => ({ code, where: 'plan' }));
}
