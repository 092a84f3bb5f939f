import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { addressOf, type PieceSummary } from '@feverfew/contracts';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useDeferredValue, useMemo, useRef, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useLexicon } from '../../app/useLexicon';
import { ChipRow } from '../../components/controls/ChipRow';
import { Input } from '../../components/controls/controls';
import { Swatch } from '../../components/drawings/Swatch';
import { PageHeading } from '../../components/layout/PageHeading';
import { Empty, Failed, Loading } from '../../components/notices/States';
import { TakenBack } from '../../components/notices/TakenBack';
import { labelText } from '../../facts/labelText';

import { usePieces } from '../../queries/pieceQueries';
import { searchOptions } from '../../search/searchOptions';
import { blendText } from './pieceText';

const Row = chakra(Link, {
  base: {
    display: 'grid',
    gridTemplateColumns: { base: 'minmax(0,1fr) auto', md: '1.1fr 1.3fr 1fr 1.1fr' },
    gap: '2px 1.125rem',
    paddingBlock: '2',
    borderBottom: '1px solid',
    borderColor: 'line',
    minHeight: '4rem',
    alignItems: 'center',
    _hover: { bg: 'leafTint' },
  },
});

const SHOWS = ['all', 'due', 'worn', 'troubled'] as const;
type Show = (typeof SHOWS)[number];
const KEEPS: Readonly<Record<Show, (piece: PieceSummary) => boolean>> = {
  all: () => true,
  due: (piece) => piece.due.length > 0,
  worn: (piece) => piece.wear.length > 0,
  troubled: (piece) => piece.troubles > 0,
};
const SHOW_WORDS: Readonly<Record<Show, string>> = {
  all: 'all',
  due: 'upkeep due',
  worn: 'worn',
  troubled: 'was in trouble',
};
/** In which order they stand. */
const SORTS = ['name', 'lately', 'troubles'] as const;
type Sort = (typeof SORTS)[number];
const SORT_WORDS: Readonly<Record<Sort, string>> = {
  name: 'by name',
  lately: 'last in trouble',
  troubles: 'most troubles',
};
const BEFORE: Readonly<Record<Sort, (a: PieceSummary, b: PieceSummary) => number>> = {
  name: (a, b) => a.name.localeCompare(b.name),
  lately: (a, b) => (b.lastAt ?? '').localeCompare(a.lastAt ?? ''),
  troubles: (a, b) => b.troubles - a.troubles,
};
const ROW_PX = 68;

/** Every piece of the linen book, with its tag, its history and its due care. */
export function LinenBookPage() {
  const pieces = usePieces();
  if (pieces.isPending) return <Loading what="your linen" />;
  if (pieces.isError) return <Failed error={pieces.error} onRetry={() => void pieces.refetch()} />;
  return <Book pieces={pieces.data} />;
}

function Book({ pieces }: { pieces: readonly PieceSummary[] }) {
  const say = useLexicon();
  const [query, setQuery] = useState('');
  const [params, setParams] = useSearchParams();
  const show = SHOWS.find((one) => one === params.get('show')) ?? 'all';
  const sort = SORTS.find((one) => one === params.get('sort')) ?? 'name';
  const wanted = useDeferredValue(query);
  const set = (name: string, value: string, usual: string) =>
    setParams(
      (now) => {
        if (value === usual) now.delete(name);
        else now.set(name, value);
        return now;
      },
      { replace: true },
    );
  const kept = useMemo(
    () =>
      pieces
        .filter(KEEPS[show])
        .sort(BEFORE[sort])
        .map((piece) => ({
          ...piece,
          aliases: [say.name(piece.itemId), blendText(piece, say), piece.colour],
        })),
    [pieces, show, sort, say],
  );
  const shown = useMemo(() => searchOptions(kept, wanted), [kept, wanted]);
  return (
    <Box maxWidth="67.5rem" marginInline="auto" padding={{ base: '4', md: '1.5rem 1.75rem' }}>
      <TakenBack />
      <Grid templateColumns={{ base: '1fr', md: '1fr 20rem' }} gap="3" alignItems="center">
        <PageHeading title="Linen" />
        <Input
          value={query}
          onChange={(event) => setQuery(event.currentTarget.value)}
          placeholder="Name, kind, fibre, colour"
          aria-label="Search your linen"
        />
      </Grid>
      <Flex marginBlock="2.5" gap="0.5rem 1.75rem" wrap="wrap">
        <ChipRow
          label={`${shown.length} of ${pieces.length} pieces`}
          chosen={show}
          options={SHOWS.map((value) => ({ value, text: SHOW_WORDS[value] }))}
          onChoose={(value) => set('show', value, 'all')}
        />
        <ChipRow
          label="In order"
          chosen={sort}
          options={SORTS.map((value) => ({ value, text: SORT_WORDS[value] }))}
          onChoose={(value) => set('sort', value, 'name')}
        />
      </Flex>
      {pieces.length === 0 && (
        <Empty>
          No piece yet. A piece is entered with its first trouble: <Link to="/trouble">tell one</Link>.
        </Empty>
      )}
      {pieces.length > 0 && shown.length === 0 && <Empty>No piece by that word.</Empty>}
      <Rows pieces={shown} />
    </Box>
  );
}

/** Only the rows in sight are drawn: five hundred pieces scroll like twenty. */
function Rows({ pieces }: { pieces: readonly PieceSummary[] }) {
  const say = useLexicon();
  const list = useRef<HTMLUListElement>(null);
  const rows = useWindowVirtualizer({
    count: pieces.length,
    estimateSize: () => ROW_PX,
    overscan: 12,
    scrollMargin: list.current?.offsetTop ?? 0,
    getItemKey: (index) => pieces[index]?.id ?? index,
  });
  return (
    <ul ref={list} style={{ position: 'relative', height: rows.getTotalSize(), listStyleType: 'none' }}>
      {rows.getVirtualItems().map(({ index, key, start }) => {
        const piece = pieces[index];
        return (
          piece && (
            <li
              key={key}
              ref={rows.measureElement}
              data-index={index}
              style={{
                position: 'absolute',
                insetInline: 0,
                transform: `translateY(${start - rows.options.scrollMargin}px)`,
              }}
            >
              <Row to={`/pieces/${piece.id}`}>
                <Flex minWidth="0" gap="3" align="center">
                  <Known piece={piece} />
                  <Box minWidth="0">
                    <Box fontWeight={650}>{piece.name}</Box>
                    <Box color="soft" fontSize="note">
                      {say.name(piece.itemId)}
                    </Box>
                  </Box>
                </Flex>
                <Box fontSize="note" display={{ base: 'none', md: 'block' }}>
                  {blendText(piece, say)}
                </Box>
                <Box fontSize="note" display={{ base: 'none', md: 'block' }}>
                  {piece.code ? `code ${piece.code}` : labelText(piece.label)}
                </Box>
                <Stands piece={piece} />
              </Row>
            </li>
          )
        );
      })}
    </ul>
  );
}

const PICTURE_PX = 44;

/** What a piece is known by at a glance: its picture, or how light it is. */
function Known({ piece }: { piece: PieceSummary }) {
  return piece.photoId === null ? (
    <Swatch colour={piece.colour} />
  ) : (
    <img
      src={addressOf('downloadPhoto', { id: piece.photoId })}
      alt=""
      width={PICTURE_PX}
      height={PICTURE_PX}
      loading="lazy"
      style={{ objectFit: 'cover', borderRadius: 6, height: PICTURE_PX }}
    />
  );
}

/** Troubles and rounds, and pieces that need a look: worn, or due. */
function Stands({ piece }: { piece: PieceSummary }) {
  const troubles =
    piece.troubles === 0 ? 'no trouble' : piece.troubles === 1 ? '1 trouble' : `${piece.troubles} troubles`;
  return (
    <Flex direction="column" fontSize="note" alignItems={{ base: 'flex-end', md: 'flex-start' }}>
      <Box color="soft">
        {troubles}
        {piece.rounds > 0 ? `, ${piece.rounds} ${piece.rounds === 1 ? 'round' : 'rounds'}` : ''}
      </Box>
      {piece.wear.length > 0 && <Box color="brick">▲ worn: look at it</Box>}
      {piece.due.length > 0 && (
        <Box color="water">● {piece.due.length === 1 ? 'upkeep due' : `${piece.due.length} things due`}</Box>
      )}
    </Flex>
  );
}
