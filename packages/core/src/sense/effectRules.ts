import type { Purpose } from '@feverfew/knowledge';
import type { KnowledgeIndex } from '../lookup/knowledgeIndex.js';
import type { RoundPass } from '../treatment/plan/round.js';
import { midpointOf, type SenseCase } from './senseCase.js';
import type { SenseFault } from './senseFault.js';

/** Less than this share of the soil is not worth a step, 0–1. Common practice, no source. */
const MIN_SHARE = 0.05;
/** Shares have two decimals; their middle may lie this far below what it is. */
const ROUNDING = 1e-9;
const NOTHING = { low: 0, high: 0 };

/** What makes way for the next step. A list of its own: the planner's would hide the planner's mistakes. */
const PREPARES: readonly (Purpose | null)[] = [
  'bulk',
  'liquid',
  'loose',
  'dust',
  'residue',
  'damp',
  'shape',
  'larvae',
  'solventLeft',
];

/** Whether a look at what is left calls for it: then it is for another soil than the one that was estimated. */
const followsALook = ({ checks }: RoundPass, { checks: known }: KnowledgeIndex): boolean =>
  checks.some(({ id, when }) => when === 'atLook' || known.get(id)?.isOfRest);

/** Steps that remove next to nothing of every trouble and prepare nothing. A wash ends the work, so it is never idle. */
export const findIdleSteps = ({ plan: { rounds }, index }: SenseCase): SenseFault[] =>
  rounds
    .flatMap(({ passes }) => passes)
    .filter(
      (step) =>
        step.phase !== 'wash' &&
        !PREPARES.includes(step.purpose) &&
        !followsALook(step, index) &&
        step.takes.byMark.every((share) => midpointOf(share) < MIN_SHARE - ROUNDING),
    )
    .map(({ id, methodId }) => ({ kind: 'idleStep', where: id, text: methodId }));

/** The same way twice in one round, its wash left out: a reader does not see what the second is for. */
export const findRepeatedSteps = ({ plan: { rounds } }: SenseCase): SenseFault[] =>
  rounds.flatMap(({ passes }) =>
    passes
      .filter(
        ({ phase, methodId }, at) =>
          phase !== 'wash' && passes.findIndex((one) => one.methodId === methodId) < at,
      )
      .map(({ id, methodId }) => ({ kind: 'repeatedStep' as const, where: id, text: methodId })),
  );

/**
 * Rounds after the first that remove next to nothing of what the rounds before them left of any trouble. One that only
 * a look calls for (brown that no longer fizzes) is left out.
 */
export const findEmptyRounds = ({ plan: { rounds }, index }: SenseCase): SenseFault[] =>
  rounds.slice(1).flatMap(({ id, passes }, at): SenseFault[] => {
    const before = rounds[at]?.passes.at(-1)?.gone.byMark ?? [];
    const after = passes.at(-1)?.gone.byMark ?? [];
    const work = passes.filter(({ phase }) => phase !== 'wash');
    if (work.length > 0 && work.every((step) => followsALook(step, index))) return [];
    const takes = after.some((share) => {
      const gone = midpointOf(before.find(({ markId }) => markId === share.markId) ?? NOTHING);
      return midpointOf(share) - gone >= MIN_SHARE * (1 - gone);
    });
    return takes
      ? []
      : [{ kind: 'emptyRound', where: id, text: passes.map(({ methodId }) => methodId).join(', ') }];
  });
