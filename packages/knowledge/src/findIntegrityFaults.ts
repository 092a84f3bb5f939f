import { bathIsComputed } from './bathIsComputed.js';
import { courseFaults } from './courseFaults.js';
import { dangerFaults } from './dangerFaults.js';
import type { Knowledge } from './knowledge.js';
import { namingFaults } from './namingFaults.js';
import { noteFaults } from './noteFaults.js';
import { rateFaults } from './rateFaults.js';
import { readingFaults } from './readingFaults.js';
import { safetyFaults } from './safetyFaults.js';
import { washingFaults } from './washingFaults.js';

type Family = Exclude<keyof Knowledge, 'version' | 'wordsAsTyped' | 'namesOnlySearched' | 'readingRules'>;
const FAMILIES: readonly Family[] = [
  'sources',
  'fibres',
  'items',
  'parts',
  'components',
  'rates',
  'marks',
  'courses',
  'acidSystems',
  'substances',
  'agents',
  'methods',
  'forbiddenPairs',
  'cautions',
  'signs',
  'disputes',
  'positions',
  'diagnoses',
  'substitutions',
  'usualPieces',
  'careSignFacts',
  'codes',
  'upkeep',
  'wearRules',
  'clothKinds',
  'hygienes',
  'keptFromDrum',
  'programmeDefaults',
  'waterLeft',
  'dryingLies',
  'slowDryers',
  'words',
  'typedWords',
  'dangers',
];

/** Which family each reference field points into. */
const REFERENCES: Readonly<Record<string, Family>> = {
  sourceIds: 'sources',
  heatSourceIds: 'sources',
  regainSourceIds: 'sources',
  pHSourceIds: 'sources',
  handlingSourceIds: 'sources',
  fibreId: 'fibres',
  fibreIds: 'fibres',
  componentId: 'components',
  componentIds: 'components',
  notWhenMostly: 'components',
  systemId: 'acidSystems',
  substanceId: 'substances',
  agentId: 'agents',
  wantedAgentId: 'agents',
  useAgentId: 'agents',
  onlyAfterAgentIds: 'agents',
  itemId: 'items',
  plannedAs: 'items',
  itemIds: 'items',
  markId: 'marks',
  markIds: 'marks',
  alsoMarkIds: 'marks',
  courseId: 'courses',
  methodIds: 'methods',
  notFibreIds: 'fibres',
  notItemIds: 'items',
  lookAlikeIds: 'marks',
  dispute: 'disputes',
  positionId: 'positions',
  cautionIds: 'cautions',
  withAgentIds: 'agents',
  expectedSignIds: 'signs',
  hygieneId: 'hygienes',
};

/** Every broken promise inside the knowledge, one line each; empty when it is whole. */
export function findIntegrityFaults(knowledge: Knowledge): string[] {
  return [
    ...duplicateIds(knowledge),
    ...sharedNames(knowledge),
    ...danglingReferences(knowledge),
    ...forbiddenWithinAMethod(knowledge),
    ...rangesTurnedRound(knowledge),
    ...weightsAndShares(knowledge),
    ...idleMethods(knowledge),
    ...agentsNeverOffered(knowledge),
    ...partsWithoutKind(knowledge),
    ...disputesWithoutDefault(knowledge),
    ...idleComponents(knowledge),
    ...answersThatSayNothing(knowledge),
    ...statedThoughComputed(knowledge),
    ...compositionMissing(knowledge),
    ...wearOfNothing(knowledge),
    ...washingFaults(knowledge),
    ...rateFaults(knowledge),
    ...courseFaults(knowledge),
    ...namingFaults(knowledge),
    ...noteFaults(knowledge),
    ...safetyFaults(knowledge),
    ...dangerFaults(knowledge),
    ...readingFaults(knowledge),
  ];
}

/** A wear rule that names neither a kind of piece nor a fibre would warn no one. */
function wearOfNothing({ wearRules }: Knowledge): string[] {
  return wearRules
    .filter((rule) => rule.itemIds.length + rule.fibreIds.length === 0)
    .map((rule) => `wearRules.${rule.id}: names no piece and no fibre`);
}

function duplicateIds(knowledge: Knowledge): string[] {
  return FAMILIES.flatMap((family) => {
    const ids = knowledge[family].map((record) => record.id);
    return ids
      .filter((id, index) => ids.indexOf(id) !== index)
      .map((id) => `${family}: "${id}" stands twice`);
  });
}

/** Families whose records are spoken of by id alone: an id may stand in one of them only. */
const NAMED: readonly Family[] = [
  'fibres',
  'items',
  'components',
  'marks',
  'agents',
  'methods',
  'positions',
  'parts',
  'substitutions',
  'forbiddenPairs',
];

function sharedNames(knowledge: Knowledge): string[] {
  return NAMED.flatMap((family, index) =>
    NAMED.slice(index + 1).flatMap((other) =>
      knowledge[family]
        .filter((record) => knowledge[other].some((twin) => twin.id === record.id))
        .map((record) => `"${record.id}" stands in ${family} and in ${other}`),
    ),
  );
}

function danglingReferences(knowledge: Knowledge): string[] {
  const known = Object.fromEntries(
    FAMILIES.map((family) => [family, new Set(knowledge[family].map((record) => record.id))]),
  ) as Record<Family, Set<string>>;
  const faults: string[] = [];
  const walk = (value: unknown, path: string): void => {
    if (value === null || typeof value !== 'object') return;
    for (const [key, child] of Object.entries(value)) {
      const family = REFERENCES[key];
      const ids = family === undefined ? [] : [child].flat();
      for (const id of ids) {
        if (typeof id === 'string' && family && !known[family].has(id))
          faults.push(`${path}.${key}: no ${family} "${id}"`);
      }
      if (family === undefined) walk(child, `${path}.${key}`);
    }
  };
  for (const family of FAMILIES)
    for (const record of knowledge[family]) walk(record, `${family}.${record.id}`);
  return faults;
}

function forbiddenWithinAMethod(knowledge: Knowledge): string[] {
  return knowledge.methods.flatMap((method) => {
    const chemistries = new Set(
      method.agents.flatMap(
        (use) => knowledge.agents.find((agent) => agent.id === use.agentId)?.chemistries ?? [],
      ),
    );
    return knowledge.forbiddenPairs
      .filter((pair) => chemistries.has(pair.a) && chemistries.has(pair.b))
      .map((pair) => `methods.${method.id}: holds the forbidden pair ${pair.id}`);
  });
}

function rangesTurnedRound(knowledge: Knowledge): string[] {
  const faults: string[] = [];
  const walk = (value: unknown, path: string): void => {
    if (value === null || typeof value !== 'object') return;
    const range = value as { low?: unknown; high?: unknown; min?: unknown; max?: unknown };
    const [from, to] = 'low' in range ? [range.low, range.high] : [range.min, range.max];
    if (typeof from === 'number' && typeof to === 'number' && !(from <= to))
      faults.push(`${path}: ${from} is above ${to}`);
    for (const [key, child] of Object.entries(value)) walk(child, `${path}.${key}`);
  };
  for (const family of FAMILIES)
    for (const record of knowledge[family]) walk(record, `${family}.${record.id}`);
  return faults;
}

/** What is rarer than what is written down, at most. */
const USUAL_REST = 0.05;

function weightsAndShares(knowledge: Knowledge): string[] {
  const sum = (values: number[]) => values.reduce((total, value) => total + value, 0);
  return [
    ...knowledge.marks
      .filter((mark) => Math.abs(sum(mark.components.map((part) => part.weight)) - 1) > 1e-9)
      .map((mark) => `marks.${mark.id}: component weights do not sum to 1`),
    ...knowledge.items
      .filter((item) => Math.abs(sum(item.defaultFibres.map((part) => part.sharePct)) - 100) > 1e-9)
      .map((item) => `items.${item.id}: fibre shares do not sum to 100 %`),
    ...knowledge.usualPieces.flatMap(({ id, compositions, tags, tagsOfFibres }) => [
      ...(compositions.some(({ parts }) =>
        parts.some((part) => Math.abs(sum(part.map((one) => one.sharePct)) - 100) > 1e-9),
      )
        ? [`usualPieces.${id}: a part does not sum to 100 %`]
        : []),
      ...[compositions, tags, ...tagsOfFibres.map((own) => own.tags)]
        .map((list) => sum(list.map(({ share }) => share)))
        .filter((all) => Math.abs(all - 1) > USUAL_REST)
        .map((all) => `usualPieces.${id}: shares sum to ${all}`),
    ]),
  ];
}

/** A method whose mechanisms move none of the components it names would never be offered. */
function idleMethods(knowledge: Knowledge): string[] {
  return knowledge.methods.flatMap((method) => {
    const mechanisms = new Set([
      ...method.extraMechanisms,
      ...method.agents.flatMap(
        (use) => knowledge.agents.find((agent) => agent.id === use.agentId)?.mechanisms ?? [],
      ),
    ]);
    return method.componentIds
      .filter(
        (id) =>
          !knowledge.components
            .find((component) => component.id === id)
            ?.removal.some((r) => mechanisms.has(r.mechanism)),
      )
      .map((id) => `methods.${method.id}: nothing in it moves ${id}`);
  });
}

function agentsNeverOffered(knowledge: Knowledge): string[] {
  const never = new Set(knowledge.agents.filter((agent) => agent.neverOffered).map((agent) => agent.id));
  return knowledge.methods.flatMap((method) =>
    method.agents
      .map((use) => use.agentId)
      .filter((agentId) => never.has(agentId))
      .map((agentId) => `methods.${method.id}: uses ${agentId}, which is never offered`),
  );
}

function partsWithoutKind(knowledge: Knowledge): string[] {
  const names = new Set(knowledge.parts.map((part) => part.name));
  return knowledge.items.flatMap((item) =>
    item.partNames
      .filter((name) => !names.has(name))
      .map((name) => `items.${item.id}: no part is called "${name}"`),
  );
}

function disputesWithoutDefault(knowledge: Knowledge): string[] {
  return knowledge.disputes.flatMap((dispute) => {
    const positions = knowledge.positions.filter((position) => position.dispute === dispute.id);
    const defaults = positions.filter((position) => position.isDefault && !position.onlyIfChosen).length;
    return [
      ...(positions.length < 2 ? [`disputes.${dispute.id}: has fewer than two views`] : []),
      ...(defaults !== 1 ? [`disputes.${dispute.id}: has ${defaults} defaults`] : []),
    ];
  });
}

/** A component that no mark holds would never be met, one that no method moves would never be helped. */
function idleComponents(knowledge: Knowledge): string[] {
  const held = new Set(knowledge.marks.flatMap((mark) => mark.components.map((part) => part.componentId)));
  return knowledge.components
    .filter((component) => !held.has(component.id))
    .map((component) => `components.${component.id}: no mark holds it`);
}

function answersThatSayNothing(knowledge: Knowledge): string[] {
  return knowledge.diagnoses.flatMap((diagnosis) => {
    const causes = new Set(diagnosis.causes.map((cause) => cause.markId));
    return diagnosis.questions.flatMap((question) =>
      question.answers.flatMap((answer) =>
        answer.factors
          .filter((factor) => !causes.has(factor.markId))
          .map(
            (factor) =>
              `diagnoses.${diagnosis.id}: "${answer.id}" speaks of ${factor.markId}, which is no cause of it`,
          ),
      ),
    );
  });
}

/** A pH has one place: calculated where possible, otherwise stated. */
function statedThoughComputed(knowledge: Knowledge): string[] {
  const byId = new Map(knowledge.agents.map((agent) => [agent.id, agent]));
  return knowledge.methods
    .filter(
      (method) =>
        method.pH &&
        bathIsComputed(
          method,
          method.agents.flatMap((use) => byId.get(use.agentId) ?? []),
        ),
    )
    .map((method) => `methods.${method.id}: states a pH that is worked out`);
}

/** A product whose composition decides the pH of a bath has to have one. */
function compositionMissing(knowledge: Knowledge): string[] {
  return knowledge.agents
    .filter((agent) => agent.compositionSetsPH && (agent.composition.length === 0 || !agent.hasPH))
    .map((agent) => `agents.${agent.id}: no composition that could decide a pH`);
}
