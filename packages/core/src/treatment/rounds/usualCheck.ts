import type { MechanicalAction } from '@feverfew/knowledge';
import { TAG_CHECK_ID, TRIANGLE_CHECK_ID, USUAL_CHECK_ID } from '../../finding/usualCheckId.js';
import type { PieceFacts } from '../../textile/piece.js';
import { tenderFibres } from '../../textile/tenderFibres.js';
import { mayBarWashing } from '../../trouble/assumeUsual.js';
import type { PlanContext } from '../case/planContext.js';
import type { Placed } from '../course/arrangement.js';
import type { PassCheck } from '../plan/round.js';

/**
 * What is looked at before the first act that a wrong guess would turn into harm: what the tag says. Dry work without
 * heat or product harms no cloth, so it may come before.
 * @param rest the pass and those after it in its round
 */
export function usualCheck(
  placed: Placed,
  before: readonly Placed[],
  { usual, index, facts }: PlanContext,
  round: number,
  rest: readonly Placed[],
): PassCheck[] {
  if (!usual || facts.seen?.[USUAL_CHECK_ID] || round > 1 || isHarmless(placed) || !before.every(isHarmless))
    return [];
  const nameOf = (fibreId: string) => index.fibres.get(fibreId)?.name ?? fibreId;
  // Of several parts the outer one is what a hand can tell.
  const outer = usual.parts?.[0]?.fibres.filter((one) => usual.fibres.includes(one)) ?? [];
  const names = [...new Set(outer.map(({ fibreId }) => nameOf(fibreId)))].slice(0, 2);
  const unless = usual.unlessFibreIds.map(nameOf);
  const make = names.length > 0 ? `it is ${names.join(' and ')} or similar` : null;
  const white = usual.colour ? 'it is white' : null;
  const none = make === null ? 'nothing in it is' : 'not';
  const not = unless.length > 0 ? `${none} ${listed(unless)}` : null;
  const bleach = rest.some(bleaches(facts.piece)) ? ' and oxygen bleach' : '';
  const tag = usual.washC === null ? null : `its tag allows ${usual.washC} °C${bleach}`;
  return [
    {
      id: USUAL_CHECK_ID,
      text: joined([white, [make, not].filter(Boolean).join(', '), tag]),
      when: 'beforeStep',
    },
  ];
}

/** The check of the tag of tender cloth, where it was not given. */
const TAG_CHECK: PassCheck = {
  id: TAG_CHECK_ID,
  text: 'its tag does not bar washing',
  when: 'beforeStep',
};

/** The check of the triangle, where the number in the tub was all that was asked before. */
const TRIANGLE_CHECK: PassCheck = {
  id: TRIANGLE_CHECK_ID,
  text: 'its tag does not cross out the triangle',
  when: 'beforeStep',
};

/** The first oxygen bleach of a later round, on a tag that is taken as usual: its triangle has not been asked about. */
export function triangleCheck(
  placed: Placed,
  before: readonly Placed[],
  { usual, facts }: PlanContext,
  round: number,
): PassCheck[] {
  const isTaken = usual !== null && usual.washC !== null;
  const isBleach = bleaches(facts.piece);
  return round > 1 && isTaken && isBleach(placed) && !before.some(isBleach) ? [TRIANGLE_CHECK] : [];
}

/**
 * Cloth that is tender or not known, and whose tag was not given: it is read before the whole piece goes under water.
 */
export function tagCheck(
  placed: Placed,
  before: readonly Placed[],
  { usual, facts, rinsable, index }: PlanContext,
  round: number,
): PassCheck[] {
  const { label, parts } = facts.piece;
  // Where no figure is taken for the tub, the look at what is usual does not ask for the tag.
  const asksForTag = usual !== null && usual.washC !== null;
  const isRead =
    label !== null ||
    (facts.seen?.[USUAL_CHECK_ID] === true && asksForTag) ||
    facts.seen?.[TAG_CHECK_ID] !== undefined;
  const fibres = parts.flatMap((part) => part.fibres);
  const isTender = tenderFibres(fibres, index.fibres).length > 0;
  const isOpen = fibres.every(({ fibreId }) => index.fibres.get(fibreId)?.group === 'unknown');
  const isOtherwise = facts.seen?.[USUAL_CHECK_ID] === false;
  // Of an ordinary piece no figure is taken where too many tags say otherwise, and some of them bar it.
  const isBarredOften = usual !== null && mayBarWashing(facts.piece, index);
  const soaks = ({ eligible: { method } }: Placed) => method.wetting === 'immersion';
  const isAsked = isTender || isOpen || isOtherwise || isBarredOften;
  return round === 1 && rinsable && !isRead && !asksForTag && isAsked && soaks(placed) && !before.some(soaks)
    ? [TAG_CHECK]
    : [];
}

const joined = (clauses: readonly (string | null)[]): string => {
  const said = clauses.filter(Boolean);
  return [said.slice(0, -1).join(', '), said.at(-1)].filter(Boolean).join(', and ');
};

const listed = (names: readonly string[]): string =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} or ${names.at(-1)}`;

const isHarmless = ({ eligible: { method, appliedAgents, window } }: Placed): boolean =>
  method.wetting === 'dry' &&
  GENTLE.includes(method.action) &&
  appliedAgents.length === 0 &&
  (window.tempC?.max ?? 0) <= ROOM_C;

/** A crossed triangle on the tag bars it, and no hidden spot shows what it does: white is not tested. */
const bleaches =
  ({ colour }: PieceFacts) =>
  ({ eligible: { method, appliedAgents }, extra }: Placed): boolean =>
    // A line of the wash may put bleach into the drum.
    extra.some(({ asks }) => asks.includes('bleach')) ||
    appliedAgents.some(
      ({ chemistries }) =>
        (method.wetting === 'immersion' && chemistries.includes('percarbonate')) ||
        (colour === 'white' && chemistries.includes('peroxide')),
    );

/** Not even the tenderest cloth is harmed by it. */
const GENTLE: readonly MechanicalAction[] = ['none', 'blot'];
/** Warmer than a room is heat. */
const ROOM_C = 30;
