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
    <Box maxWidth="860px" marginInline="auto" padding={{ base: '16px', md: '24px 28px' }}>
      <TakenBack />
      <Flex justifyContent="space-between" gap="12px" wrap="wrap" alignItems="center">
        <PageHeading title={piece.name} />
        <Button variant="action" onClick={tell}>
          New trouble on it
        </Button>
      </Flex>
      <Flex gap="14px 28px" wrap="wrap" marginBlock="14px">
        <Box as="dl" flex="1 1 280px" display="grid" gridTemplateColumns="90px 1fr" gap="4px 14px">
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
      <Box marginTop="18px">
        <PieceKeeping key={piece.id} piece={piece} />
      </Box>
      <Box as="h2" fontSize="20px" marginTop="22px">
        What happened to it
      </Box>
      {troubles.length === 0 && <Empty>No trouble so far.</Empty>}
      <Stack gap="0">
        {troubles.map((trouble) => (
          <Box key={trouble.id} paddingBlock="12px" borderBottom="1px solid" borderColor="line">
            <Flex justifyContent="space-between" gap="12px" wrap="wrap">
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
              <Box key={run.id} paddingTop="6px">
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
