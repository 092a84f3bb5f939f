import { type Deed, STANDING_NOTES } from '@feverfew/knowledge';
import { isFuelSoaked, isSoakedWithDryingOil } from './fireRules.js';
import { isRotten } from './peopleRules.js';
import type { CaseRead } from './readCase.js';
import type { Violation } from './violation.js';
import type { WorkList } from './work.js';

/** What a reaction on the cloth allows before it has been rinsed out. */
const WHILE_IT_FUMES: readonly Deed[] = ['leaveRoom', 'airOutdoors', 'water', 'flood'];
const FLOODING: readonly Deed[] = ['water', 'flood'];

/**
 * The first acts, read as work: where something on the piece explodes, burns or gives off gas, what keeps people from it
 * is first, and nothing next to it makes it worse.
 */
export function firstActFaults({ atOnce, atTub }: WorkList, read: CaseRead): Violation[] {
  const asksOf = (text: string): readonly Deed[] => read.noteOf(text)?.asks ?? [];
  const acts = atOnce.map(asksOf);
  const all = [...acts.flat(), ...atTub.flatMap(asksOf)];
  const [first = []] = acts;
  const wrong = (is: boolean): Violation[] => (is ? [{ code: 'firstActWrong', where: 'atOnce' }] : []);
  const only = (allowed: readonly Deed[]) => all.every((deed) => allowed.includes(deed));
  const explosive = read.told.some(({ explosiveDryWith }) =>
    read.residues.some(
      ({ chemistries }) => explosiveDryWith !== null && chemistries.includes(explosiveDryWith),
    ),
  );
  if (explosive) {
    const { wetness, age } = read.facts;
    const isUnsure = wetness === 'unknown' && age !== 'minutes';
    const untouchable = wetness === 'dry' || isUnsure || !read.drains;
    const allowed: readonly Deed[] = isUnsure ? ['handsOff', 'flood'] : ['handsOff'];
    return untouchable
      ? wrong(!first.includes('handsOff') || !only(allowed) || acts.length > 1)
      : wrong(!first.includes('flood') || !only(FLOODING));
  }
  if (read.residues.some(({ spoilsPiece }) => spoilsPiece))
    return wrong(!first.includes('handsOff') || !only(['handsOff']));
  const fumes = givesOffFumes(read);
  if (isFuelSoaked(read) || isSoakedWithDryingOil(read))
    return wrong(
      !first.includes(fumes ? 'leaveRoom' : 'airOutdoors') ||
        !all.includes('airOutdoors') ||
        !only(['airOutdoors', 'leaveRoom']),
    );
  // Bagged and thrown away: mask and gloves are in that line.
  if (isRotten(read)) return wrong(!atOnce.includes(STANDING_NOTES.bagAway.text) || all.includes('water'));
  const solvent = read.residues.some(
    ({ flammable, chemistries }) => flammable || chemistries.includes('hydrocarbon'),
  );
  const isFuel = read.marks.some(({ fuel }) => fuel) && read.left.some(({ vapourBurns }) => vapourBurns);
  const vapour = solvent || read.left.some(({ vapourBurns }) => vapourBurns);
  const isWrong =
    (fumes && (!first.includes('leaveRoom') || !only(WHILE_IT_FUMES))) ||
    (!fumes && (solvent || isFuel) && !first.includes('airOutdoors')) ||
    (vapour && (['water', 'motor', 'heat', 'freezer'] as const).some((deed) => all.includes(deed)));
  return [...wrong(isWrong), ...(fumes ? [] : guardFaults(atOnce, read))];
}

/** What a guard may stand behind: it keeps people from harm itself. */
const BEFORE_GUARDS: readonly Deed[] = ['airOutdoors', 'leaveRoom', 'handsOff', 'flood'];

/** Gloves, mask, plug, window: all of them said, and said before the first act that touches the piece. */
function guardFaults(
  atOnce: readonly string[],
  { cautions, residues, left, cautionOf, noteOf }: CaseRead,
): Violation[] {
  const guards = new Set(
    [
      ...cautions,
      ...residues.flatMap(({ cautionIds }) => cautionIds.flatMap((id) => cautionOf(id) ?? [])),
    ].flatMap(({ first }) => first ?? []),
  );
  const acts = atOnce.filter(
    (text) => noteOf(text)?.asks.every((deed) => !BEFORE_GUARDS.includes(deed)) ?? true,
  );
  // All of it is gone, and nothing is touched.
  if (left.length === 0 && acts.length === 0) return [];
  const said = acts.slice(0, guards.size);
  return [...guards].every((text) => said.includes(text)) ? [] : [{ code: 'guardLate', where: 'atOnce' }];
}

/** Two products tried before that may not meet, in any order; chlorine on what gives off gas with it. */
function givesOffFumes({ residues, told, knowledge }: CaseRead): boolean {
  const chemistries = residues.map((agent): readonly string[] => agent.chemistries);
  const pair = knowledge.forbiddenPairs.some(
    ({ a, b, fumes }) =>
      fumes &&
      chemistries.some((one, at) =>
        chemistries.some((other, where) => at !== where && one.includes(a) && other.includes(b)),
      ),
  );
  const chlorine = chemistries.some((one) => one.includes('chlorine') || one.includes('poolChlorine'));
  const soil = told.some(({ chemistry }) =>
    chemistry.some(
      (rule) => rule.chemistry === 'chlorine' && rule.verdict === 'never' && rule.protects !== 'piece',
    ),
  );
  return pair || (chlorine && soil);
}
