import { Box } from '@chakra-ui/react';
import { changeWords, type TroubleFacts } from '@feverfew/contracts';
import { useState } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { Button } from '../../../components/controls/controls';
import { useWhatWouldChange } from '../../../queries/planQueries';

interface WhatWouldChangeProps {
  readonly facts: TroubleFacts;
  readonly methodId: string;
}

/** On demand: the smallest change of the facts under which a struck method would be offered. */
export function WhatWouldChange(props: WhatWouldChangeProps) {
  const [asked, setAsked] = useState(false);
  return asked ? (
    <Answer {...props} />
  ) : (
    <Button variant="plain" size="small" paddingInline="0" onClick={() => setAsked(true)}>
      What would change that?
    </Button>
  );
}

function Answer({ facts, methodId }: WhatWouldChangeProps) {
  const say = useLexicon();
  const answer = useWhatWouldChange(facts, methodId);
  if (answer.isPending) return <Box role="status">Trying other facts …</Box>;
  if (answer.isError) return <Box role="alert">{answer.error.message}</Box>;
  if (answer.data.length === 0)
    return <Box role="status">Nothing you could have read wrong: it stays out on this piece.</Box>;
  return (
    <Box as="ul" role="status" paddingInlineStart="4.5" listStyleType="disc" color="ink">
      {answer.data.map((changes) => {
        const words = changeWords(changes as Parameters<typeof changeWords>[0], say);
        return <li key={words}>{words}</li>;
      })}
    </Box>
  );
}
