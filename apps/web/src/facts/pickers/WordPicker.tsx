import { AGES, CONDITIONS, type PieceFacts, type TroubleFacts, UPHOLSTERY_CODES } from '@feverfew/contracts';
import { OptionPicker } from '../../components/controls/OptionPicker';
import {
  AGE_WORDS,
  CODE_WORDS,
  CONDITION_WORDS,
  HEAT_WORDS,
  METAL_WORDS,
  WATER_TEST_WORDS,
  WETNESS_WORDS,
} from '../sentenceView';

/** Blanks that are one word out of a few. */
export type WordBlankId = 'part' | 'age' | 'wetness' | 'heat' | 'condition' | 'metal' | 'code' | 'waterTest';

interface WordBlank {
  readonly question: string;
  readonly words: (facts: TroubleFacts) => Readonly<Record<string, string>>;
  /** What a word says to who has never met it. */
  readonly hints?: Readonly<Record<string, string>>;
  readonly chosen: (facts: TroubleFacts) => string;
  readonly take: (facts: TroubleFacts, value: string) => Partial<TroubleFacts>;
}

const CODE_HINTS: Readonly<Record<string, string>> = {
  W: 'water-based foam or cleaner',
  S: 'solvent only, no water',
  WS: 'water or solvent',
  X: 'no liquid: brush and vacuum',
  unknown: 'dry powder only, until a hidden water test',
};

const onPiece = (facts: TroubleFacts, change: Partial<PieceFacts>): Partial<TroubleFacts> => ({
  piece: { ...facts.piece, ...change },
});

const WORD_BLANKS: Readonly<Record<WordBlankId, WordBlank>> = {
  part: {
    question: 'Which part?',
    words: ({ piece }) => Object.fromEntries(piece.parts.map((part, index) => [String(index), part.name])),
    chosen: ({ partIndex }) => String(partIndex),
    take: (_facts, value) => ({ partIndex: Number(value) }),
  },
  age: {
    question: 'Since when?',
    words: () => inOrder(AGES, AGE_WORDS),
    chosen: ({ age }) => age,
    take: (_facts, value) => ({ age: value as TroubleFacts['age'] }),
  },
  wetness: {
    question: 'Wet or dry?',
    words: () => WETNESS_WORDS,
    chosen: ({ wetness }) => wetness,
    take: (_facts, value) => ({ wetness: value as TroubleFacts['wetness'] }),
  },
  heat: {
    question: 'Has heat been on it since?',
    words: () => HEAT_WORDS,
    chosen: ({ heat }) => heat,
    take: (_facts, value) => ({ heat: value as TroubleFacts['heat'] }),
  },
  condition: {
    question: 'What state is it in?',
    words: () => inOrder(CONDITIONS, CONDITION_WORDS),
    chosen: ({ piece }) => piece.condition,
    take: (facts, value) => onPiece(facts, { condition: value as PieceFacts['condition'] }),
  },
  metal: {
    question: 'Zips, snaps, hooks, metal thread?',
    words: () => METAL_WORDS,
    chosen: ({ piece }) => (piece.metalParts ? 'yes' : 'no'),
    take: (facts, value) => onPiece(facts, { metalParts: value === 'yes' }),
  },
  code: {
    question: 'Code on the label underneath: a single letter',
    hints: CODE_HINTS,
    words: () => inOrder(UPHOLSTERY_CODES, CODE_WORDS),
    chosen: ({ piece }) => piece.code ?? 'unknown',
    take: (facts, value) => onPiece(facts, { code: value as PieceFacts['code'] }),
  },
  waterTest: {
    question: 'Damp white cloth on a hidden place for 10 seconds, then dry: how did it go?',
    words: () => WATER_TEST_WORDS,
    chosen: ({ piece }) => piece.waterTest ?? 'none',
    take: (facts, value) =>
      onPiece(facts, { waterTest: value === 'none' ? null : (value as PieceFacts['waterTest']) }),
  },
};

interface WordPickerProps {
  readonly id: WordBlankId;
  readonly facts: TroubleFacts;
  readonly onChange: (change: Partial<TroubleFacts>) => void;
  readonly onDone: () => void;
}

/** One word out of a few, without a search. */
export function WordPicker({ id, facts, onChange, onDone }: WordPickerProps) {
  const { question, words, chosen, take, hints } = WORD_BLANKS[id];
  const options = Object.entries(words(facts)).map(([value, name]) => ({
    id: value,
    name,
    aliases: [],
    ...(hints?.[value] ? { hint: hints[value] } : {}),
  }));
  return (
    <OptionPicker
      label={question}
      searchable={false}
      chosenId={chosen(facts)}
      groups={[{ title: '', options }]}
      onChoose={(value) => {
        onChange(take(facts, value));
        onDone();
      }}
    />
  );
}

function inOrder<K extends string>(
  order: readonly K[],
  words: Readonly<Record<K, string>>,
): Record<string, string> {
  return Object.fromEntries(order.map((key) => [key, words[key]]));
}
