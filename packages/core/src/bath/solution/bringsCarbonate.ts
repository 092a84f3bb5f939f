import { type Agent, CARBONIC_SYSTEM_ID, type Knowledge } from '@feverfew/knowledge';
import { chemistryIndex } from './chemistryIndex.js';

/** True for a product that holds carbonate or bicarbonate, which an acid turns to gas. */
export function bringsCarbonate({ composition }: Agent, knowledge: Knowledge): boolean {
  const { substanceOf } = chemistryIndex(knowledge);
  return composition.some(({ substanceId }) =>
    substanceOf(substanceId).gives.some(({ systemId, mol }) => systemId === CARBONIC_SYSTEM_ID && mol > 0),
  );
}
