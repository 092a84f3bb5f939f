import { Flex } from '@chakra-ui/react';
import { NO_CHOICES, type TroubleFacts } from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';
import { Button } from '../../../components/controls/controls';

interface LeftOutLineProps {
  readonly facts: TroubleFacts;
  readonly onFacts: (change: Partial<TroubleFacts>) => void;
}

/** What was left out or put in another's place by a tap, and the way back. */
export function LeftOutLine({ facts, onFacts }: LeftOutLineProps) {
  const say = useLexicon();
  const choices = facts.choices ?? NO_CHOICES;
  const instead = Object.entries(choices.instead);
  if (choices.leftOut.length + instead.length === 0) return null;
  return (
    <Flex gap="0.25rem 0.875rem" wrap="wrap" align="center" paddingTop="1.5">
      {choices.leftOut.map((id) => (
        <Button
          key={id}
          onClick={() =>
            onFacts({ choices: { ...choices, leftOut: choices.leftOut.filter((one) => one !== id) } })
          }
        >
          Put back: {say.name(id)}
        </Button>
      ))}
      {instead.map(([was, now]) => (
        <Button
          key={was}
          onClick={() => {
            const { [was]: _gone, ...others } = choices.instead;
            onFacts({ choices: { ...choices, instead: others } });
          }}
        >
          {say.name(was)} again, not {say.name(now)}
        </Button>
      ))}
    </Flex>
  );
}
