import { Flex } from '@chakra-ui/react';
import type { Catalogue, Plan } from '@feverfew/contracts';
import { useLexicon, useMeasures } from '../../app/useLexicon';
import { CopyButton } from '../../components/controls/CopyButton';
import { Button } from '../../components/controls/controls';
import { downloadText } from '../../components/files/downloadText';
import { usePrintSheet } from '../../components/files/usePrintSheet';
import { marksText } from '../../facts/sentenceView';
import { PlanCard } from './paper/PlanCard';
import { PlanSheet } from './paper/PlanSheet';
import { planMarkdown } from './paper/planMarkdown';

/** The plan on paper or as text. */
export function TakeAlong({ plan, catalogue }: { plan: Plan; catalogue: Catalogue }) {
  const say = useLexicon();
  const measures = useMeasures();
  const paper = usePrintSheet();
  const { markIds, piece } = plan.facts;
  if (plan.passes.length === 0) return null;
  const on = piece.name || (piece.itemId ? say.name(piece.itemId) : 'a piece');
  const title = `${marksText(markIds, say)} on the ${on}`;
  return (
    <Flex gap="2" paddingTop="3" wrap="wrap" data-print="hide">
      <Button onClick={() => paper.print(<PlanCard title={title} plan={plan} />, 'A6')}>Print a card</Button>
      <Button onClick={() => paper.print(<PlanSheet title={title} plan={plan} />, 'A5')}>
        Print the plan
      </Button>
      <Button
        onClick={() =>
          downloadText(`${title}.md`, 'text/markdown', planMarkdown(title, plan, catalogue, say, measures))
        }
      >
        Plan as Markdown
      </Button>
      <CopyButton text={() => location.href}>Copy its address</CopyButton>
      {paper.sheet}
    </Flex>
  );
}
