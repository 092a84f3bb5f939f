import type { ProblemCode } from '../problems/problems.js';

/** How a route is described. */
export interface RouteDoc {
  readonly tag: Tag;
  readonly summary: string;
  readonly description?: string;
  /** Problems of this route alone; those of every route are added (`problemsOf`). */
  readonly problems?: readonly ProblemCode[];
}

/** Groups of routes in the description. */
export const TAGS = {
  server: 'Health, clock and news of this server.',
  devices: 'Devices of the household and the network they come from.',
  household: 'Who lives there, what is in the cupboard, and the household as a file.',
  knowledge: 'Marks, products, methods and their grounds. The same for every household.',
  pieces: 'The linen book: pieces, their care and their pictures.',
  plans: 'Plans worked out from facts. Nothing is kept.',
  troubles: 'Saved troubles.',
  runs: 'Treatments under way.',
  trials: 'Side-by-side trials of two methods.',
  mixes: 'The mixing table.',
  wash: 'The heap, its loads and the clothesline.',
} as const;
type Tag = keyof typeof TAGS;
