import { Stack } from '@chakra-ui/react';
import { type Finding, findingWords, type Lexicon, type Plan } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { Notice } from '../../components/Notice';

/** Hurts somebody if it is not read: first, and each for itself. */
const DANGERS: readonly Finding['code'][] = [
  'explosiveWhenDry',
  'solventOnIt',
  'chlorineFumesFrom',
  'dangerHere',
];
const GRAVE: readonly Finding['code'][] = [
  'noCleaningHelps',
  'noHomeMethod',
  'professionalHand',
  'waterTestFirst',
  'waterTestFailed',
  'codeUnknown',
];
/** Said elsewhere on the page. */
const ELSEWHERE: readonly Finding['code'][] = [
  'markNeeded',
  'itemNeeded',
  'noHeatBeforeGone',
  'cupboardHoldsPair',
  'worthBuying',
];

/** Remarks on the whole plan: grave ones each for itself, quiet ones together. */
export function PlanFindings({ plan }: { plan: Plan }) {
  const say = useLexicon();
  const shown = plan.findings.filter((finding) => !ELSEWHERE.includes(finding.code));
  const dangers = shown.filter((finding) => DANGERS.includes(finding.code));
  const grave = shown.filter((finding) => GRAVE.includes(finding.code));
  const quiet = shown.filter((finding) => !dangers.includes(finding) && !grave.includes(finding));
  return (
    <Stack gap="6px">
      {dangers.map((finding) => (
        <Notice key={findingWords(finding, say)} kind="danger" word="First">
          {findingWords(finding, say)}
        </Notice>
      ))}
      {grave.map((finding) => (
        <Notice key={finding.code} kind="warning">
          {findingWords(finding, say)}
        </Notice>
      ))}
      {quiet.length > 0 && (
        <Notice kind="note">{quiet.map((finding) => findingWords(finding, say)).join(' ')}</Notice>
      )}
    </Stack>
  );
}

/** Dangerous neighbours in the cupboard, in one block. */
export function CupboardWarning({ plan }: { plan: Plan }) {
  const say = useLexicon();
  const text = pairText(plan.findings, say);
  return text ? (
    <Notice kind="danger" word="In your cupboard">
      {text}
    </Notice>
  ) : null;
}

/** One sentence for all dangerous neighbours of one agent, grouped by what would happen. */
function pairText(findings: readonly Finding[], say: Lexicon): string {
  const facts = findings.flatMap((finding) => (finding.code === 'cupboardHoldsPair' ? [finding.facts] : []));
  const first = facts[0];
  if (!first) return '';
  const happenings = [...new Set(facts.map((fact) => say.name(fact.pairId)))];
  const groups = happenings.map(
    (what) =>
      `${facts
        .filter((fact) => say.name(fact.pairId) === what)
        .map((fact) => say.name(fact.agentBId))
        .join(' or ')} (${what})`,
  );
  return (
    `Your ${say.name(first.agentAId)} must never meet ${groups.join(', nor ')}: not in one vessel, one wash ` +
    `cycle or one step after the other.`
  );
}
