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
    <Box as="section" aria-label="For a cleaner" paddingBlock="3.5">
      <Box as="h2" fontSize="heading">
        Take it to a professional
      </Box>
      <Flex gap="2" wrap="wrap" paddingTop="2">
        <CopyButton text={() => sentence}>Copy what to say</CopyButton>
        <Button variant="plain" aria-expanded={isRead} onClick={() => setRead(!isRead)}>
          Read it
        </Button>
      </Flex>
      {isRead && (
        <Box as="blockquote" fontSize="large" fontFamily="heading" paddingBlock="2" maxWidth="60ch">
          {sentence}
        </Box>
      )}
    </Box>
  );
}
