import { Box, Flex } from '@chakra-ui/react';
import type { Catalogue, Plan, TroubleFacts } from '@feverfew/contracts';
import { useState } from 'react';
import { useLexicon } from '../../app/useLexicon';
import { CopyButton } from '../../components/controls/CopyButton';
import { Button } from '../../components/controls/controls';
import { isCoded, sentenceText } from '../../facts/sentenceView';

/** A piece that explodes or burns if it is moved. Its findings say whom to call. */
export const isForNobody = ({ findings }: Pick<Plan, 'findings'>): boolean =>
  findings.some(
    ({ code, facts }) =>
      code === 'professionalHand' &&
      ['explosive', 'fluoride', 'fuel', 'dryingOil', 'rotten'].includes(facts.because),
  );

/** For work that is not done at home: what to say to the professional. */
export function NotAtHome({ facts, catalogue }: { facts: TroubleFacts; catalogue: Catalogue }) {
  const say = useLexicon();
  const [isRead, setRead] = useState(false);
  if (facts.piece.itemId === null || facts.markIds.length === 0) return null;
  const sentence = sentenceText(facts, isCoded(facts, catalogue), say);
  return (
    <Box as="section" aria-label="For a cleaner" paddingBlock="14px">
      <Box as="h2" fontSize="20px">
        Take it to a professional
      </Box>
      <Flex gap="8px" wrap="wrap" paddingTop="8px">
        <CopyButton text={() => sentence}>Copy what to say</CopyButton>
        <Button variant="plain" aria-expanded={isRead} onClick={() => setRead(!isRead)}>
          Read it
        </Button>
      </Flex>
      {isRead && (
        <Box as="blockquote" fontSize="18px" fontFamily="heading" paddingBlock="8px" maxWidth="60ch">
          {sentence}
        </Box>
      )}
    </Box>
  );
}
