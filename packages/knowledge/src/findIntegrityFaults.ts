import type { Knowledge } from './knowledge.js';

type Family = Exclude<keyof Knowledge, 'version'>;
const FAMILIES: readonly Family[] = [
  'sources',
  'fibres',
  'items',
  'components',
  'marks',
  'agents',
  'methods',
  'forbiddenPairs',
  'cautions',
  'signs',
  'schools',
];

/** Which family each reference field points into. */
const REFERENCES: Readonly<Record<string, Family>> = {
  sourceIds: 'sources',
  fibreId: 'fibres',
  componentId: 'components',
  componentIds: 'components',
  notWhenMostly: 'components',
  agentId: 'agents',
  schoolId: 'schools',
  cautionIds: 'cautions',
  withAgentIds: 'agents',
  expectedSignIds: 'signs',
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
  ];
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
  'schools',
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

function weightsAndShares(knowledge: Knowledge): string[] {
  const sum = (values: number[]) => values.reduce((total, value) => total + value, 0);
  return [
    ...knowledge.marks
      .filter((mark) => Math.abs(sum(mark.components.map((part) => part.weight)) - 1) > 1e-9)
      .map((mark) => `marks.${mark.id}: component weights do not sum to 1`),
    ...knowledge.items
      .filter((item) => Math.abs(sum(item.defaultFibres.map((part) => part.sharePct)) - 100) > 1e-9)
      .map((item) => `items.${item.id}: fibre shares do not sum to 100 %`),
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
