import { Box, Flex } from '@chakra-ui/react';
import { TriangleAlert } from 'lucide-react';
import { useCatalogue } from '../../queries/catalogueQueries';
import { cautionsById } from './CautionList';

/** Said once for the whole page: of heat at the drying, of labels at its foot. */
export const SAID_ELSEWHERE: readonly string[] = ['noHeatBeforeGone', 'followLabel'];

/** What can hurt, in short: for where the whole text follows before anything is done. */
export function BriefCautions({ ids }: { ids: readonly string[] }) {
  const { data } = useCatalogue();
  const cautions = cautionsById(ids, data).filter(
    ({ id, severity }) => severity !== 'note' && !SAID_ELSEWHERE.includes(id),
  );
  if (cautions.length === 0) return null;
  return (
    <Flex gap="2" fontSize={{ base: 'body', md: 'note' }} lineHeight="1.4" marginTop="1" role="note">
      <TriangleAlert
        size={19}
        strokeWidth={1.9}
        fill="var(--ff-colors-disc)"
        color="var(--ff-colors-warning-line)"
        aria-hidden="true"
        style={{ flexShrink: 0, marginTop: 2 }}
      />
      <Box>
        <Box as="span" srOnly>
          Careful:{' '}
        </Box>
        {cautions.map(({ brief }) => brief).join(' ')}
      </Box>
    </Flex>
  );
}
