import { agents } from './data/agents.js';
import { cautions } from './data/cautions.js';
import { components } from './data/components.js';
import { fibres } from './data/fibres.js';
import { forbiddenPairs } from './data/hazards.js';
import { items } from './data/items.js';
import { marks } from './data/marks.js';
import { methods } from './data/methods.js';
import { schools } from './data/schools.js';
import { signs } from './data/signs.js';
import { sources } from './data/sources.js';
import { findIntegrityFaults } from './findIntegrityFaults.js';
import { Knowledge } from './knowledge.js';

/** Raised with every plan; a plan keeps the version it was made with. */
export const KNOWLEDGE_VERSION = '2026.11.1';

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
    components,
    marks,
    agents,
    methods,
    forbiddenPairs,
    cautions,
    signs,
    schools,
  });
  const faults = findIntegrityFaults(knowledge);
  if (faults.length > 0) throw new Error(`Knowledge is not whole:\n${faults.join('\n')}`);
  return knowledge;
}
