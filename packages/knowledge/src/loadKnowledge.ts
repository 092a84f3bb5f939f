import { agents } from './data/agents.js';
import { cautions } from './data/cautions.js';
import { careSignFacts, codes } from './data/codes.js';
import { components } from './data/components/components.js';
import { namedChecks } from './data/courses/conditions.js';
import { courses } from './data/courses/courses.js';
import { contaminants } from './data/dangers/contaminants.js';
import { hygiene } from './data/dangers/hygiene.js';
import { protectivePieces } from './data/dangers/protectivePieces.js';
import { diagnoses } from './data/diagnoses.js';
import { dryingLies, slowDryers } from './data/drying.js';
import { fibres } from './data/fibres.js';
import { forbiddenPairs } from './data/hazards.js';
import { items, parts } from './data/items.js';
import { marks } from './data/marks.js';
import { methods } from './data/methods/methods.js';
import { disputes, positions } from './data/positions.js';
import { rates } from './data/rates.js';
import { signs } from './data/signs.js';
import { sources } from './data/sources.js';
import { acidSystems, substances } from './data/substances.js';
import { substitutions } from './data/substitutions.js';
import { readingRules } from './data/typed/readingRules.js';
import { SPOKEN_AGENTS, SPOKEN_FIBRES, SPOKEN_ITEMS, SPOKEN_MARKS } from './data/typed/spokenNames.js';
import { NAMES_ONLY_SEARCHED, typedWords, WORDS_AS_TYPED } from './data/typed/typedWords.js';
import { upkeep, wearRules } from './data/upkeep.js';
import { usualPieces } from './data/usualPieces.js';
import { clothKinds, hygienes, keptFromDrum, programmeDefaults, waterLeft } from './data/washing.js';
import { words } from './data/words.js';
import { findIntegrityFaults } from './findIntegrityFaults.js';
import { Knowledge } from './knowledge.js';

/** Raised with every plan; a plan keeps the version it was made with. */
export const KNOWLEDGE_VERSION = '2026.12.01';

/**
 * The shipped knowledge, validated once.
 * @throws ZodError when a literal breaks its schema, Error when a reference does not resolve.
 */
export function loadKnowledge(): Knowledge {
  const knowledge = Knowledge.parse({
    version: KNOWLEDGE_VERSION,
    sources,
    fibres: withSpoken(fibres, SPOKEN_FIBRES),
    items: withSpoken(items, SPOKEN_ITEMS),
    parts,
    components,
    rates,
    marks: withSpoken(marks, SPOKEN_MARKS),
    courses,
    checks: namedChecks,
    acidSystems,
    substances,
    agents: withSpoken(agents, SPOKEN_AGENTS),
    methods,
    forbiddenPairs,
    cautions,
    signs,
    disputes,
    positions,
    diagnoses,
    substitutions,
    usualPieces,
    careSignFacts,
    codes,
    upkeep,
    wearRules,
    clothKinds,
    hygienes,
    keptFromDrum,
    programmeDefaults,
    waterLeft,
    dryingLies,
    slowDryers,
    words,
    typedWords,
    wordsAsTyped: WORDS_AS_TYPED,
    namesOnlySearched: NAMES_ONLY_SEARCHED,
    readingRules,
    dangers: [...contaminants, ...protectivePieces, ...hygiene],
  });
  const faults = findIntegrityFaults(knowledge);
  if (faults.length > 0) throw new Error(`Knowledge is not whole:\n${faults.join('\n')}`);
  return knowledge;
}

/** Records with the names people type for them next to those they have. */
function withSpoken<T extends { readonly id: string; readonly aliases: readonly string[] }>(
  records: readonly T[],
  spoken: Readonly<Record<string, string>>,
): T[] {
  const unknown = Object.keys(spoken).filter((id) => !records.some((record) => record.id === id));
  if (unknown.length > 0) throw new Error(`Spoken names for what is not there: ${unknown.join(', ')}`);
  return records.map((record) => ({
    ...record,
    aliases: [...new Set([...record.aliases, ...(spoken[record.id]?.split('; ') ?? [])])],
  }));
}
