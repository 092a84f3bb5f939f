import { Box, Flex } from '@chakra-ui/react';
import { type Catalogue, EMPTY_FACTS, type NewPiece, type PieceFacts } from '@feverfew/contracts';
import { useState } from 'react';
import { ApiProblem } from '../../app/api/api';
import { useLexicon } from '../../app/useLexicon';
import { Button, Input } from '../../components/controls/controls';
import { Blank } from '../../facts/Blank';
import { BlankPicker } from '../../facts/BlankPicker';
import { EMPTY_DRAFT } from '../../facts/factsDraft';
import { type BlankId, type BlankView, isCoded, sentenceView } from '../../facts/sentenceView';

/** What is asked of a piece itself; the rest of the sentence is about its trouble. */
const OF_A_PIECE: readonly BlankId[] = [
  'piece',
  'fibres',
  'colour',
  'condition',
  'metal',
  'tag',
  'code',
  'waterTest',
];
const TERMS: Readonly<Partial<Record<BlankId, string>>> = { piece: 'Kind' };

/** A piece being entered: as it will be kept, but its kind may still be open. */
export type PieceDraft = Omit<NewPiece, 'itemId'> & { readonly itemId: string | null };

interface PieceFormProps {
  readonly start: PieceDraft;
  readonly catalogue: Catalogue;
  readonly error: Error | null;
  readonly isBusy: boolean;
  readonly onSave: (piece: NewPiece) => void;
}

/** What a piece is, each fact by its picker, and what it is called, costs and weighs. */
export function PieceForm({ start, catalogue, error, isBusy, onSave }: PieceFormProps) {
  const say = useLexicon();
  const [piece, setPiece] = useState(start);
  const [openId, setOpenId] = useState<BlankId | null>(null);
  const set = (change: Partial<PieceDraft>) => setPiece((now) => ({ ...now, ...change }));
  const errors = error instanceof ApiProblem ? error.fields : {};
  const facts = { ...EMPTY_FACTS, piece: factsOf(piece) };
  const views = sentenceView(facts, isCoded(facts, catalogue), say)
    .filter((part): part is BlankView => typeof part !== 'string' && OF_A_PIECE.includes(part.id))
    .map((view) => ({
      ...view,
      text: view.id === 'piece' && piece.itemId ? say.name(piece.itemId) : (view.full ?? view.text),
    }));
  const field = (name: keyof PieceDraft, label: string, more: object = {}) => (
    <Box as="label" fontSize="note" color="soft" flex="1 1 9rem">
      {label}
      <Input
        value={String(piece[name] ?? '')}
        aria-invalid={errors[name] ? true : undefined}
        onChange={(event) => set({ [name]: event.currentTarget.value })}
        {...more}
      />
    </Box>
  );
  const number = (name: 'replacementCost' | 'dryMassG', label: string) => (
    <NumberText
      label={label}
      value={piece[name]}
      isWrong={errors[name] !== undefined}
      onChange={(value) => set({ [name]: value })}
    />
  );
  return (
    <Box
      as="form"
      onSubmit={(event) => {
        event.preventDefault();
        if (piece.itemId !== null)
          onSave({ ...piece, itemId: piece.itemId, name: piece.name.trim(), since: piece.since || null });
      }}
    >
      <Box as="dl" display="grid" gridTemplateColumns="8rem minmax(0, 1fr)" gap="0.25rem 1rem">
        {views.map((view) => (
          <Box key={view.id} display="contents">
            <Box as="dt" color="soft" alignSelf="center">
              {TERMS[view.id] ?? view.name}
            </Box>
            <Box as="dd" minHeight="2.75rem" display="flex" alignItems="center" flexWrap="wrap">
              <Blank
                view={view}
                error={null}
                open={openId === view.id}
                onOpen={(open) => setOpenId(open ? view.id : null)}
              >
                <BlankPicker
                  id={view.id}
                  draft={{ ...EMPTY_DRAFT, facts }}
                  catalogue={catalogue}
                  pieces={[]}
                  error={null}
                  onChange={(draft) => setPiece((now) => withFacts(now, draft.facts.piece))}
                  onDone={() => setOpenId(null)}
                />
              </Blank>
            </Box>
          </Box>
        ))}
      </Box>
      <Flex gap="3" wrap="wrap" marginTop="3" alignItems="flex-end">
        {field('name', 'Name', { maxLength: 80, required: true })}
        {field('since', 'In the house since', { type: 'date', max: new Date().toISOString().slice(0, 10) })}
        {number('replacementCost', 'A new one costs')}
        {number('dryMassG', 'Weighs dry, g')}
      </Flex>
      <Box marginTop="3">{field('note', 'Note', { maxLength: 2000 })}</Box>
      <Flex gap="3" wrap="wrap" alignItems="center" marginTop="4">
        <Button type="submit" variant="action" size="large" disabled={isBusy || piece.itemId === null}>
          Save
        </Button>
        {piece.itemId === null && <Box color="soft">Choose its kind first.</Box>}
      </Flex>
      {error && (
        <Box color="brick" role="alert" marginTop="2">
          {Object.values(errors)[0] ?? error.message}
        </Box>
      )}
    </Box>
  );
}

interface NumberTextProps {
  readonly label: string;
  readonly value: number | null;
  readonly isWrong: boolean;
  readonly onChange: (value: number | null) => void;
}

/** A number that may stay open, typed with a point or a comma. What is no number is marked, and is not saved. */
function NumberText({ label, value, isWrong, onChange }: NumberTextProps) {
  const [text, setText] = useState(value === null ? '' : String(value));
  const isNumber = (typed: string) => typed.trim() === '' || Number.isFinite(numberOf(typed));
  return (
    <Box as="label" fontSize="note" color="soft" flex="1 1 8rem">
      {label}
      <Input
        inputMode="decimal"
        pattern="\s*\d*([.,]\d*)?\s*"
        title="A number, such as 12 or 12.5"
        value={text}
        aria-invalid={isWrong || !isNumber(text) ? true : undefined}
        onChange={(event) => {
          const typed = event.currentTarget.value;
          setText(typed);
          if (isNumber(typed)) onChange(typed.trim() === '' ? null : numberOf(typed));
        }}
      />
    </Box>
  );
}

const numberOf = (typed: string): number => Number(typed.replace(',', '.'));

function factsOf(piece: PieceDraft): PieceFacts {
  const { since: _since, replacementCost: _cost, note: _note, ...facts } = piece;
  return facts;
}

/** The facts as picked. Another kind keeps what was known of the cloth, and a name of its own. */
function withFacts(now: PieceDraft, picked: PieceFacts): PieceDraft {
  if (picked.itemId === now.itemId) return { ...now, ...picked };
  const { itemId, name, parts } = picked;
  const sameParts = parts.length === now.parts.length;
  return {
    ...now,
    itemId,
    name: now.itemId === null ? name : now.name,
    parts: sameParts ? parts.map((part, at) => ({ ...part, fibres: now.parts[at]?.fibres ?? [] })) : parts,
  };
}
