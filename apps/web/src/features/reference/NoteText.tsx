import { type Reference, whenWords } from '@feverfew/contracts';
import { Fragment } from 'react';
import { useLexicon } from '../../app/useLexicon';
import { Terms } from '../../components/text/Terms';

type Note = Reference['courses'][number]['says'][number];

/** A line of the knowledge, and before it for whom it is. */
export function NoteText({ note }: { note: Note }) {
  const say = useLexicon();
  const when = whenWords(note.when, say);
  return (
    <>
      {when && <i>{when}: </i>}
      <Terms>{note.text}</Terms>
    </>
  );
}

/** Lines of the knowledge one after the other, in one paragraph. */
export function NotesText({ notes }: { notes: readonly Note[] }) {
  return notes.map((note) => (
    <Fragment key={note.text}>
      <NoteText note={note} />{' '}
    </Fragment>
  ));
}
