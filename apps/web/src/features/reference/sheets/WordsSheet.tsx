import { Box } from '@chakra-ui/react';
import type { Reference } from '@feverfew/contracts';
import { Fact } from '../Fact';

/** Words of the trade, one plain line each. */
export function WordsSheet({ reference }: { reference: Reference }) {
  const words = [...reference.words].sort((a, b) => a.name.localeCompare(b.name, 'en'));
  return (
    <Box maxWidth="51.25rem">
      {words.map(({ id, name, line, sourceIds }) => (
        <Fact key={id} term={name} sourceIds={sourceIds}>
          {line}
        </Fact>
      ))}
    </Box>
  );
}
