import type { Phase } from '../treatment/plan/round.js';
import type { SenseCase, SenseStep } from './senseCase.js';
import type { SenseFault } from './senseFault.js';

const RINSED: readonly string[] = ['short', 'noFoam', 'full', 'damp', 'dryToTouch'];

/** Steps that say what comes after them, rinsing or airing, and whose actions leave it out. */
const findLostRinses = ({ steps }: SenseCase): SenseFault[] =>
  steps
    .filter(({ pass, method }) => {
      const { way } = pass.between;
      const has = (...kinds: readonly string[]) => pass.actions.some(({ kind }) => kinds.includes(kind));
      if (way === 'vacuum') return !has('rinse');
      const isLost = (RINSED.includes(way) && !has('rinse')) || (way === 'airOut' && !has('airOut', 'rinse'));
      return isLost && method.wetting !== 'dry' && !method.inMachine;
    })
    .map(({ id, pass, method }) => ({
      kind: 'rinseMissing',
      where: id,
      text: `${method.id}: ${pass.between.way}`,
    }));

/** A product that is still in the piece, and a first wet step with another that does not rinse it out before. */
function findResidueLeft({ steps, plan, index }: SenseCase): SenseFault[] {
  const left = plan.facts.tried
    .filter(({ washedOut }) => washedOut === 'no')
    .filter(({ agentId }) => (index.agents.get(agentId)?.form ?? 'solid') !== 'solid');
  const at = steps.findIndex(({ isWet }) => isWet);
  const first = steps[at];
  if (left.length === 0 || !first) return [];
  const isRinsed = steps
    .slice(0, at + 1)
    .some(({ pass }) => pass.actions.some(({ kind }) => kind === 'rinseBefore' || kind === 'airOut'));
  const isPlain = [...first.chemistries].every((one) => one === 'water');
  return isRinsed || isPlain
    ? []
    : [{ kind: 'rinseMissing', where: first.id, text: left.map(({ agentId }) => agentId).join(', ') }];
}

export const findMissingRinses = (known: SenseCase): SenseFault[] => [
  ...findLostRinses(known),
  ...findResidueLeft(known),
];

const UNTRIED: readonly string[] = ['mid', 'dark', 'multicoloured', 'unknown'];
const FRAIL: readonly string[] = ['antique', 'irreplaceable'];

/** Steps that want a hidden spot tried first, by their own remark or by the piece, with none before them. */
export const findMissingTests = (known: SenseCase): SenseFault[] => {
  const { steps, plan } = known;
  const isTested = (upTo: number): boolean =>
    steps
      .slice(0, upTo + 1)
      .some(({ pass }) => pass.opensAfterTest || pass.actions.some(({ kind }) => kind === 'hiddenTest')) ||
    plan.facts.piece.waterTest === 'passed';
  const first = steps.findIndex(
    (step) => step.isWet && step.method.wetting !== 'dry' && wantsTest(step, known),
  );
  return steps.flatMap((step, at): SenseFault[] => {
    const isAsked = step.pass.findings.some(({ code }) => code === 'hiddenTestFirst');
    const isDue = isAsked || at === first;
    return isDue && !isTested(at) ? [{ kind: 'testMissing', where: step.id, text: step.method.id }] : [];
  });
};

/** A product on an untested dye that cannot be rinsed through, or anything on a piece that cannot be replaced. */
function wantsTest({ agents }: SenseStep, { plan, item }: SenseCase): boolean {
  const { piece } = plan.facts;
  const untried = piece.fastness === 'unknown' && UNTRIED.includes(piece.colour);
  const hasProduct = agents.some(({ chemistries }) => chemistries.some((one) => one !== 'water'));
  return (item?.surfaceOnly === true && untried && hasProduct) || FRAIL.includes(piece.condition);
}

const ORDER: Readonly<Record<Phase, number>> = { dry: 0, solvent: 1, local: 2, bath: 3, wash: 4 };

const OLD: readonly string[] = ['days', 'weeks', 'months'];

/**
 * Rounds in which a later kind of work comes before an earlier one. Dry work may come anywhere. So may an enzyme soak
 * on old protein, where that is the only trouble: it loosens what is dabbed afterwards.
 */
export const findWrongOrder = ({ plan, steps }: SenseCase): SenseFault[] => {
  const isAlone = plan.facts.markIds.length === 1 && OLD.includes(plan.facts.age);
  const loosens = ({ pass, chemistries }: SenseStep) =>
    isAlone && pass.phase === 'bath' && chemistries.has('protease');
  return plan.rounds.flatMap(({ id }, at): SenseFault[] => {
    const ranks = steps
      .filter((step) => {
        const { round, method, chemistries } = step;
        const isPlain = [...chemistries].every((one) => one === 'water');
        // What begins with a powder needs dry cloth.
        return (
          round === at + 1 &&
          method.wetting !== 'dry' &&
          !isPlain &&
          !chemistries.has('absorbent') &&
          !loosens(step)
        );
      })
      .map(({ pass }) => ORDER[pass.phase]);
    const wrong = ranks.some((rank, place) => rank < (ranks[place - 1] ?? 0));
    return wrong ? [{ kind: 'wrongOrder', where: id, text: ranks.join(' ') }] : [];
  });
};
