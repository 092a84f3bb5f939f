import type { Catalogue } from '@feverfew/contracts';
import type { Knowledge } from '@feverfew/knowledge';

/** The lists of the knowledge that words are looked up in, for tests without a server. */
export function catalogueFor(knowledge: Knowledge): Catalogue {
  return {
    ...knowledge,
    components: knowledge.components.map(({ id, name }) => ({ id, name, aliases: [] })),
    methods: knowledge.methods.map(({ id, name }) => ({ id, name, aliases: [] })),
    agents: knowledge.agents.map((agent) => ({
      ...agent,
      needsStrength: agent.strength?.mustBeKnown ?? false,
      strengthUnit: agent.strength?.unit ?? null,
      isLiquid: agent.form === 'liquid',
    })),
    pairs: knowledge.forbiddenPairs,
    items: knowledge.items.map((item) => ({ ...item, usualFibres: item.defaultFibres })),
  } as unknown as Catalogue;
}
