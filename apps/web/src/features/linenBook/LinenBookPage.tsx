import { Box, chakra, Grid } from '@chakra-ui/react';
import type { PieceSummary } from '@feverfew/contracts';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { usePieces } from '../../app/queries';
import { useLexicon } from '../../app/useLexicon';
import { Input } from '../../components/controls';
import { Empty, Failed, Loading } from '../../components/States';
import { searchOptions } from '../trouble/searchOptions';
import { labelText } from '../trouble/sentenceView';
import { blendText } from './pieceText';

const Row = chakra(Link, {
  base: {
    display: 'grid',
    gridTemplateColumns: { base: '1fr', md: '1.2fr 1.4fr 1.2fr 90px' },
    gap: '2px 18px',
    paddingBlock: '10px',
    borderBottom: '1px solid',
    borderColor: 'line',
    minHeight: '52px',
    alignItems: 'center',
    _hover: { bg: 'leafTint' },
  },
});

/** Every piece the household told of, with its tag and how often it was in trouble. */
export function LinenBookPage() {
  const pieces = usePieces();
  if (pieces.isPending) return <Loading what="the linen book" />;
  if (pieces.isError) return <Failed error={pieces.error} onRetry={() => void pieces.refetch()} />;
  return <Book pieces={pieces.data} />;
}

function Book({ pieces }: { pieces: readonly PieceSummary[] }) {
  const say = useLexicon();
  const [query, setQuery] = useState('');
  const shown = useMemo(
    () =>
      searchOptions(
        pieces.map((piece) => ({
          ...piece,
          aliases: [say.name(piece.itemId), blendText(piece, say), piece.colour],
        })),
        query,
      ),
    [pieces, query, say],
  );
  return (
    <Box maxWidth="1080px" marginInline="auto" padding={{ base: '16px', md: '24px 28px' }}>
      <Grid
        templateColumns={{ base: '1fr', md: '1fr 320px' }}
        gap="12px"
        alignItems="center"
        marginBottom="12px"
      >
        <Box as="h1" fontSize="28px">
          Linen book
        </Box>
        <Input
          value={query}
          onChange={(event) => setQuery(event.currentTarget.value)}
          placeholder="Name, kind, fibre, colour"
          aria-label="Search the linen book"
        />
      </Grid>
      {pieces.length === 0 && (
        <Empty>
          No piece yet. A piece is entered with its first trouble: <Link to="/trouble">tell one</Link>.
        </Empty>
      )}
      {pieces.length > 0 && shown.length === 0 && <Empty>No piece by that word.</Empty>}
      <Box as="ul" listStyleType="none">
        {shown.map((piece) => (
          <li key={piece.id}>
            <Row to={`/pieces/${piece.id}`}>
              <Box>
                <Box fontWeight={650}>{piece.name}</Box>
                <Box color="soft" fontSize="15px">
                  {say.name(piece.itemId)}
                </Box>
              </Box>
              <Box fontSize="15px">{blendText(piece, say)}</Box>
              <Box fontSize="15px">{piece.code ? `code ${piece.code}` : labelText(piece.label)}</Box>
              <Box fontSize="15px" color="soft">
                {piece.troubles === 0
                  ? 'no trouble'
                  : piece.troubles === 1
                    ? '1 trouble'
                    : `${piece.troubles} troubles`}
              </Box>
            </Row>
          </li>
        ))}
      </Box>
    </Box>
  );
}
