import { type Lexicon, type Look, levelOf, type RunState } from '@feverfew/contracts';
import { ANSWER_WORDS, LEVEL_WORDS } from '../../components/text/runWords';

export interface LogLine {
  readonly at: string;
  readonly text: string;
}

/** Looks, mixes, pictures and notes of a run, in order of time. */
export function logLines(state: RunState, say: Pick<Lexicon, 'name'>): LogLine[] {
  return [
    ...state.looks.map((look) => ({
      at: look.at,
      text: `Round ${look.round}: ${ANSWER_WORDS[look.answer].toLowerCase()}${leftWords(look, say)}`,
    })),
    ...state.mixes.map((mix) => ({ at: mix.at, text: `made from “${mix.name}”` })),
    ...state.photos.map((photo) => ({ at: photo.at, text: 'a picture was saved' })),
    ...state.notes.map((note) => ({ at: note.at, text: `“${note.text}”` })),
  ].sort((a, b) => a.at.localeCompare(b.at));
}

const levelWords = (leftPct: number): string => LEVEL_WORDS[levelOf(leftPct).id].title.toLowerCase();

/** The rest, by mark where each was answered. */
function leftWords({ byMark, leftPct }: Look, say: Pick<Lexicon, 'name'>): string {
  if (byMark.length > 1)
    return `; ${byMark.map((one) => `${say.name(one.markId).toLowerCase()}: ${levelWords(one.leftPct)}`).join(', ')}`;
  return leftPct ? `, ${levelWords(leftPct)} left` : '';
}
