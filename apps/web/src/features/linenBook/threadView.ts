import { type Lexicon, lowerFirst, type PieceHistory } from '@feverfew/contracts';
import { format } from 'date-fns';
import { OUTCOME_WORDS } from '../../components/text/runWords';
import { marksText } from '../../facts/sentenceView';

/** What happened to a piece: a trouble that is gone or nearly, one that is still there, a wash, upkeep. */
export type KnotKind = 'gone' | 'still' | 'wash' | 'care';

export interface Knot {
  readonly key: string;
  readonly kind: KnotKind;
  /** From the start of the thread, % of its length. */
  readonly atPct: number;
  readonly title: string;
  readonly note: string;
  /** Its words are shown only where there is room. */
  readonly label: 'above' | 'below' | null;
  /** Where a tap leads; null = nowhere. */
  readonly to: string | null;
}

export interface ThreadView {
  /** Day it came into the house, or was entered. */
  readonly start: { readonly title: string; readonly note: string };
  /** True where nothing is known of its first time here. */
  readonly isCoiled: boolean;
  readonly knots: readonly Knot[];
  /** The next care that is due on it. */
  readonly ahead: { readonly title: string; readonly note: string } | null;
}

/** Parts of the thread: the first time, of which often nothing is known; what was noted; what is to come. */
const FIRST_PCT = 15;
export const TODAY_PCT = 83;
export const AHEAD_PCT = 92;
/** Labels on one side need this much room. */
const LABEL_PCT = 11.5;
/** Share of a knot's place that goes by its rank; the rest goes by its date. Close dates stay apart. */
const BY_RANK = 0.6;
/** Outcomes after which a trouble is not there any more, or not to be seen. */
const DONE_WITH: readonly string[] = ['gone', 'better', 'mended'];

type Trouble = PieceHistory['troubles'][number];

/** A trouble that is still on the piece, as far as is known. */
export const isThere = ({ status, outcome }: Trouble): boolean =>
  status !== 'settled' || outcome === null || !DONE_WITH.includes(outcome);

/** The life of a piece along a thread, from its first day to the next care. */
export function threadView(history: PieceHistory, say: Lexicon): ThreadView {
  const { piece, now } = history;
  const events = eventsOf(history, say);
  const day = (at: string) => format(new Date(at), 'd MMM yyyy');
  const knots = labelled(placed(events, Date.parse(now)));
  const due = history.upkeep
    .filter(({ atMost }) => !atMost)
    .sort((a, b) => a.dueAt.localeCompare(b.dueAt))[0];
  return {
    start: piece.since
      ? { title: format(new Date(piece.since), 'MMM yyyy'), note: 'into the house' }
      : { title: day(piece.createdAt), note: 'entered' },
    isCoiled: piece.since !== null && piece.since < (events[0]?.at ?? now).slice(0, 10),
    knots,
    ahead: due ? { title: due.isDue ? 'due now' : day(due.dueAt), note: due.name } : null,
  };
}

interface Event extends Omit<Knot, 'atPct' | 'label'> {
  readonly at: string;
}

function eventsOf({ troubles, care, upkeep }: PieceHistory, say: Lexicon): Event[] {
  const ofTroubles = troubles.map((trouble): Event => {
    const { id, createdAt, markIds, status, outcome, runId } = trouble;
    return {
      key: id,
      kind: isThere(trouble) ? 'still' : 'gone',
      at: createdAt,
      title: marksText(markIds, say),
      note: `${noteOf(status, outcome)}, ${format(new Date(createdAt), 'd MMM')}`,
      to: status === 'running' && runId ? `/runs/${runId}` : `/trouble/${id}`,
    };
  });
  const ofCare = care.map(({ at, what, upkeepId, times }, index): Event => {
    const times_ = times === 1 ? '' : `, ${times} times`;
    return {
      key: `${at} ${index}`,
      kind: what === 'upkeep' ? 'care' : 'wash',
      at,
      title:
        what === 'upkeep'
          ? (upkeep.find((one) => one.upkeepId === upkeepId)?.name ?? 'upkeep')
          : what === 'hotWash'
            ? 'washed hot'
            : 'washed',
      note: `${format(new Date(at), 'd MMM')}${times_}`,
      to: null,
    };
  });
  return [...ofTroubles, ...ofCare].sort((a, b) => a.at.localeCompare(b.at));
}

function noteOf(status: Trouble['status'], outcome: string | null): string {
  if (status === 'running') return 'under way';
  if (status === 'open' || outcome === null) return 'open';
  const words = (OUTCOME_WORDS as Readonly<Record<string, string>>)[outcome] ?? outcome;
  return lowerFirst(words.replace(/, and accepted|, trouble stays open/, ''));
}

/** Between the first time and today. */
function placed(events: readonly Event[], nowMs: number): Omit<Knot, 'label'>[] {
  const first = Date.parse(events[0]?.at ?? '');
  const span = Math.max(1, nowMs - first);
  const length = TODAY_PCT - FIRST_PCT;
  return events.map(({ at, ...event }, rank) => {
    const byRank = (rank + 0.5) / events.length;
    const byDate = (Date.parse(at) - first) / span;
    return { ...event, atPct: FIRST_PCT + length * (BY_RANK * byRank + (1 - BY_RANK) * byDate) };
  });
}

type Side = NonNullable<Knot['label']>;

/** The newest gets its words first; what is gone has them above, what is still there below. Washes have none. */
function labelled(knots: readonly Omit<Knot, 'label'>[]): Knot[] {
  const taken: Record<Side, number> = { above: Number.POSITIVE_INFINITY, below: Number.POSITIVE_INFINITY };
  const named = [...knots].reverse().map((knot): Knot => {
    const sides: readonly Side[] = knot.kind === 'still' ? ['below', 'above'] : ['above', 'below'];
    const free = sides.find((side) => taken[side] - knot.atPct >= LABEL_PCT);
    if (knot.kind === 'wash' || free === undefined) return { ...knot, label: null };
    taken[free] = knot.atPct;
    return { ...knot, label: free };
  });
  return named.reverse();
}
