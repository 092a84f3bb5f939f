import { Box, Stack } from '@chakra-ui/react';
import { NO_CHOICES, type RoundPass, type TroubleFacts } from '@feverfew/contracts';
import { useState } from 'react';
import { Button } from '../../../components/controls/controls';
import { WayButton } from '../../../components/controls/WayButton';
import { Loading } from '../../../components/notices/States';
import { usePlanOtherCourse } from '../../../queries/planQueries';

interface StepInsteadProps {
  readonly laid: RoundPass;
  /** Its position in the run. */
  readonly passIndex: number;
  readonly facts: TroubleFacts;
  readonly onFacts: (change: Partial<TroubleFacts>) => void;
}

/** The step done with something else, or not at all; both can be taken back above the rounds. */
export function StepInstead(props: StepInsteadProps) {
  const { laid, facts, onFacts } = props;
  const [asked, setAsked] = useState(false);
  const choices = facts.choices ?? NO_CHOICES;
  return (
    <Stack gap="2" maxWidth="35rem">
      <Box display="flex" gap="2" flexWrap="wrap">
        <Button aria-expanded={asked} onClick={() => setAsked(!asked)}>
          Use something else
        </Button>
        <Button
          onClick={() => onFacts({ choices: { ...choices, leftOut: [...choices.leftOut, laid.methodId] } })}
        >
          Leave this step out
        </Button>
      </Box>
      {asked && <Ways {...props} />}
    </Stack>
  );
}

function Ways({ laid, passIndex, facts, onFacts }: StepInsteadProps) {
  const other = usePlanOtherCourse(facts, passIndex);
  if (other.isPending) return <Loading what="what else would do" />;
  if (other.isError) return <Box role="alert">{other.error.message}</Box>;
  if (other.data.ways.length === 0)
    return <Box role="status">Nothing else does here what this step does.</Box>;
  return other.data.ways.map((way) => (
    <WayButton
      key={way.methodId}
      way={way}
      onTake={() => onFacts({ choices: choiceInstead(facts, laid, way.methodId) })}
    />
  ));
}

/** The choices with another method in the place of a step; its own again where that is named. */
export function choiceInstead(facts: TroubleFacts, laid: RoundPass, methodId: string) {
  const choices = facts.choices ?? NO_CHOICES;
  // A stand-in is asked for by the name of the product it replaces.
  const named = laid.insteadOf?.methodId ?? laid.methodId;
  const { [named]: _was, ...others } = choices.instead;
  return { ...choices, instead: methodId === named ? others : { ...others, [named]: methodId } };
}
