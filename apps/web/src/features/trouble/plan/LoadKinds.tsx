import { Flex } from '@chakra-ui/react';
import type { Plan, TroubleFacts } from '@feverfew/contracts';
import { Button } from '../../../components/controls/controls';
import { loadKinds } from './loadKinds';

interface LoadKindsProps {
  readonly plan: Plan;
  readonly onFacts: (change: Partial<TroubleFacts>) => void;
}

/** Where a whole load has the trouble: one tap for each kind of piece in it. */
export function LoadKinds({ plan: { facts, findings }, onFacts }: LoadKindsProps) {
  if (!findings.some(({ code }) => code === 'wholeLoad')) return null;
  return (
    <Flex gap="2" wrap="wrap" align="center" paddingTop="2" data-load-kinds="">
      A plan for each kind:
      {loadKinds(facts).map(({ name, isChosen, change }) => (
        <Button
          key={name}
          aria-pressed={isChosen}
          borderStyle={isChosen ? 'solid' : 'dotted'}
          fontWeight={isChosen ? 650 : undefined}
          onClick={() => onFacts(change)}
        >
          {name}
        </Button>
      ))}
    </Flex>
  );
}
