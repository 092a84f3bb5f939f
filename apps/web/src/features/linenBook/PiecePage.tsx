import { Box, Flex, Stack } from '@chakra-ui/react';
import { EMPTY_FACTS, factsOfPiece, type PieceHistory } from '@feverfew/contracts';
import { format } from 'date-fns';
import { Link, useNavigate, useParams } from 'react-router';
import { useLexicon } from '../../app/useLexicon';
import { Button } from '../../components/controls/controls';
import { PageHeading } from '../../components/layout/PageHeading';
import { Empty, Failed, Loading } from '../../components/notices/States';
import { TakenBack } from '../../components/notices/TakenBack';
import { OUTCOME_WORDS } from '../../components/text/runWords';
import { addressOf } from '../../facts/draftAddress';
import { labelText } from '../../facts/labelText';
import { COLOUR_WORDS, CONDITION_WORDS, FASTNESS_WORDS, marksText } from '../../facts/sentenceView';
import { usePiece } from '../../queries/pieceQueries';
import { RunLog } from '../run/RunLog';
import { PieceEnds } from './PieceEnds';
import { PieceKeeping } from './PieceKeeping';
import { PieceLife } from './PieceLife';
import { PiecePicture } from './PiecePicture';
import { blendText } from './pieceText';

/** One piece with everything that happened to it. */
export function PiecePage() {
  const { pieceId = '' } = useParams();
  const history = usePiece(pieceId);
  if (history.isPending) return <Loading what="the piece" />;
  // What was fetched once stays while a second fetching fails: so it may have just been deleted.
  if (history.isError && !history.data)
    return <Failed error={history.error} onRetry={() => void history.refetch()} />;
  return <Page history={history.data} />;
}

function Page({ history }: { history: PieceHistory }) {
  const { piece, troubles } = history;
  const say = useLexicon();
  const navigate = useNavigate();
  const facts = [
    ['Kind', say.name(piece.itemId)],
    ['Fibres', blendText(piece, say)],
    [
      'Colour',
      piece.colour === 'white' ? 'white' : `${COLOUR_WORDS[piece.colour]}, ${FASTNESS_WORDS[piece.fastness]}`,
    ],
    ['State', CONDITION_WORDS[piece.condition]],
    piece.code ? ['Code', piece.code] : ['Tag', labelText(piece.label)],
    ...(piece.note ? [['Note', piece.note]] : []),
  ] as const;
  const tell = () =>
    void navigate(addressOf({ pieceId: piece.id, facts: { ...EMPTY_FACTS, piece: factsOfPiece(piece) } }));
  return (
    <Box maxWidth="53.75rem" marginInline="auto" padding={{ base: '4', md: '1.5rem 1.75rem' }}>
      <TakenBack />
      <Flex justifyContent="space-between" gap="3" wrap="wrap" alignItems="center">
        <PageHeading title={piece.name} />
        <Button variant="action" onClick={tell}>
          New trouble on it
        </Button>
      </Flex>
      <Flex gap="0.875rem 1.75rem" wrap="wrap" marginBlock="3.5">
        <Box
          as="dl"
          flex="1 1 17.5rem"
          display="grid"
          gridTemplateColumns="5.625rem 1fr"
          gap="0.25rem 0.875rem"
        >
          {facts.map(([term, text]) => (
            <Box key={term} display="contents">
              <Box as="dt" color="soft">
                {term}
              </Box>
              <Box as="dd">{text}</Box>
            </Box>
          ))}
        </Box>
        <PiecePicture piece={piece} />
      </Flex>
      <PieceLife history={history} />
      <Box marginTop="4.5">
        <PieceKeeping key={piece.id} piece={piece} />
      </Box>
      <Box as="h2" fontSize="heading" marginTop="5.5">
        What happened to it
      </Box>
      {troubles.length === 0 && <Empty>No trouble so far.</Empty>}
      <Stack gap="0">
        {troubles.map((trouble) => (
          <Box key={trouble.id} paddingBlock="3" borderBottom="1px solid" borderColor="line">
            <Flex justifyContent="space-between" gap="3" wrap="wrap">
              <Box fontWeight={650}>
                {marksText(trouble.markIds, say)}{' '}
                <Box as="span" fontWeight={400} color="soft">
                  · {format(new Date(trouble.createdAt), 'd MMMM yyyy')}
                </Box>
              </Box>
              <Link
                to={
                  trouble.status === 'running' && trouble.runId
                    ? `/runs/${trouble.runId}`
                    : `/trouble/${trouble.id}`
                }
                style={{ textDecoration: 'underline' }}
              >
                {trouble.status === 'running'
                  ? 'to the tub'
                  : trouble.status === 'open'
                    ? 'to the plan'
                    : 'plan again'}
              </Link>
            </Flex>
            {trouble.runs.length === 0 && <Box color="soft">nothing done yet</Box>}
            {trouble.runs.map((run) => (
              <Box key={run.id} paddingTop="1.5">
                <Link to={`/runs/${run.id}`}>
                  {say.name(run.methodId)}:{' '}
                  <strong>{run.state.outcome ? OUTCOME_WORDS[run.state.outcome] : 'under way'}</strong>
                </Link>
                <RunLog state={run.state} />
              </Box>
            ))}
          </Box>
        ))}
      </Stack>
      <PieceEnds piece={piece} isUntouched={troubles.length === 0} />
    </Box>
  );
}
