import { Stack } from '@chakra-ui/react';
import { type Finding, findingWords, type Plan } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { Notice } from '../../components/Notice';

const KINDS: Partial<Record<Finding['code'], 'danger' | 'warning' | 'good'>> = {
  noHomeMethod: 'warning',
  professionalHand: 'warning',
  cupboardHoldsPair: 'danger',
};
/** Said elsewhere on the page. */
const HIDDEN: readonly Finding['code'][] = ['markNeeded', 'itemNeeded', 'noHeatBeforeGone'];

/** Remarks on the whole plan: grave ones each for itself, quiet ones together. */
export function PlanFindings({ plan }: { plan: Plan }) {
  const say = useLexicon();
  const shown = plan.findings.filter((finding) => !HIDDEN.includes(finding.code));
  const grave = shown.filter((finding) => KINDS[finding.code] !== undefined && finding.code !== 'cupboardHoldsPair');
  const pairs = shown.filter((finding) => finding.code === 'cupboardHoldsPair');
  const quiet = shown.filter((finding) => KINDS[finding.code] === undefined);
  return (
    <Stack gap="6px">
      {grave.map((finding) => (
        <Notice key={finding.code} kind={KINDS[finding.code] ?? 'note'}>
          {findingWords(finding, say)}
        </Notice>
      ))}
      {quiet.length > 0 && <Notice kind="note">{quiet.map((finding) => findingWords(finding, say)).join(' ')}</Notice>}
      {pairs.slice(0, 1).map((finding) => (
        <Notice key={finding.code} kind="danger" word="In your cupboard">
          {pairText(pairs, say)}
        </Notice>
      ))}
    </Stack>
  );
}

/** One sentence for all dangerous neighbours of one agent. */
function pairText(pairs: readonly Finding[], say: ReturnType<typeof useLexicon>): string {
  const facts = pairs.flatMap((finding) => (finding.code === 'cupboardHoldsPair' ? [finding.facts] : []));
  const first = facts[0];
  if (!first) return '';
  const partners = facts.map((fact) => `${say.name(fact.agentBId)} (${say.name(fact.pairId)})`).join(', ');
  return `${say.name(first.agentAId)} must never meet ${partners}: not in one vessel, one wash cycle or one step after the other.`;
}
