import { Box } from '@chakra-ui/react';
import { effectRange, type RoundPass, type TroubleFacts } from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';
import { Button } from '../../../components/controls/controls';
import { usePlanOtherCourse } from '../../../queries/planQueries';
import { choiceInstead } from './StepInstead';

interface HaveInsteadProps {
  readonly laid: RoundPass;
  readonly passIndex: number;
  readonly facts: TroubleFacts;
  readonly onFacts: (change: Partial<TroubleFacts>) => void;
}

/** Next to products to buy: the best alternative with the products in the house. */
export function HaveInstead({ laid, passIndex, facts, onFacts }: HaveInsteadProps) {
  const say = useLexicon();
  const ways = usePlanOtherCourse(facts, passIndex).data?.ways ?? [];
  const best = ways.find(({ missingAgentIds }) => missingAgentIds.length === 0);
  if (!best) return null;
  return (
    <Box paddingBlock="1">
      <Button onClick={() => onFacts({ choices: choiceInstead(facts, laid, best.methodId) })}>
        With what you have: {say.name(best.methodId)}, {effectRange(best.gone)}
      </Button>
    </Box>
  );
}
