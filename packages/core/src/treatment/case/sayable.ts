import { type Chemistry, type Deed, MECHANICAL_ACTIONS, type Note, WETTINGS } from '@feverfew/knowledge';
import { windowOf } from '../../envelope/envelope.js';
import type { PlanContext } from './planContext.js';

/** When a note would be said, and what more is barred then. */
export interface Moment {
  /** Nothing wet has been done to the piece before it in this pass. */
  readonly unwetted: boolean;
  readonly bars: ReadonlySet<Deed>;
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

function holds(
  { when }: Note,
  { rinsable, facts, household, envelope }: PlanContext,
  { unwetted }: Moment,
): boolean {
  if (when === 'always') return true;
  const agrees = (wanted: boolean | undefined, is: boolean) => wanted === undefined || wanted === is;
  return (
    agrees(when.drains, rinsable) &&
    agrees(when.keptDry, envelope.wetting.most === 'dry') &&
    agrees(when.white, facts.piece.colour === 'white') &&
    agrees(when.unwetted, unwetted) &&
    agrees(when.dryer, household.hasDryer) &&
    (when.itemIds ?? [facts.piece.itemId]).includes(facts.piece.itemId) &&
    (when.fibreIds === undefined || madeWith(facts.piece, when.fibreIds)) &&
    (when.without ?? []).every((who) => !household[who])
  );
}

const madeWith = ({ parts }: PlanContext['facts']['piece'], fibreIds: readonly string[]): boolean =>
  parts.some((part) => part.fibres.some((share) => fibreIds.includes(share.fibreId)));

/** The chemistry a word stands for, where a limit on it can forbid the word. */
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

function mayBeAsked(deed: Deed, context: PlanContext): boolean {
  const { envelope, barred } = context;
  if (barred.has(deed)) return false;
  const chemistries = CHEMISTRY_OF[deed];
  if (chemistries) return chemistries.some((chemistry) => windowOf(envelope, chemistry).verdict !== 'never');
  const dries = (way: 'sun' | 'tumbleLow') =>
    envelope.drying.find((window) => window.way === way)?.allowed === true;
  const bears = (action: 'press' | 'softBrush' | 'firmBrush') =>
    MECHANICAL_ACTIONS.indexOf(envelope.action.most) >= MECHANICAL_ACTIONS.indexOf(action);
  switch (deed) {
    case 'sun':
      return dries('sun');
    case 'tumble':
      return dries('tumbleLow');
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

/** Spores and dust that a brush raises, where someone's lungs are weak. */
const dustWouldHarm = ({ household, marks }: PlanContext): boolean =>
  household.asthma && marks.some((work) => work.components.some(({ component }) => component.dustHarms));
