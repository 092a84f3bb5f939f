import {
  type Catalogue,
  findDangers,
  type PieceFacts,
  type PieceSummary,
  readSentence,
  type TroubleFacts,
} from '@feverfew/contracts';
import { useNavigate } from 'react-router';
import { OptionPicker } from '../components/controls/OptionPicker';
import { draftOfReading } from './draftOfReading';
import { type Draft, withItem, withPiece } from './factsDraft';
import { markGroups, pieceGroups } from './optionGroups';
import { BlendPicker } from './pickers/BlendPicker';
import { ColourPicker } from './pickers/ColourPicker';
import { LeftPicker } from './pickers/LeftPicker';
import { MarksPicker } from './pickers/MarksPicker';
import { MentionedPicker } from './pickers/MentionedPicker';
import { SizePicker } from './pickers/SizePicker';
import { TagPicker } from './pickers/TagPicker';
import { TriedPicker } from './pickers/TriedPicker';
import { WordPicker } from './pickers/WordPicker';
import { rememberMark } from './recentMarks';
import type { BlankId } from './sentenceView';

interface BlankPickerProps {
  readonly id: BlankId;
  readonly draft: Draft;
  readonly catalogue: Catalogue;
  readonly pieces: readonly PieceSummary[];
  readonly error: string | null;
  readonly onChange: (draft: Draft) => void;
  readonly onDone: () => void;
}

const LEAD = 'danger ';

/** The picker that belongs to a blank. */
export function BlankPicker({ id, draft, catalogue, pieces, error, onChange, onDone }: BlankPickerProps) {
  const { facts } = draft;
  const set = (change: Partial<TroubleFacts>) => onChange({ ...draft, facts: { ...facts, ...change } });
  const setPiece = (change: Partial<PieceFacts>) => set({ piece: { ...facts.piece, ...change } });
  const navigate = useNavigate();
  /** Words that name a danger lead to its page, not to a trouble. */
  const leadTo = (words: string) => {
    const [found] = findDangers(words, catalogue.dangers).filter(({ isSure }) => isSure);
    return found
      ? {
          name: `${found.danger.name}: read this first`,
          isOnly: found.isOnly,
          take: () => void navigate(`/danger/${found.danger.id}`),
        }
      : null;
  };
  switch (id) {
    case 'mark':
      return (
        <MarksPicker
          markIds={facts.markIds}
          groups={markGroups(catalogue)}
          nameOf={(markId) => catalogue.marks.find((mark) => mark.id === markId)?.name ?? markId}
          readTold={(words) => leadTo(words) ?? toldBy(words, catalogue, pieces, onChange, onDone)}
          onChange={(markIds) => {
            const newest = markIds.at(-1);
            if (newest) rememberMark(newest);
            set({ markIds, goneComponentIds: [], answers: {} });
          }}
          onDone={onDone}
        />
      );
    case 'piece':
      return (
        <OptionPicker
          label="What is it on?"
          groups={pieceGroups(catalogue, pieces)}
          chosenId={draft.pieceId ?? facts.piece.itemId}
          leadFor={(query) => {
            const lead = leadTo(query);
            return lead && { id: LEAD + query, name: lead.name, aliases: [], isOnly: lead.isOnly };
          }}
          onChoose={(value) => {
            if (value.startsWith(LEAD)) {
              leadTo(value.slice(LEAD.length))?.take();
              return;
            }
            const piece = pieces.find((candidate) => candidate.id === value);
            const kind = catalogue.items.find((candidate) => candidate.id === value);
            if (piece) onChange(withPiece(draft, piece));
            else if (kind) onChange(withItem(draft, kind));
            onDone();
          }}
        />
      );
    case 'part':
    case 'age':
    case 'wetness':
    case 'heat':
    case 'condition':
    case 'metal':
    case 'code':
    case 'waterTest':
      return <WordPicker id={id} facts={facts} onChange={set} onDone={onDone} />;
    case 'size':
      return <SizePicker size={facts.size} onChange={(size) => set({ size })} onDone={onDone} />;
    case 'fibres':
      return (
        <BlendPicker
          parts={facts.piece.parts}
          usual={catalogue.items.find(({ id }) => id === facts.piece.itemId)?.usualFibres ?? []}
          fibres={catalogue.fibres}
          finishes={catalogue.parts.filter((part) => part.onAnyPiece)}
          error={error}
          onChange={(parts) => setPiece({ parts })}
          onDone={onDone}
        />
      );
    case 'colour':
      return (
        <ColourPicker
          facts={facts.piece}
          onChange={({ colour, fastness }) => setPiece({ colour, fastness })}
          onDone={onDone}
        />
      );
    case 'tag':
      return (
        <TagPicker label={facts.piece.label} onChange={(label) => setPiece({ label })} onDone={onDone} />
      );
    case 'tried':
      return (
        <TriedPicker
          tried={facts.tried}
          agents={catalogue.agents}
          onChange={(tried) => set({ tried })}
          onDone={onDone}
        />
      );
    case 'left':
      return (
        <LeftPicker
          components={componentsOf(facts, catalogue)}
          goneIds={facts.goneComponentIds}
          onChange={(goneComponentIds) => set({ goneComponentIds })}
          onDone={onDone}
        />
      );
    case 'mentioned':
      return <MentionedPicker facts={facts} onChange={set} onDone={onDone} />;
  }
}

/** "red wine sofa" in the first blank fills the second too. */
function toldBy(
  words: string,
  catalogue: Catalogue,
  pieces: readonly PieceSummary[],
  onChange: (draft: Draft) => void,
  onDone: () => void,
) {
  const reading = readSentence(words, catalogue, pieces);
  const { markIds, piece } = reading.facts;
  if (markIds.length === 0 || (reading.pieceId === null && piece.itemId === null)) return null;
  const given = draftOfReading(reading, words, pieces);
  const nameOf = (id: string) => catalogue.marks.find((mark) => mark.id === id)?.name ?? id;
  return {
    name: `${markIds.map(nameOf).join(' and ')} on the ${given.facts.piece.name}`,
    isOnly: false,
    take: () => {
      for (const markId of markIds) rememberMark(markId);
      onChange(given);
      onDone();
    },
  };
}

/** The components of all entered troubles, each once. */
function componentsOf(facts: TroubleFacts, catalogue: Catalogue) {
  const ids = new Set(
    catalogue.marks.flatMap((mark) => (facts.markIds.includes(mark.id) ? mark.componentIds : [])),
  );
  return catalogue.components.filter((component) => ids.has(component.id));
}
