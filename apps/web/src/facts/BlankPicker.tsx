import {
  AGES,
  type Catalogue,
  CONDITIONS,
  type PieceFacts,
  type PieceSummary,
  type TroubleFacts,
  UPHOLSTERY_CODES,
} from '@feverfew/contracts';
import { OptionPicker } from '../components/OptionPicker';
import { type Draft, withItem, withPiece } from './factsDraft';
import { markGroups, pieceGroups } from './optionGroups';
import { BlendPicker } from './pickers/BlendPicker';
import { ColourPicker } from './pickers/ColourPicker';
import { LeftPicker } from './pickers/LeftPicker';
import { MarksPicker } from './pickers/MarksPicker';
import { SizePicker } from './pickers/SizePicker';
import { TagPicker } from './pickers/TagPicker';
import { TriedPicker } from './pickers/TriedPicker';
import { draftOf, readWords } from './readWords';
import { rememberMark } from './recentMarks';
import {
  AGE_WORDS,
  type BlankId,
  CODE_WORDS,
  CONDITION_WORDS,
  HEAT_WORDS,
  METAL_WORDS,
  WETNESS_WORDS,
} from './sentenceView';

interface BlankPickerProps {
  readonly id: BlankId;
  readonly draft: Draft;
  readonly catalogue: Catalogue;
  readonly pieces: readonly PieceSummary[];
  readonly error: string | null;
  readonly onChange: (draft: Draft) => void;
  readonly onDone: () => void;
}

/** The picker that belongs to a blank. */
export function BlankPicker({ id, draft, catalogue, pieces, error, onChange, onDone }: BlankPickerProps) {
  const { facts } = draft;
  const set = (change: Partial<TroubleFacts>) => onChange({ ...draft, facts: { ...facts, ...change } });
  const setPiece = (change: Partial<PieceFacts>) => set({ piece: { ...facts.piece, ...change } });
  const item = catalogue.items.find((candidate) => candidate.id === facts.piece.itemId);
  const choose = (
    label: string,
    words: Readonly<Record<string, string>>,
    chosenId: string,
    take: (value: string) => void,
  ) => (
    <OptionPicker
      label={label}
      searchable={false}
      chosenId={chosenId}
      groups={[
        {
          title: '',
          options: Object.entries(words).map(([value, name]) => ({ id: value, name, aliases: [] })),
        },
      ]}
      onChoose={(value) => {
        take(value);
        onDone();
      }}
    />
  );
  switch (id) {
    case 'mark':
      return (
        <MarksPicker
          markIds={facts.markIds}
          groups={markGroups(catalogue)}
          nameOf={(markId) => catalogue.marks.find((mark) => mark.id === markId)?.name ?? markId}
          readTold={(words) => toldBy(words, catalogue, pieces, onChange, onDone)}
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
          onChoose={(value) => {
            const piece = pieces.find((candidate) => candidate.id === value);
            const kind = catalogue.items.find((candidate) => candidate.id === value);
            if (piece) onChange(withPiece(draft, piece));
            else if (kind) onChange(withItem(draft, kind));
            onDone();
          }}
        />
      );
    case 'part':
      return choose(
        'Which part?',
        Object.fromEntries(facts.piece.parts.map((part, index) => [String(index), part.name])),
        String(facts.partIndex),
        (value) => set({ partIndex: Number(value) }),
      );
    case 'age':
      return choose('Since when?', pick(AGES, AGE_WORDS), facts.age, (value) =>
        set({ age: value as TroubleFacts['age'] }),
      );
    case 'wetness':
      return choose('Wet or dry?', WETNESS_WORDS, facts.wetness, (value) =>
        set({ wetness: value as TroubleFacts['wetness'] }),
      );
    case 'heat':
      return choose('Has heat been on it since?', HEAT_WORDS, facts.heat, (value) =>
        set({ heat: value as TroubleFacts['heat'] }),
      );
    case 'condition':
      return choose(
        'What state is it in?',
        pick(CONDITIONS, CONDITION_WORDS),
        facts.piece.condition,
        (value) => setPiece({ condition: value as PieceFacts['condition'] }),
      );
    case 'metal':
      return choose(
        'Zips, snaps, hooks, metal thread?',
        METAL_WORDS,
        facts.piece.metalParts ? 'yes' : 'no',
        (value) => setPiece({ metalParts: value === 'yes' }),
      );
    case 'code':
      return choose(
        'Code on the label underneath',
        pick(UPHOLSTERY_CODES, CODE_WORDS),
        facts.piece.code ?? 'unknown',
        (value) => setPiece({ code: value as PieceFacts['code'] }),
      );
    case 'size':
      return <SizePicker size={facts.sizeCm} onChange={(sizeCm) => set({ sizeCm })} onDone={onDone} />;
    case 'fibres':
      return (
        <BlendPicker
          parts={facts.piece.parts}
          usual={item?.usualFibres ?? []}
          fibres={catalogue.fibres}
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
  const read = readWords(words, catalogue, pieces);
  if (read.markIds.length === 0 || (read.pieceId === null && read.itemId === null)) return null;
  const given = draftOf(read, catalogue, pieces);
  const nameOf = (id: string) => catalogue.marks.find((mark) => mark.id === id)?.name ?? id;
  return {
    name: `${read.markIds.map(nameOf).join(' and ')} on the ${given.facts.piece.name}`,
    take: () => {
      for (const markId of read.markIds) rememberMark(markId);
      onChange(given);
      onDone();
    },
  };
}

/** What the troubles told are made of, each once. */
function componentsOf(facts: TroubleFacts, catalogue: Catalogue) {
  const ids = new Set(
    catalogue.marks.flatMap((mark) => (facts.markIds.includes(mark.id) ? mark.componentIds : [])),
  );
  return catalogue.components.filter((component) => ids.has(component.id));
}

function pick<K extends string>(
  order: readonly K[],
  words: Readonly<Record<K, string>>,
): Record<string, string> {
  return Object.fromEntries(order.map((key) => [key, words[key]]));
}
