import type { Catalogue } from '@feverfew/contracts';
import type { Knowledge } from '@feverfew/knowledge';

/** The part of the knowledge that pickers and words need. */
export function catalogueOf(knowledge: Knowledge): Catalogue {
  const plain = ({ id, name }: { id: string; name: string }) => ({ id, name, aliases: [] });
  return {
    version: knowledge.version,
    fibres: knowledge.fibres.map(({ id, name, aliases }) => ({ id, name, aliases })),
    items: knowledge.items.map(({ id, name, aliases, icon, coded, partNames, defaultFibres, note }) => ({
      id,
      name,
      aliases,
      icon,
      coded,
      partNames,
      usualFibres: defaultFibres,
      note,
    })),
    marks: knowledge.marks.map(({ id, name, aliases, kind, advice }) => ({
      id,
      name,
      aliases,
      kind,
      advice,
    })),
    agents: knowledge.agents.map(({ id, name, aliases, strength }) => ({
      id,
      name,
      aliases,
      needsStrength: strength?.mustBeKnown ?? false,
      strengthUnit: strength?.unit ?? null,
    })),
    components: knowledge.components.map(plain),
    methods: knowledge.methods.map(({ id, name, reason }) => ({ id, name, aliases: [], reason })),
    schools: knowledge.schools.map(({ id, view, dispute, isDefault, why }) => ({
      id,
      name: view,
      aliases: [],
      dispute,
      isDefault,
      why,
    })),
    pairs: knowledge.forbiddenPairs.map(({ id, happens }) => ({ id, happens })),
    cautions: knowledge.cautions,
    signs: knowledge.signs,
    sources: knowledge.sources,
  };
}
