import { Box, Flex, Grid, Stack } from '@chakra-ui/react';
import {
  type Catalogue,
  EMPTY_FACTS,
  factsOfPiece,
  type PieceHistory,
  addressOf as routeAddress,
  toldOf,
} from '@feverfew/contracts';
import { format } from 'date-fns';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { v4 as newKey } from 'uuid';
import { Button } from '../../components/controls/controls';
import { Fold } from '../../components/layout/Fold';
import { PageHeading } from '../../components/layout/PageHeading';
import { Failed, Loading } from '../../components/notices/States';
import { TakenBack } from '../../components/notices/TakenBack';
import { addressOf } from '../../facts/draftAddress';
import { useCatalogue } from '../../queries/catalogueQueries';
import { useMay } from '../../queries/deviceQueries';
import { useNoteCare, usePiece, useSavePiece } from '../../queries/pieceQueries';
import { SHORT } from '../../theme/media';
import { NewPiece } from './NewPiece';
import { PieceCare } from './PieceCare';
import { PieceEnds } from './PieceEnds';
import { PieceFigure } from './PieceFigure';
import { PieceForm } from './PieceForm';
import { PieceLog } from './PieceLog';
import { PiecePicture } from './PiecePicture';
import { PieceTag } from './PieceTag';
import { PieceThread } from './PieceThread';
import { PieceWear } from './PieceWear';

/** In the place of an id: a piece that is not entered yet. */
const NEW = 'new';

/** One piece with everything that happened to it, or the form for a new one. */
export function PiecePage() {
  const { pieceId = '' } = useParams();
  return pieceId === NEW ? <NewPiece /> : <OnePiece pieceId={pieceId} />;
}

function OnePiece({ pieceId }: { readonly pieceId: string }) {
  const history = usePiece(pieceId);
  const catalogue = useCatalogue();
  if (catalogue.isError) return <Failed error={catalogue.error} onRetry={() => void catalogue.refetch()} />;
  if (history.isPending || !catalogue.data) return <Loading what="the piece" />;
  // What was fetched once stays while a second fetching fails: so it may have just been deleted.
  if (history.isError && !history.data)
    return <Failed error={history.error} onRetry={() => void history.refetch()} />;
  return <Page key={pieceId} history={history.data} catalogue={catalogue.data} />;
}

interface PageProps {
  readonly history: PieceHistory;
  readonly catalogue: Catalogue;
}

function Page({ history, catalogue }: PageProps) {
  const { piece, troubles } = history;
  const [isChanging, setChanging] = useState(false);
  const may = useMay('all');
  return (
    <Box
      maxWidth={{ base: '67.5rem', xl: '74rem' }}
      marginInline="auto"
      padding={{ base: '1rem 1rem 0', md: '1.25rem 2rem 0' }}
    >
      <TakenBack />
      <Flex justifyContent="space-between" gap="0 1rem" wrap="wrap" alignItems="baseline">
        <Flex alignItems="baseline" gap="0 1rem" wrap="wrap">
          <PageHeading title={piece.name} />
          <Box color="soft">
            {piece.since
              ? `in the house since ${format(new Date(piece.since), 'MMMM yyyy')}`
              : `entered ${format(new Date(piece.createdAt), 'd MMMM yyyy')}`}
          </Box>
        </Flex>
        {may && (
          <Button variant="plain" aria-expanded={isChanging} onClick={() => setChanging(!isChanging)}>
            {isChanging ? 'Close' : 'Change'}
          </Button>
        )}
      </Flex>
      {isChanging ? (
        <Changing history={history} catalogue={catalogue} onDone={() => setChanging(false)} />
      ) : (
        <Grid
          templateColumns={{ base: '1fr', lg: 'minmax(0, 1fr) 18.75rem' }}
          gap="1rem 2.5rem"
          marginTop="2"
        >
          <Box>
            <PieceFigure history={history} catalogue={catalogue} />
            {piece.note && <Box color="soft">{piece.note}</Box>}
          </Box>
          <Stack gap="4">
            {piece.photoId && <Photo id={piece.photoId} name={piece.name} />}
            <PieceTag piece={piece} />
            <PieceWear history={history} />
          </Stack>
        </Grid>
      )}
      <Box borderTop="1px solid" borderColor="line" marginTop="4" paddingTop="3">
        <PieceThread history={history} />
      </Box>
      <Box marginBlock="4">
        <PieceCare history={history} />
      </Box>
      {troubles.length > 0 && (
        <Fold
          title="What happened to it"
          summary={troubles.length === 1 ? '1 trouble in full' : `all ${troubles.length} troubles in full`}
        >
          <PieceLog troubles={troubles} />
        </Fold>
      )}
      <Acts history={history} />
    </Box>
  );
}

const Photo = ({ id, name }: { readonly id: string; readonly name: string }) => (
  <img
    src={routeAddress('downloadPhoto', { id })}
    alt={name}
    style={{ maxHeight: '12.5rem', objectFit: 'cover', borderRadius: 8 }}
  />
);

interface ChangingProps extends PageProps {
  readonly onDone: () => void;
}

/** The facts of a piece, open to be changed. */
function Changing({ history, catalogue, onDone }: ChangingProps) {
  const { piece } = history;
  const save = useSavePiece(piece.id);
  return (
    <Grid templateColumns={{ base: '1fr', md: 'minmax(0, 1fr) auto' }} gap="1rem 2.5rem" marginTop="3">
      <PieceForm
        start={toldOf(piece)}
        catalogue={catalogue}
        error={save.error}
        isBusy={save.isPending}
        onSave={(facts) => save.mutate(facts, { onSuccess: onDone })}
      />
      <PiecePicture piece={piece} />
    </Grid>
  );
}

/** What to do next with it, at the foot of the window. On a phone the lesser acts end the page. */
function Acts({ history }: { readonly history: PieceHistory }) {
  const { piece } = history;
  const navigate = useNavigate();
  const trouble = () =>
    void navigate(addressOf({ pieceId: piece.id, facts: { ...EMPTY_FACTS, piece: factsOfPiece(piece) } }));
  return (
    <>
      <Box display={{ base: 'block', md: 'none' }} paddingBlock="3">
        <LesserActs history={history} />
      </Box>
      <Flex
        position="sticky"
        bottom={{ base: '4rem', md: '0' }}
        css={{ [SHORT]: { position: 'static' } }}
        zIndex={5}
        marginInline={{ base: '-1rem', md: '-2rem' }}
        padding={{ base: '0.5rem 1rem', md: '0.5rem 2rem' }}
        gap="0.5rem 1.25rem"
        alignItems="center"
        bg="card"
        borderTop="1px solid"
        borderColor="line"
      >
        <Box flex="1" display={{ base: 'none', md: 'block' }}>
          <LesserActs history={history} />
        </Box>
        <Button variant="action" size="large" flex={{ base: '1', md: 'none' }} onClick={trouble}>
          New trouble on it
        </Button>
      </Flex>
    </>
  );
}

function LesserActs({ history }: { readonly history: PieceHistory }) {
  const { piece, troubles } = history;
  const may = useMay('all');
  const note = useNoteCare(piece.id);
  const washed = (what: 'machineWash' | 'hotWash') =>
    note.mutate({ key: newKey(), times: 1, what, upkeepId: null });
  return (
    <Flex gap="0 1rem" wrap="wrap" alignItems="center">
      {may && (
        <>
          <Button variant="plain" disabled={note.isPending} onClick={() => washed('machineWash')}>
            Washed once more
          </Button>
          <Button variant="plain" disabled={note.isPending} onClick={() => washed('hotWash')}>
            Washed at 60 °C or more
          </Button>
        </>
      )}
      <PieceEnds piece={piece} isUntouched={troubles.length === 0} />
    </Flex>
  );
}
