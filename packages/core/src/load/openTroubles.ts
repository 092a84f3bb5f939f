import type { Knowledge } from '@feverfew/knowledge';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import type { PieceFacts } from '../textile/piece.js';
import { EMPTY_FACTS, type TriedProduct, type TroubleFacts } from '../trouble/troubleFacts.js';
import type { SolventState } from './heapEntry.js';

/** An open trouble with its facts. */
export interface OpenTrouble {
  readonly facts: TroubleFacts;
  /** Its treatment is under way and has come to its wash: what was on the piece before has been rinsed out. */
  readonly atWash: boolean;
}

/**
 * All open troubles of a piece as one case: their marks, and every product that may still be on it, entered as
 * tried or used by a treatment that was not finished.
 * @param piece as the linen book has it now
 * @returns the case, and whether a solvent was on it that has been aired out since
 */
export function openOnPiece(
  troubles: readonly OpenTrouble[],
  piece: PieceFacts,
  knowledge: Knowledge,
): { readonly facts: TroubleFacts; readonly solvent: SolventState } {
  const { agents, methods } = indexKnowledge(knowledge);
  const products = troubles.flatMap(({ facts, atWash }) =>
    [...facts.tried, ...usedSolvents(facts, methods, agents)].map(
      (product): TriedProduct => (atWash ? { ...product, washedOut: 'yes' } : product),
    ),
  );
  const flammable = ({ agentId }: TriedProduct): boolean => agents.get(agentId)?.flammable ?? false;
  const [first] = troubles;
  const gone = (first?.facts.goneComponentIds ?? []).filter((id) =>
    troubles.every(({ facts }) => facts.goneComponentIds.includes(id)),
  );
  return {
    facts: {
      ...EMPTY_FACTS,
      piece,
      partIndex: Math.max(0, partOf(troubles, piece)),
      markIds: [...new Set(troubles.flatMap(({ facts }) => facts.markIds))],
      goneComponentIds: gone,
      answers: Object.assign({}, ...troubles.map(({ facts }) => facts.answers)),
      tried: products,
    },
    solvent: products.some((product) => flammable(product) && product.washedOut === 'yes') ? 'aired' : 'none',
  };
}

/** Solvents of a treatment that was started and not finished. */
const usedSolvents = (
  { done }: TroubleFacts,
  methods: ReturnType<typeof indexKnowledge>['methods'],
  agents: ReturnType<typeof indexKnowledge>['agents'],
): TriedProduct[] =>
  done.flatMap(({ methodId }) =>
    (methods.get(methodId)?.agents ?? [])
      .filter(({ agentId }) => agents.get(agentId)?.flammable)
      .map(({ agentId }) => ({ agentId, times: 1, effect: 'unknown', hot: false, washedOut: 'unknown' })),
  );

/** The part of the piece a trouble is on, one that is planned by itself before all others; −1 where it has none. */
function partOf(troubles: readonly OpenTrouble[], piece: PieceFacts): number {
  const names = troubles.flatMap(({ facts }) => facts.piece.parts[facts.partIndex]?.name ?? []);
  const places = names.map((name) => piece.parts.findIndex((part) => part.name === name));
  return Math.max(-1, ...places);
}
