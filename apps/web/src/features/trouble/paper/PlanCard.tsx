import { Box } from '@chakra-ui/react';
import { dryingWords, type Plan, passWords, type RoundPass } from '@feverfew/contracts';
import { type Lexicon, useLexicon } from '../../../app/useLexicon';
import { SAID_ELSEWHERE } from '../../../components/notices/BriefCautions';
import { cautionsById } from '../../../components/notices/CautionList';
import { useCatalogue } from '../../../queries/catalogueQueries';
import { LABEL_FIRST } from '../plan/Foot';
import { cautionsByStep } from '../plan/stepView';

interface OnPaperProps {
  readonly plan: Plan;
}

/** A card for the tub: first acts, the steps of round one with their figures, drying and the look. */
export function PlanCard({ title, plan }: OnPaperProps & { title: string }) {
  const say = useLexicon();
  const { data } = useCatalogue();
  const [round] = plan.rounds;
  const cautions = cautionsByStep(round?.passes ?? []);
  return (
    <Box fontSize="8.5pt" lineHeight="1.3">
      <Box as="h1" fontSize="12pt" marginBottom="1mm">
        {title}
      </Box>
      <AtOnceOnPaper plan={plan} />
      <Box as="ol" paddingInlineStart="5mm" listStyleType="decimal" marginTop="1.5mm">
        {(round?.passes ?? []).map((laid, at) => (
          <Box as="li" key={laid.id} marginBottom="1mm">
            <strong>{say.name(laid.methodId)}.</strong> {stepText(round?.passes ?? [], at, say)}{' '}
            <em>
              {cautionsById(cautions[at] ?? [], data)
                .filter(({ id, severity }) => severity !== 'note' && !SAID_ELSEWHERE.includes(id))
                .map(({ brief }) => brief)
                .join(' ')}
            </em>
          </Box>
        ))}
      </Box>
      <LookOnPaper plan={plan} />
      <Box marginTop="1.5mm">{LABEL_FIRST}</Box>
    </Box>
  );
}

function stepText(passes: readonly RoundPass[], at: number, say: Lexicon): string {
  const pass = passes[at];
  if (!pass) return '';
  const { recipe, lines } = passWords(pass, say, { passes: passes.slice(0, at), offset: 0 });
  return [recipe ?? [], lines].flat().join(' ');
}

/** The first seconds and what is left alone, each in full. */
export function AtOnceOnPaper({ plan: { atOnce } }: OnPaperProps) {
  if (atOnce.actions.length + atOnce.donts.length === 0) return null;
  return (
    <Box>
      {atOnce.actions.length > 0 && (
        <Box>
          <strong>At once:</strong> {atOnce.actions.map(({ text }) => text).join(' ')}
        </Box>
      )}
      {atOnce.donts.length > 0 && <Box fontWeight={600}>{atOnce.donts.join(' ')}</Box>}
    </Box>
  );
}

/** How it is dried and looked at. */
export function LookOnPaper({ plan: { rounds, atOnce } }: OnPaperProps) {
  const [round] = rounds;
  if (!round?.drying) return null;
  return (
    <Box>
      {dryingWords(round.drying, atOnce.donts).join(' ')} <strong>Check</strong> dry, in daylight: fainter,
      once more; the same, the next round; worse, stop.
    </Box>
  );
}
