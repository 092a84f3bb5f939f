import { Box, Flex } from '@chakra-ui/react';
import {
  type LoadAnswer,
  loadAnswerWords,
  noDrumWords,
  type PieceNames,
  upperFirst,
} from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { Button } from '../../components/controls/controls';
import { WashMark } from './drawings/Marks';

/** What a drum says to the piece that is lifted, and the way in. */
export function AnswerCard({
  answer,
  name,
  isHere,
  label,
  onPut,
}: {
  answer: LoadAnswer;
  name: PieceNames;
  isHere: boolean;
  label: string;
  onPut: () => void;
}) {
  const say = useLexicon();
  const may = answer.may;
  return (
    <Box
      border="1.5px solid"
      borderStyle={may ? 'solid' : 'dashed'}
      borderColor={may ? 'leaf' : 'brick'}
      bg={may ? 'leafTint' : 'brickTint'}
      borderRadius="md"
      padding="0.625rem 0.75rem"
      fontSize="note"
      lineHeight="1.35"
    >
      <Flex
        as="span"
        align="center"
        gap="1.5"
        fontFamily="heading"
        fontWeight={700}
        fontSize="body"
        color={may ? 'leaf' : 'brick'}
      >
        <WashMark of={may ? 'may' : 'mayNot'} />
        {isHere ? 'Is here' : may ? 'May join' : 'May not'}
      </Flex>
      <Box>{upperFirst(may ? loadAnswerWords(answer, say) : noDrumWords(answer.why, name, say))}</Box>
      {may && !isHere && (
        <Button
          variant="outline"
          minHeight={{ base: '3.25rem', md: '2.3125rem' }}
          marginTop="1.5"
          width={{ base: '100%', md: 'auto' }}
          onClick={onPut}
        >
          {label}
        </Button>
      )}
    </Box>
  );
}
