import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import type { Catalogue, PieceSummary, Today } from '@feverfew/contracts';
import { useDeferredValue, useMemo, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { useLexicon } from '../../app/useLexicon';
import { useServerNow } from '../../clock/useServerNow';
import { ChipButton, Input } from '../../components/controls/controls';
import { LinkButton } from '../../components/controls/LinkButton';
import { stepTo } from '../../components/controls/stepTo';
import { pageColumns } from '../../components/layout/boardGrid';
import { PageHeading } from '../../components/layout/PageHeading';
import { Empty, Failed, Loading } from '../../components/notices/States';
import { TakenBack } from '../../components/notices/TakenBack';
import { useCatalogue } from '../../queries/catalogueQueries';
import { useMay } from '../../queries/deviceQueries';
import { usePieces } from '../../queries/pieceQueries';
import { useToday } from '../../queries/todayQueries';
import { searchOptions } from '../../search/searchOptions';
import { PieceRows } from './PieceRows';
import { blendText } from './pieceText';
import { ABREAST, Shelf } from './Shelf';
import {
  countOf,
  inOrder,
  ORDERS,
  type Order,
  type PieceState,
  SHELF_NAMES,
  SHELVES,
  STATES,
  shelvedPieces,
} from './shelves';

const STATE_WORDS: Readonly<Record<PieceState, string>> = {
  trouble: 'open trouble',
  due: 'care due',
  worn: 'worn',
  water: 'in the water',
};
const CHIPS = ['trouble', 'due', 'worn', 'water'] as const satisfies readonly PieceState[];
const ORDER_WORDS: Readonly<Record<Order, string>> = {
  shelf: 'by shelf',
  name: 'by name',
  lately: 'latest trouble',
  list: 'as a list',
};

/** Every piece of the house on its shelf, with what it needs. */
export function LinenBookPage() {
  const pieces = usePieces();
  const catalogue = useCatalogue();
  const today = useToday();
  const failed = pieces.error ?? catalogue.error;
  if (failed)
    return (
      <Failed error={failed} onRetry={() => void Promise.all([pieces.refetch(), catalogue.refetch()])} />
    );
  if (!pieces.data || !catalogue.data) return <Loading what="your linen" />;
  return (
    <Book
      pieces={pieces.data}
      catalogue={catalogue.data}
      today={today.data}
      fetchedAt={today.dataUpdatedAt}
    />
  );
}

interface BookProps {
  readonly pieces: readonly PieceSummary[];
  readonly catalogue: Catalogue;
  /** Undefined until it is there: the shelves do not wait for it. */
  readonly today: Today | undefined;
  readonly fetchedAt: number;
}

function Book({ pieces, catalogue, today, fetchedAt }: BookProps) {
  const say = useLexicon();
  const nowMs = useServerNow(today?.now, fetchedAt);
  const [query, setQuery] = useState('');
  const [params, setParams] = useSearchParams();
  const only = STATES.find((one) => one === params.get('show')) ?? null;
  const order = ORDERS.find((one) => one === params.get('sort')) ?? 'shelf';
  const wanted = useDeferredValue(query);
  const set = (name: string, value: string | null) =>
    setParams(
      (now) => {
        if (value === null) now.delete(name);
        else now.set(name, value);
        return now;
      },
      { replace: true },
    );
  const found = useMemo(() => {
    const all = inOrder(pieces, order).map((piece) => ({
      ...piece,
      aliases: [say.name(piece.itemId), blendText(piece, say), piece.colour],
    }));
    return searchOptions(all, wanted);
  }, [pieces, order, wanted, say]);
  const house = useMemo(
    () => ({
      items: catalogue.items,
      fibres: catalogue.fibres,
      open: today?.waiting ?? [],
      running: today?.running ?? [],
    }),
    [catalogue, today],
  );
  const all = useMemo(() => shelvedPieces(pieces, house), [pieces, house]);
  const shelved = useMemo(() => shelvedPieces(found, house), [found, house]);
  const boards =
    order === 'shelf'
      ? SHELVES.map((id) => ({
          id,
          name: SHELF_NAMES[id],
          pieces: shelved.filter((one) => one.shelf === id),
        }))
      : [{ id: order, name: null, pieces: shelved }];
  const place = useRef<HTMLDivElement>(null);
  return (
    <Box
      maxWidth={{ base: '67.5rem', xl: '74rem' }}
      marginInline="auto"
      padding={{ base: '4', md: '1.25rem 2rem' }}
    >
      <TakenBack />
      <Heading count={pieces.length} query={query} onQuery={setQuery} />
      <Flex marginBlock="2.5" gap="0.5rem 1.5rem" wrap="wrap" justifyContent="space-between">
        <Flex as="fieldset" aria-label="Show" gap="2" wrap="wrap" border="0">
          <ChipButton
            size="touch"
            state={only === null ? 'chosen' : 'plain'}
            aria-pressed={only === null}
            onClick={() => set('show', null)}
          >
            all
          </ChipButton>
          {CHIPS.map((state) => (
            <ChipButton
              key={state}
              size="touch"
              state={only === state ? 'chosen' : 'plain'}
              aria-pressed={only === state}
              onClick={() => set('show', only === state ? null : state)}
            >
              {STATE_WORDS[state]} <strong>{countOf(all, state)}</strong>
            </ChipButton>
          ))}
        </Flex>
        <Flex as="fieldset" aria-label="In order" gap="4" wrap="wrap" border="0">
          {ORDERS.map((one) => (
            <OrderButton
              key={one}
              type="button"
              aria-pressed={order === one}
              onClick={() => set('sort', one === 'shelf' ? null : one)}
            >
              {ORDER_WORDS[one]}
            </OrderButton>
          ))}
        </Flex>
      </Flex>
      {pieces.length === 0 && (
        <Empty>
          No piece yet. <Link to="/pieces/new">Add one</Link>, or let it be entered with its first trouble.
        </Empty>
      )}
      {pieces.length > 0 && found.length === 0 && <Empty>No piece by that word.</Empty>}
      {order === 'list' ? (
        <PieceRows pieces={found.filter((_, at) => only === null || shelved[at]?.states.includes(only))} />
      ) : (
        <Grid
          ref={place}
          onKeyDown={(event) => stepTo(event, place.current)}
          gap="1.5rem 0.875rem"
          marginTop="4"
          gridAutoFlow="row dense"
          gridTemplateColumns={pageColumns(ABREAST)}
        >
          {boards
            .filter((board) => board.pieces.length > 0)
            .map((board) => (
              <Shelf
                key={`${board.id} ${wanted}`}
                name={board.name}
                pieces={board.pieces}
                isHung={board.id === 'rail'}
                count={shelved.length}
                only={only}
                nowMs={nowMs}
              />
            ))}
        </Grid>
      )}
    </Box>
  );
}

const OrderButton = chakra('button', {
  base: {
    minHeight: '2.75rem',
    fontSize: 'note',
    fontWeight: 650,
    color: 'leaf',
    cursor: 'pointer',
    '&[aria-pressed=true]': { color: 'ink', textDecoration: 'underline', textUnderlineOffset: '0.375rem' },
  },
});

interface HeadingProps {
  readonly count: number;
  readonly query: string;
  readonly onQuery: (query: string) => void;
}

function Heading({ count, query, onQuery }: HeadingProps) {
  const navigate = useNavigate();
  const may = useMay('all');
  const add = () => void navigate('/pieces/new');
  useHotkeys('a', add, { enabled: may });
  return (
    <Flex gap="0.5rem 1rem" alignItems="center" wrap="wrap">
      <Flex alignItems="baseline" gap="4" flex="1 1 auto">
        <PageHeading title="Linen" />
        <Box color="soft">{count === 1 ? '1 piece' : `${count} pieces`}</Box>
      </Flex>
      <Box flex={{ base: '1 1 100%', md: '0 1 20.5rem' }} order={{ base: 3, md: 0 }}>
        <Input
          value={query}
          onChange={(event) => onQuery(event.currentTarget.value)}
          placeholder="Name, kind, fibre, colour"
          aria-label="Search your linen"
        />
      </Box>
      {may && (
        <LinkButton to="/pieces/new" variant="action" aria-keyshortcuts="a">
          Add a piece
        </LinkButton>
      )}
    </Flex>
  );
}
