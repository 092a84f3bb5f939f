import {
  type Agent,
  type Chemistry,
  type Deed,
  MECHANICAL_ACTIONS,
  type Note,
  WETTINGS,
} from '@feverfew/knowledge';
import { windowOf } from '../../envelope/envelope.js';
import { decideOne, NOTHING_DONE } from './circumstances.js';
import type { PlanContext } from './planContext.js';

/** When a note would be said, and what more is barred then. */
export interface Moment {
  /** Nothing wet has been done to the piece before it in this pass. */
  readonly unwetted: boolean;
  readonly bars: ReadonlySet<Deed>;
  /** Products of the whole plan; left out where the line belongs to a step of its own. */
  readonly used?: readonly Agent[];
}

/** The lines that may be said here: conditions hold, and what they ask for is neither forbidden nor barred. */
export function sayable(notes: readonly Note[], context: PlanContext, moment: Moment): string[] {
  return notes
    .filter(
      (note) =>
        holds(note, context, moment) &&
        note.asks.every((deed) => !moment.bars.has(deed) && mayBeAsked(deed, context)),
    )
    .map((note) => note.text);
}

/** A line is said only where the facts make its conditions true. */
function holds(note: Note, context: PlanContext, { unwetted, used }: Moment): boolean {
  if (note.when === 'always') return true;
  const { drains, keptDry, white, unwetted: wantsUnwetted, dryer, uses, ...circumstances } = note.when;
  const { rinsable, facts, household, envelope } = context;
  const agrees = (wanted: boolean | undefined, is: boolean) => wanted === undefined || wanted === is;
  const truth = decideOne(circumstances, context, NOTHING_DONE);
  return (
    truth === 'true' &&
    agrees(drains, rinsable) &&
    agrees(keptDry, envelope.wetting.most === 'dry') &&
    agrees(white, facts.piece.colour === 'white') &&
    agrees(wantsUnwetted, unwetted) &&
    agrees(dryer, household.hasDryer) &&
    (uses === undefined || areUsed(uses, used))
  );
}

/** One of the products of the plan has one of the chemistries. A product that was only tried before does not count. */
const areUsed = (uses: readonly Chemistry[], used: readonly Agent[] | undefined): boolean =>
  used === undefined || used.some(({ chemistries }) => chemistries.some((one) => uses.includes(one)));

/** The chemistry a word means, where a limit on it can forbid the word. */
const CHEMISTRY_OF: Partial<Record<Deed, readonly Chemistry[]>> = {
  bleach: ['percarbonate'],
  chlorine: ['chlorine'],
  soap: ['soap'],
  soda: ['mildAlkali'],
  acid: ['weakAcid'],
  ammonia: ['ammonia'],
  softener: ['softener'],
  solvent: ['alcohol', 'hydrocarbon'],
};

const driesIn = (way: 'sun' | 'tumbleLow', { envelope }: PlanContext): boolean =>
  envelope.drying.find((window) => window.way === way)?.allowed === true;

function mayBeAsked(deed: Deed, context: PlanContext): boolean {
  const { envelope, barred } = context;
  if (barred.has(deed)) return false;
  const chemistries = CHEMISTRY_OF[deed];
  if (chemistries)
    return (
      chemistries.some((chemistry) => windowOf(envelope, chemistry).verdict !== 'never') &&
      !meetsResidue(chemistries, context)
    );
  const bears = (action: 'press' | 'softBrush' | 'firmBrush') =>
    MECHANICAL_ACTIONS.indexOf(envelope.action.most) >= MECHANICAL_ACTIONS.indexOf(action);
  switch (deed) {
    case 'sun':
      return driesIn('sun', context);
    case 'tumble':
      return driesIn('tumbleLow', context);
    case 'brush':
      return bears('softBrush') && !dustWouldHarm(context);
    case 'rub':
      return bears('softBrush');
    case 'wring':
      return bears('firmBrush');
    case 'water':
      return envelope.wetting.most !== 'dry';
    case 'soak':
      return WETTINGS.indexOf(envelope.wetting.most) >= WETTINGS.indexOf('immersion');
    case 'steam':
      return envelope.wetting.most !== 'dry';
    default:
      return true;
  }
}

/** A product that may still be on it must not meet one of the chemistries. */
const meetsResidue = (chemistries: readonly Chemistry[], { residues, knowledge }: PlanContext): boolean =>
  knowledge.forbiddenPairs.some(({ a, b }) =>
    residues.some(
      (agent) =>
        (agent.chemistries.includes(a) && chemistries.includes(b)) ||
        (agent.chemistries.includes(b) && chemistries.includes(a)),
    ),
  );

/** Spores and dust that a brush raises, where someone's lungs are weak. */
const dustWouldHarm = ({ household, marks }: PlanContext): boolean =>
  household.asthma && marks.some((work) => work.components.some(({ component }) => component.dustHarms));
