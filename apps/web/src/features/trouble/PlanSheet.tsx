import { Box } from '@chakra-ui/react';
import { findingWords, type Plan } from '@feverfew/contracts';
import { format } from 'date-fns';
import { useLexicon } from '../../app/useLexicon';
import { CautionList } from '../../components/CautionList';
import { ActionRecipe } from '../../recipe/ActionRecipe';
import { KeepInMind } from './KeepInMind';
import { PlanHead } from './PlanHead';
import { timeLine } from './passView';

/** A whole plan on paper: every pass with all its steps and cautions. */
export function PlanSheet({ title, plan }: { title: string; plan: Plan }) {
  const say = useLexicon();
  return (
    <Box padding="4mm" fontSize="11pt">
      <Box as="h1" fontSize="20pt">
        {title}
      </Box>
      <Box marginBottom="4mm">{format(new Date(), 'd MMMM yyyy')}</Box>
      <PlanHead plan={plan} />
      {plan.findings.map((finding) => (
        <Box key={finding.code + findingWords(finding, say)}>{findingWords(finding, say)}</Box>
      ))}
      {plan.ladder.map((pass, index) => (
        <Box key={pass.passId ?? pass.methodId} marginTop="6mm" breakInside="avoid-page">
          <Box as="h2" fontSize="15pt">
            {index + 1}. {say.name(pass.methodId)}
          </Box>
          <Box>
            {timeLine(pass.handsOnMin, pass.totalMin)}, risk {pass.risk}
          </Box>
          <CautionList ids={pass.cautionIds} />
          <Box as="ol" paddingInlineStart="6mm" listStyleType="decimal">
            {pass.steps.map((action) => (
              <li key={action.id}>
                <ActionRecipe action={action} on={{ kind: 'nothing' }} name="" />
              </li>
            ))}
          </Box>
        </Box>
      ))}
      <KeepInMind plan={plan} />
    </Box>
  );
}
