import type { Knowledge } from '@feverfew/knowledge';
import { chanceAbove } from '../evidence/beta.js';
import { ageBandOf, type Cell, type Evidence, type UseCase, usesFor } from '../evidence/evidence.js';
import { fibreFamilyOf } from '../evidence/fibreFamilyOf.js';
import { mainComponentOf } from '../evidence/mainComponentOf.js';
import { betaOfRange, type Posterior, posteriorOf } from '../evidence/posterior.js';
import type { Finding } from '../finding/finding.js';
import type { Household } from '../household/household.js';
import { atOnce, type InSteps } from '../quantity/inSteps.js';
import type { Plan } from '../treatment/plan/plan.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { TRIAL_PLACES } from '../trial/trial.js';
import { trialFaults, trialPasses } from '../trial/trialFaults.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { dwellsOfPass } from './dwellsOfPass.js';

/** A trouble with its facts, to plan it again with and without the log. */
export interface GivenTrouble {
  readonly id: string;
  readonly facts: TroubleFacts;
}

/** One method in one kind of case: what the book says, what was seen, what follows. */
export interface WorksRow extends Cell {
  readonly markId: string;
  readonly posterior: Posterior;
  readonly cases: readonly { readonly use: UseCase; readonly weight: number }[];
}

/** A pass that moved because of the log, 1 = first; null = not in the plan. */
export interface PassMove {
  readonly troubleId: string;
  readonly markId: string;
  readonly pieceName: string;
  readonly methodId: string;
  readonly without: number | null;
  readonly withLog: number | null;
  /** The methods of both plans, in order. */
  readonly passesWithout: readonly string[];
  readonly passesWithLog: readonly string[];
  /** Why, where the log set it aside or brought it in; null for what only moved up or down. */
  readonly why: Finding | null;
}

/** Two passes about which the log cannot yet tell which is better, on a trouble that comes again. */
export interface NextTrial {
  readonly troubleId: string;
  readonly markId: string;
  readonly methodIds: readonly [string, string];
  /** How often troubles of this kind were entered. */
  readonly troubles: number;
  /** Chance that the first is better. */
  readonly chanceFirst: number;
}

export interface WhatWorks {
  readonly rows: readonly WorksRow[];
  readonly moves: readonly PassMove[];
  readonly nextTrial: NextTrial | null;
}

/** Troubles planned again at most: the newest ones. */
const MAX_REPLANNED = 60;

/**
 * The whole screen of what was learned, from the household's troubles (newest first) and its log. A step is a trouble
 * planned twice.
 */
export function* whatWorksInSteps(
  troubles: readonly GivenTrouble[],
  evidence: Evidence,
  household: Household,
  knowledge: Knowledge,
): InSteps<WhatWorks> {
  const single = troubles.filter(({ facts }) => facts.markIds.length === 1);
  const kinds = onePerKind(single, knowledge).slice(0, MAX_REPLANNED);
  const planned: Planned[] = [];
  const rows: WorksRow[] = [];
  for (const kind of kinds) {
    // Ignores past treatments: the question is what a new, equal trouble would get.
    const facts = { ...kind.trouble.facts, done: [], tried: [] };
    const without = planTreatment(facts, household, knowledge);
    yield;
    const entry = { ...kind, without, withLog: planTreatment(facts, household, knowledge, evidence) };
    planned.push(entry);
    rows.push(...rowsOf(entry, evidence, knowledge));
    yield;
  }
  return {
    rows: rows.sort((a, b) => b.posterior.weight - a.posterior.weight),
    moves: planned.flatMap(movesOf),
    nextTrial: nextTrialOf(planned, knowledge),
  };
}

export const whatWorks = (...given: Parameters<typeof whatWorksInSteps>): WhatWorks =>
  atOnce(whatWorksInSteps(...given));

interface Kind {
  readonly trouble: GivenTrouble;
  readonly troubles: number;
}
interface Planned extends Kind {
  readonly without: Plan;
  readonly withLog: Plan;
}

/** The newest trouble of each kind: mark, fibre group, age, item. */
function onePerKind(troubles: readonly GivenTrouble[], knowledge: Knowledge): Kind[] {
  const kinds = new Map<string, { trouble: GivenTrouble; troubles: number }>();
  for (const trouble of troubles) {
    const { facts } = trouble;
    const key = [
      facts.markIds[0],
      fibreFamilyOf(facts, knowledge),
      ageBandOf(facts.age),
      facts.piece.itemId,
    ].join(' ');
    const seen = kinds.get(key);
    if (seen) seen.troubles += 1;
    else kinds.set(key, { trouble, troubles: 1 });
  }
  return [...kinds.values()];
}

function cellOf(methodId: string, facts: TroubleFacts, knowledge: Knowledge): Cell & { markId: string } {
  const markId = facts.markIds[0] ?? '';
  return {
    methodId,
    markId,
    componentId: mainComponentOf(markId, knowledge) ?? '',
    fibres: fibreFamilyOf(facts, knowledge),
    age: ageBandOf(facts.age),
  };
}

/** Methods with at least one use in this very kind of case; the book's range is that of the plan without the log. */
function rowsOf({ trouble, without }: Planned, evidence: Evidence, knowledge: Knowledge): WorksRow[] {
  // A method in several rounds is one row: its first place.
  const once = without.passes.filter(
    ({ methodId }, at, all) => all.findIndex((pass) => pass.methodId === methodId) === at,
  );
  return once.flatMap((pass): WorksRow[] => {
    const cell = cellOf(pass.methodId, trouble.facts, knowledge);
    const cases = usesFor(cell, evidence);
    if (!cases.some(({ use, weight }) => weight === 1 && use.markId === cell.markId)) return [];
    const posterior = posteriorOf(pass.effect, cell, evidence, dwellsOfPass(pass, knowledge));
    return [{ ...cell, posterior, cases }];
  });
}

function movesOf({ trouble, without, withLog }: Planned): PassMove[] {
  const passesWithout = without.passes.map((pass) => pass.methodId);
  const passesWithLog = withLog.passes.map((pass) => pass.methodId);
  const place = (passes: readonly string[], methodId: string) => {
    const index = passes.indexOf(methodId);
    return index < 0 ? null : index + 1;
  };
  return [...new Set([...passesWithout, ...passesWithLog])].flatMap((methodId): PassMove[] => {
    const [before, after] = [place(passesWithout, methodId), place(passesWithLog, methodId)];
    if (before === after) return [];
    return [
      {
        troubleId: trouble.id,
        markId: trouble.facts.markIds[0] ?? '',
        pieceName: trouble.facts.piece.name,
        methodId,
        without: before,
        withLog: after,
        passesWithout,
        passesWithLog,
        why: reasonOf(methodId, withLog),
      },
    ];
  });
}

function reasonOf(methodId: string, { candidates, passes }: Plan): Finding | null {
  const findings = [
    ...(candidates.find((candidate) => candidate.methodId === methodId)?.findings ?? []),
    ...(passes.find((pass) => pass.methodId === methodId)?.findings ?? []),
  ];
  return findings.find(({ code }) => code === 'logSaysOther' || code === 'fromOwnLog') ?? null;
}

/**
 * Most worth finding out: two passes that both take the trouble out, bear one clock and are allowed side by side, with
 * even odds, on a trouble that comes often. Worth = how often × how even (0 when certain, 1 at one in two).
 */
function nextTrialOf(planned: readonly Planned[], knowledge: Knowledge): NextTrial | null {
  const worth = ({ troubles, chanceFirst }: NextTrial) => troubles * (1 - Math.abs(2 * chanceFirst - 1));
  return planned
    .flatMap(({ trouble, troubles, withLog }) => {
      const passes = trialPasses(withLog).filter(({ missingAgentIds }) => missingAgentIds.length === 0);
      return passes.flatMap((first, index) =>
        passes.slice(index + 1).flatMap((second): NextTrial[] => {
          const methodIds = [first.methodId, second.methodId] as const;
          const isFair = TRIAL_PLACES.some(
            (place) => trialFaults(withLog, methodIds, place, knowledge).length === 0,
          );
          if (!isFair) return [];
          return [
            {
              troubleId: trouble.id,
              markId: trouble.facts.markIds[0] ?? '',
              methodIds,
              troubles,
              chanceFirst: chanceAbove(betaOfRange(first.effect), betaOfRange(second.effect)),
            },
          ];
        }),
      );
    })
    .reduce<NextTrial | null>((best, trial) => (best && worth(best) >= worth(trial) ? best : trial), null);
}
