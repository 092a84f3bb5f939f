import { Box } from '@chakra-ui/react';
import { EMPTY_PIECE } from '@feverfew/contracts';
import { useNavigate } from 'react-router';
import { PageHeading } from '../../components/layout/PageHeading';
import { Failed, Loading } from '../../components/notices/States';
import { useCatalogue } from '../../queries/catalogueQueries';
import { useEnterPiece } from '../../queries/pieceQueries';
import { PieceForm } from './PieceForm';

const START = { ...EMPTY_PIECE, since: null, replacementCost: null, note: '' };

/** A piece entered before anything happens to it. */
export function NewPiece() {
  const catalogue = useCatalogue();
  const enter = useEnterPiece();
  const navigate = useNavigate();
  if (catalogue.isError) return <Failed error={catalogue.error} onRetry={() => void catalogue.refetch()} />;
  if (!catalogue.data) return <Loading what="the kinds of pieces" />;
  return (
    <Box maxWidth="47.5rem" marginInline="auto" padding={{ base: '4', md: '1.25rem 2rem' }}>
      <PageHeading title="A new piece" />
      <Box color="soft" marginBottom="3">
        Only its kind has to be entered. What stays open is taken to be as usual, and a plan says so.
      </Box>
      <PieceForm
        start={START}
        catalogue={catalogue.data}
        error={enter.error}
        isBusy={enter.isPending}
        onSave={(piece) =>
          enter.mutate(
            { piece, jpeg: null },
            { onSuccess: ({ id }) => void navigate(`/pieces/${id}`, { replace: true }) },
          )
        }
      />
    </Box>
  );
}
