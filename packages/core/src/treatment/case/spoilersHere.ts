import type { Agent } from '@feverfew/knowledge';
import type { PlanContext } from './planContext.js';

/** Products still in it that put the piece out of use: nothing is worked on. */
export const spoilersHere = ({ residues }: Pick<PlanContext, 'residues'>): readonly Agent[] =>
  residues.filter(({ spoilsPiece }) => spoilsPiece);
