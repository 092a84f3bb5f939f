import { Box, Stack } from '@chakra-ui/react';
import { type Finding, findingWords, type Lexicon, type Plan } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { Notice } from '../../components/notices/Notice';

/** Safety findings: shown first, one per line, never merged. */
const DANGERS: readonly Finding['code'][] = [
  'explosiveWhenDry',
  'fluorideOnIt',
  'solventOnIt',
  'chlorineFumesFrom',
  'productsReact',
  'soakedWithFuel',
  'soakedWithDryingOil',
  'rottenInside',
  'dangerHere',
];
const GRAVE: readonly Finding['code'][] = [
  'notInTime',
  'noCleaningHelps',
  'noHomeMethod',
  'professionalHand',
  'waterTestFirst',
  'waterTestFailed',
  'codeUnknown',
];
/** Changes the work, or rests on a guess: a line on the page. All else goes to keep in mind. */
const PLAIN: readonly Finding['code'][] = [
  'keepOffAside',
  'stopInTime',
  'washLater',
  'rinseTriedFirst',
  'chlorineTried',
  'triedHot',
  'dryCleanNoPermission',
  'fieldByField',
];
/** Said elsewhere on the page. */
const ELSEWHERE: readonly Finding['code'][] = [
  'markNeeded',
  'itemNeeded',
  'noHeatBeforeGone',
  'cupboardHoldsPair',
  'worthBuying',
  'sizeAssumed',
  'usualTaken',
  'wholeLoad',
];

/** Remarks to keep in mind, that change nothing the hand does. */
export const quietFindings = ({ findings }: Pick<Plan, 'findings'>): readonly Finding[] =>
  findings.filter(({ code }) => ![...DANGERS, ...GRAVE, ...PLAIN, ...ELSEWHERE].includes(code));

/** Remarks on the whole plan that stand on the page: what can hurt, what is grave, what was guessed. */
export function PlanFindings({ plan }: { plan: Plan }) {
  const say = useLexicon();
  const of = (codes: readonly Finding['code'][]) => plan.findings.filter(({ code }) => codes.includes(code));
  // Where nothing is done, what may help is all there is.
  const advice = plan.rounds.length === 0 ? (['markAdvice'] as const) : [];
  const [dangers, grave, plain] = [of(DANGERS), of(GRAVE), of([...PLAIN, ...advice])];
  if (dangers.length + grave.length + plain.length === 0) return null;
  return (
    <Stack gap="1.5" paddingTop="2">
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
      {plain.length > 0 && (
        <Box color="soft" fontSize="note">
          {plain.map((finding) => findingWords(finding, say)).join(' ')}
        </Box>
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

/** One line for all dangerous neighbours of one product. */
function pairText(findings: readonly Finding[], say: Lexicon): string {
  const facts = findings.flatMap((finding) => (finding.code === 'cupboardHoldsPair' ? [finding.facts] : []));
  const first = facts[0];
  if (!first) return '';
  const others = [...new Set(facts.map((fact) => say.name(fact.agentBId)))];
  return `Keep your ${say.name(first.agentAId)} shut: dangerous with ${others.join(' or ')}.`;
}
