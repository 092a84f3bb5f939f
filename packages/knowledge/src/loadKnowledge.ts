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
import { upkeep, wearRules } from './data/upkeep.js';
import { usualPieces } from './data/usualPieces.js';
import { clothKinds, hygienes, keptFromDrum, programmeDefaults, waterLeft } from './data/washing.js';
import { words } from './data/words.js';
import { findIntegrityFaults } from './findIntegrityFaults.js';
import { Knowledge } from './knowledge.js';

/** Raised with every plan; a plan keeps the version it was made with. */
export const KNOWLEDGE_VERSION = '2026.11.30';

/**
 * The shipped knowledge, validated once.
 * @throws ZodError when a literal breaks its schema, Error when a reference does not resolve.
 */
export function loadKnowledge(): Knowledge {
  const knowledge = Knowledge.parse({
    version: KNOWLEDGE_VERSION,
    sources,
    fibres,
    items,
    parts,
    components,
    rates,
    marks,
    courses,
    checks: namedChecks,
    acidSystems,
    substances,
    agents,
    methods,
    forbiddenPairs,
    cautions,
    signs,
    disputes,
    schools: positions,
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
    words,
    dangers: [...contaminants, ...protectivePieces, ...hygiene],
  });
  const faults = findIntegrityFaults(knowledge);
  if (faults.length > 0) throw new Error(`Knowledge is not whole:\n${faults.join('\n')}`);
  return knowledge;
}
