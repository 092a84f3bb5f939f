import { Box } from '@chakra-ui/react';
import { durationWords, effectRange, type OtherCourseView } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { Button } from './controls';

interface WayButtonProps {
  readonly way: OtherCourseView['ways'][number];
  readonly disabled?: boolean;
  readonly onTake: () => void;
}

/** Another way of a step: its name, what would be gone after it, its minutes, and what must be bought. */
export function WayButton({ way, disabled = false, onTake }: WayButtonProps) {
  const say = useLexicon();
  const { methodId, gone, handsOnMin, minutes, missingAgentIds } = way;
  return (
    <Button size="tub" flexDirection="column" gap="0.5" paddingBlock="2" disabled={disabled} onClick={onTake}>
      <span>{say.name(methodId)}</span>
      <Box as="span" fontSize="note" fontWeight={400}>
        {effectRange(gone)} gone after it · {Math.round(handsOnMin)} min hands on,{' '}
        {durationWords(minutes.low, minutes.high)} in all
        {missingAgentIds.length > 0 && ` · to buy: ${missingAgentIds.map(say.name).join(', ')}`}
      </Box>
    </Button>
  );
}
