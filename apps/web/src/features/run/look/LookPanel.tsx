import { Box, Grid, Stack } from '@chakra-ui/react';
import {
  type Action,
  lookQuestions,
  lookQuestionWords,
  marksToAsk,
  type Pass,
  type RunView,
  type TroubleKind,
} from '@feverfew/contracts';
import { OctagonAlert } from 'lucide-react';
import { useState } from 'react';
import { useCatalogue } from '../../../queries/catalogueQueries';
import type { Say } from '../useSay';
import { LookAnswerButton } from './LookAnswerButton';
import { MarkLevels } from './MarkLevels';
import { OneLevel } from './OneLevel';
import { StopSigns } from './StopSigns';

interface LookPanelProps {
  readonly run: RunView;
  readonly pass: Pass;
  readonly action: Action;
  readonly say: Say;
}

/** A guided look: what to check, how much is left by eye, or which stop sign was seen. Large, no typing. */
export function LookPanel({ run, pass, action, say }: LookPanelProps) {
  const [seesWrong, setSeesWrong] = useState(false);
  const catalogue = useCatalogue().data;
  const asked = marksToAsk(run.state, run.plan, action);
  const kinds = asked.flatMap(
    (id) => catalogue?.marks.find((mark) => mark.id === id)?.kind ?? ([] as TroubleKind[]),
  );
  if (seesWrong) return <StopSigns action={action} say={say} onBack={() => setSeesWrong(false)} />;
  const isSmell = kinds.length > 0 && kinds.every((kind) => kind === 'odour');
  const [only = ''] = asked;
  return (
    <Stack gap="2.5" role="group" aria-label="What do you see?">
      <Box as="ol" paddingInlineStart="5.5" fontSize="large" listStyleType="decimal" lineHeight="1.35">
        {lookQuestions(pass, action, kinds).map((question) => (
          <li key={question}>{lookQuestionWords(question)}</li>
        ))}
      </Box>
      {asked.length > 1 ? (
        <MarkLevels looks={run.state.looks} markIds={asked} say={say} />
      ) : (
        <OneLevel run={run} markId={only} isSmell={isSmell} say={say} />
      )}
      <Grid>
        <LookAnswerButton type="button" grave disabled={say.pending} onClick={() => setSeesWrong(true)}>
          <OctagonAlert size={28} strokeWidth={1.8} aria-hidden="true" />
          <span>Something is wrong</span>
        </LookAnswerButton>
      </Grid>
    </Stack>
  );
}
