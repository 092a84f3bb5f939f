import { levelOf, type RunState } from '@feverfew/contracts';
import { ANSWER_WORDS, LEVEL_WORDS } from '../../components/runWords';

export interface LogLine {
  readonly at: string;
  readonly text: string;
}

/** Looks, mixes, pictures and notes of a run, in order of time. */
export function logLines(state: RunState): LogLine[] {
  return [
    ...state.looks.map((look) => ({
      at: look.at,
      text: `Round ${look.round}: ${ANSWER_WORDS[look.answer].toLowerCase()}${
        look.leftPct ? `, ${LEVEL_WORDS[levelOf(look.leftPct).id].title.toLowerCase()} left` : ''
      }`,
    })),
    ...state.mixes.map((mix) => ({ at: mix.at, text: `made from “${mix.name}”` })),
    ...state.photos.map((photo) => ({ at: photo.at, text: 'a picture was saved' })),
    ...state.notes.map((note) => ({ at: note.at, text: `“${note.text}”` })),
  ].sort((a, b) => a.at.localeCompare(b.at));
}
