import { type LookAnswer, type StallView } from '@feverfew/contracts';
import { ANSWER_WORDS } from '../../../components/text/runWords';

/** "about 4 in 10 left", "all of it left", "almost nothing left". @param leftPct 0–100 */
const leftWords = (leftPct: number): string => {
  const tenths = Math.round(leftPct / 10);
  if (tenths === 10) return 'all of it left';
  return tenths === 0 ? 'almost nothing left' : `about ${tenths} in 10 left`;
};

/** What the look says, as the heading of its page. */
export function resultTitle(answer: LookAnswer, { points }: StallView): string {
  const left = points.length > 1 ? points.at(-1)?.leftPct.likely : undefined;
  if (left === undefined || (answer !== 'moving' && answer !== 'stalled')) return ANSWER_WORDS[answer];
  return `${answer === 'moving' ? 'It is still going' : 'No change'}: ${leftWords(left)}`;
}

/** Why: what the last round took, and how many more it may take; null where nothing can be said. */
export function resultReason({ removed, verdict, roundsLeft }: StallView): string | null {
  if (!removed || verdict === 'gone') return null;
  const tenths = Math.round(removed.likely * 10);
  const took =
    tenths === 0
      ? 'The last round took next to nothing.'
      : `The last round took about ${tenths} in 10 of what was there.`;
  if (verdict === 'stalled' || !roundsLeft || roundsLeft.likely === null || roundsLeft.likely === 0)
    return took;
  return `${took} About ${roundsLeft.likely} more to a trace${roundsLeft.high === null ? ', or never' : ''}.`;
}
