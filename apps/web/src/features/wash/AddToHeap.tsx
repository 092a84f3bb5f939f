import { Box, chakra, Flex, Stack } from '@chakra-ui/react';
import {
  MAX_HEAP_LINES,
  type NewHeapLine,
  type PieceSummary,
  PLAIN_LINE,
  type WashView,
} from '@feverfew/contracts';
import { useRef, useState } from 'react';
import { v4 as newKey } from 'uuid';
import { useLexicon } from '../../app/useLexicon';
import { Button, ChipButton, Input } from '../../components/controls/controls';
import { Swatch } from '../../components/drawings/Swatch';
import { Notice } from '../../components/notices/Notice';
import { useCatalogue } from '../../queries/catalogueQueries';
import { usePieces } from '../../queries/pieceQueries';
import { useToday } from '../../queries/todayQueries';
import { useAddToHeap, useDropLine } from '../../queries/washQueries';
import { readHandfuls } from './readHandfuls';

const SHOWN_PIECES = 12;
/** Handfuls one tap each: what most heaps are made of. */
const HANDFULS: readonly (readonly [string, string, number])[] = [
  ['towel', 'bath towels', 2],
  ['bedSheet', 'sheets', 2],
  ['pillowcase', 'pillow slips', 2],
  ['tShirt', 'T-shirts', 4],
  ['underwear', 'underwear', 6],
  ['socks', 'socks', 6],
  ['jeans', 'jeans', 1],
  ['strainingCloth', 'kitchen cloths', 6],
];

/** A heap in seconds: tap what was worn, type a handful, take what is due. */
export function AddToHeap({ wash, onDone }: { wash: WashView; onDone?: () => void }) {
  const add = useAddToHeap();
  const put = (lines: NewHeapLine[]) =>
    lines.length > 0 && add.mutate(lines.slice(0, MAX_HEAP_LINES).map((line) => ({ id: newKey(), line })));
  return (
    <Stack
      as="section"
      aria-label="Add to the heap"
      gap="3.5"
      bg="card"
      border="1px solid"
      borderColor="line"
      borderRadius="md"
      padding="0.875rem 1rem"
    >
      <Handful onPut={put} />
      <WornLately wash={wash} onPut={put} />
      <Due wash={wash} onPut={put} />
      {add.error && (
        <Notice kind="danger" role="alert" word="Not added">
          {add.error.message}
        </Notice>
      )}
      {onDone && (
        <Flex>
          <Button variant="outline" onClick={onDone}>
            Done
          </Button>
        </Flex>
      )}
    </Stack>
  );
}

interface Putting {
  readonly onPut: (lines: NewHeapLine[]) => void;
}

function Handful({ onPut }: Putting) {
  const { data: catalogue } = useCatalogue();
  const [text, setText] = useState('');
  const [left, setLeft] = useState<readonly string[]>([]);
  const field = useRef<HTMLInputElement>(null);
  const send = () => {
    if (!catalogue || text.trim() === '') return;
    const read = readHandfuls(text, catalogue);
    onPut(read.flatMap(({ line }) => line ?? []));
    const unread = read.filter(({ line }) => line === null).map((one) => one.text);
    setLeft(unread);
    setText(unread.join(', '));
    field.current?.focus();
  };
  return (
    <Box>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          send();
        }}
      >
        <Box as="label" display="block" fontWeight={700} marginBottom="1">
          By the handful
          <Flex gap="2" marginTop="1">
            <Input
              ref={field}
              value={text}
              placeholder="6 dark socks, 2 bath towels, a duvet cover"
              onChange={(event) => setText(event.target.value)}
              maxLength={400}
            />
            <Button type="submit" variant="outline" disabled={!catalogue}>
              Add
            </Button>
          </Flex>
        </Box>
      </form>
      {left.length > 0 && (
        <Box role="status" color="brick" fontSize="note">
          Not understood: {left.join(', ')}. Say what it is, “2 aprons”.
        </Box>
      )}
      <Flex gap="1.5" wrap="wrap" marginTop="1.5">
        {HANDFULS.map(([itemId, name, count]) => (
          <ChipButton key={itemId} onClick={() => onPut([{ ...PLAIN_LINE, itemId, name, count }])}>
            {name}
            {count > 1 && `, ${count}`}
          </ChipButton>
        ))}
      </Flex>
    </Box>
  );
}

const PieceChip = chakra('button', {
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    gap: '1.5',
    minHeight: { base: '2.75rem', md: '2.125rem' },
    paddingInline: '2',
    border: '1.5px solid',
    borderColor: 'line',
    borderRadius: 'md',
    fontSize: 'note',
    bg: 'card',
    '&[aria-pressed=true]': { borderColor: 'leaf', bg: 'leafTint', fontWeight: 650 },
  },
});

/** Pieces of the linen book, those that were worked on last in front; one that is in the heap can be taken out. */
function WornLately({ wash, onPut }: Putting & { wash: WashView }) {
  const { data: pieces } = usePieces();
  const { data: catalogue } = useCatalogue();
  const drop = useDropLine();
  const [all, setAll] = useState(false);
  if (!pieces || !catalogue) return null;
  const washable = pieces.filter(({ itemId }) => !catalogue.items.find(({ id }) => id === itemId)?.coded);
  if (washable.length === 0) return null;
  const sorted = [...washable].sort((a, b) => lastOf(b).localeCompare(lastOf(a)));
  const inHeap = new Map(
    wash.pieces.flatMap(({ pieceId, lineId }) => (pieceId ? [[pieceId, lineId] as const] : [])),
  );
  return (
    <Box>
      <Box fontWeight={700}>From the linen, worn last in front</Box>
      <Flex gap="1.5" wrap="wrap" marginTop="1.5">
        {sorted.slice(0, all ? undefined : SHOWN_PIECES).map((piece) => {
          const lineId = inHeap.get(piece.id);
          return (
            <PieceChip
              key={piece.id}
              type="button"
              aria-pressed={lineId !== undefined}
              onClick={() => (lineId ? drop.mutate(lineId) : onPut([lineOf(piece)]))}
            >
              <Swatch colour={piece.colour} />
              {piece.name}
            </PieceChip>
          );
        })}
        {!all && sorted.length > SHOWN_PIECES && (
          <Button variant="plain" size="small" onClick={() => setAll(true)}>
            All {sorted.length}
          </Button>
        )}
      </Flex>
    </Box>
  );
}

const lastOf = ({ lastAt, createdAt }: PieceSummary): string => lastAt ?? createdAt;

const lineOf = ({ id, colour, fastness }: PieceSummary): NewHeapLine => ({
  ...PLAIN_LINE,
  pieceId: id,
  colour,
  fastness,
});

/** What has fallen due for a wash, in one tap. */
function Due({ wash, onPut }: Putting & { wash: WashView }) {
  const say = useLexicon();
  const due = useToday().data?.due ?? [];
  const { data: pieces } = usePieces();
  const inHeap = new Set(wash.pieces.map(({ pieceId }) => pieceId));
  const waiting = [
    ...new Set(due.filter(({ kind }) => kind === 'wash').map(({ pieceId }) => pieceId)),
  ].flatMap((id) => pieces?.find((piece) => piece.id === id && !inHeap.has(id)) ?? []);
  if (waiting.length === 0) return null;
  return (
    <Flex align="center" gap="2.5" wrap="wrap">
      <Button variant="outline" size="small" onClick={() => onPut(waiting.map(lineOf))}>
        Add what is due, {waiting.length}
      </Button>
      <Box fontSize="note" color="soft">
        {waiting.map(({ name, itemId }) => name || say.name(itemId)).join(', ')}
      </Box>
    </Flex>
  );
}
