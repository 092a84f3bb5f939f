import { type Chemistry, RINSES_BETWEEN, type RinseBetween } from '@feverfew/knowledge';
import { type Finding, finding } from '../../finding/finding.js';
import type { PlanContext } from '../case/planContext.js';
import type { Placed } from '../course/arrangement.js';

export interface Between {
  readonly way: RinseBetween;
  readonly why: Finding | null;
}

/**
 * What comes after a pass, before the next thing: what the course has; more where what follows may not meet it, where
 * the cloth bears it only briefly, or where nothing washes it out.
 * @param later passes that follow in the same round
 */
export function betweenOf(placed: Placed, later: readonly Placed[], context: PlanContext): Between {
  const { eligible, asked } = placed;
  const { method, window } = eligible;
  const { envelope, rinsable } = context;
  if (method.inMachine) return { way: 'none', why: null };
  const full: RinseBetween = rinsable ? 'full' : 'damp';
  const usual = method.rinse === 'full' ? full : method.rinse;
  // A stand-in for the course's own method is not followed by that method's next pass.
  const own = asked && !placed.insteadOf ? asked.after : usual;
  const way = !rinsable && (own === 'full' || own === 'noFoam') ? 'damp' : own;
  if (method.wetting === 'dry') return { way, why: null };
  const thinner = context.index
    .factsOf(method)
    .chemistries.some((one) => one === 'ketone' || one === 'ester');
  if (thinner || isStrongBath(placed, context)) return { way: full, why: null };
  const [next] = later;
  const inDrumNext = next?.eligible.method.inMachine === true;
  const pair = pairWithLater(placed, later, context);
  if (pair && !hasRinse(way)) return { way: full, why: pair };
  const { pH } = window;
  const briefly = pH !== null && (pH.low < leastPH(context) || pH.high > envelope.pH.max);
  if (pH && briefly && !hasRinse(way))
    return { way: full, why: finding('rinsedForCloth', { low: pH.low, high: pH.high }) };
  // A drum rinses: no hand rinse before it but of what foams or of an acid.
  if (inDrumNext && !pair && !briefly && !FOAMS.includes(way) && !isSour(placed, context))
    return { way: 'none', why: null };
  const washedOut = later.some((one) => one.phase === 'wash' || hasRinse(one.asked?.after ?? 'none'));
  const plain = eligible.appliedAgents.every((agent) => agent.chemistries.every((one) => one === 'water'));
  return !washedOut && !plain && !hasRinse(way) && method.rinse !== 'none' && method.rinse !== 'vacuum'
    ? { way: full, why: null }
    : { way, why: null };
}

/** Most acid the cloth bears for long; of a piece that is taken as usual, its rarer makes count too. */
function leastPH({ envelope, usual, index }: PlanContext): number {
  const makes = usual?.rarerMakes.flat().flatMap(({ fibres }) => fibres) ?? [];
  return Math.max(envelope.pH.min, ...makes.map(({ fibreId }) => index.fibres.get(fibreId)?.pH.min ?? 0));
}

const FOAMS: readonly RinseBetween[] = ['noFoam', 'airOut', 'vacuum'];

const isSour = ({ eligible }: Placed, { index }: PlanContext): boolean =>
  index.factsOf(eligible.method).chemistries.some((one) => one === 'weakAcid' || one === 'oxalicAcid');

const STRONG: readonly Chemistry[] = ['strongAlkali', 'weakAcid', 'oxalicAcid', 'reducer', 'chlorine'];

/** A strip, acid, reducer or chlorine bath is rinsed out before anything else, a machine wash too. */
function isStrongBath({ phase, eligible }: Placed, { index }: PlanContext): boolean {
  const { chemistries } = index.factsOf(eligible.method);
  return (
    phase === 'bath' &&
    !chemistries.includes('percarbonate') &&
    chemistries.some((one) => STRONG.includes(one))
  );
}

/** Two waters, or two damp passes, at least. */
const hasRinse = (way: RinseBetween): boolean =>
  RINSES_BETWEEN.indexOf(way) >= RINSES_BETWEEN.indexOf('noFoam') && way !== 'airOut' && way !== 'vacuum';

/** A later product that may meet it only once it is rinsed out. */
function pairWithLater(
  { eligible }: Placed,
  later: readonly Placed[],
  { index }: PlanContext,
): Finding | undefined {
  for (const other of later)
    for (const one of eligible.appliedAgents)
      for (const agent of other.eligible.appliedAgents) {
        const pair = index.pairsBetween(one, agent).find(({ apart }) => apart !== 'air');
        if (pair) return finding('rinsedForNext', { agentId: agent.id, pairId: pair.id }, pair.sourceIds);
      }
  return undefined;
}
