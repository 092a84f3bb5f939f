import { Box } from '@chakra-ui/react';
import { findingWords, type Plan } from '@feverfew/contracts';
import { format } from 'date-fns';
import { useLexicon } from '../../../app/useLexicon';
import { CautionList } from '../../../components/notices/CautionList';
import { ActionRecipe } from '../../../recipe/ActionRecipe';
import { timeLine } from '../alternatives/passView';
import { KeepInMind } from '../KeepInMind';
import { LABEL_FIRST } from '../plan/Foot';
import { AtOnceOnPaper, LookOnPaper } from './PlanCard';

/** A whole plan on paper: every pass with all its steps and cautions. */
export function PlanSheet({ title, plan }: { title: string; plan: Plan }) {
  const say = useLexicon();
  return (
    <Box fontSize="10pt">
      <Box as="h1" fontSize="16pt">
        {title}
      </Box>
      <Box marginBottom="4mm">{format(new Date(), 'd MMMM yyyy')}</Box>
      <AtOnceOnPaper plan={plan} />
      {plan.findings.map((finding) => (
        <Box key={finding.code + findingWords(finding, say)}>{findingWords(finding, say)}</Box>
      ))}
      {plan.passes.map((pass, index) => (
        <Box key={pass.passId ?? pass.methodId} marginTop="4mm" breakInside="avoid-page">
          <Box as="h2" fontSize="12.5pt">
            {index + 1}. {say.name(pass.methodId)}
          </Box>
          <Box>
            {timeLine(pass.handsOnMin, pass.totalMin)}, risk {pass.risk}
          </Box>
          <CautionList ids={pass.cautionIds} />
          <Box as="ol" paddingInlineStart="6mm" listStyleType="decimal">
            {pass.actions.map((action) => (
              <li key={action.id}>
                <ActionRecipe action={action} on={{ kind: 'nothing' }} name="" />
              </li>
            ))}
          </Box>
        </Box>
      ))}
      <LookOnPaper plan={plan} />
      <KeepInMind plan={plan} />
      <Box marginTop="3mm">{LABEL_FIRST}</Box>
    </Box>
  );
}
