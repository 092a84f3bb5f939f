import { Box } from '@chakra-ui/react';
import type { Catalogue, TroubleFacts } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { CopyButton } from '../../components/CopyButton';
import { isCoded, sentenceText } from '../../facts/sentenceView';

/** Where nothing is done at home: what to say to whoever does it. */
export function NotAtHome({ facts, catalogue }: { facts: TroubleFacts; catalogue: Catalogue }) {
  const say = useLexicon();
  if (facts.piece.itemId === null || facts.markIds.length === 0) return null;
  const sentence = sentenceText(facts, isCoded(facts, catalogue), say);
  return (
    <Box as="section" aria-label="For a cleaner" paddingBlock="14px">
      <Box as="h2" fontSize="20px">
        Take it to somebody who does this: say
      </Box>
      <Box as="blockquote" fontSize="18px" fontFamily="heading" paddingBlock="8px" maxWidth="60ch">
        {sentence}
      </Box>
      <CopyButton text={() => sentence}>Copy</CopyButton>
    </Box>
  );
}
