import type { SenseCase } from './senseCase.js';
import type { SenseFault } from './senseFault.js';

const AS_HOT = /\bas hot as the (?:tag|label) (?:lets|allows)\b/i;

/** A pass that says "as hot as the tag lets" and is cooler than that, or is on a piece of which no tag is known. */
export function findCoolerThanSaid({ plan: { rounds, facts }, shown: { lines } }: SenseCase): SenseFault[] {
  const wash = facts.piece.label?.wash ?? null;
  const mostC = wash?.kind === 'machine' ? wash.maxC : null;
  return rounds
    .flatMap(({ passes }) => passes)
    .flatMap(({ id, actions }) => {
      const said = lines.find(({ where, text }) => where === id && AS_HOT.test(text));
      const targets = actions.flatMap(({ tempC }) => tempC?.target ?? []);
      const isTrue = mostC !== null && targets.includes(mostC);
      return said && !isTrue ? [{ kind: 'notAsHotAsTag' as const, where: id, text: said.text }] : [];
    });
}
