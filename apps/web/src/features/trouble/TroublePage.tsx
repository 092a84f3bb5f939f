import { Box } from '@chakra-ui/react';
import type { PieceSummary, Plan, Trouble } from '@feverfew/contracts';
import { useMemo, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { ApiProblem } from '../../app/api/api';
import { useLexicon } from '../../app/useLexicon';
import { useServerNow } from '../../clock/useServerNow';
import { PageHeading } from '../../components/layout/PageHeading';
import { Failed, Loading } from '../../components/notices/States';
import type { DoneState } from '../../components/notices/TakenBack';
import { FactSentence } from '../../facts/FactSentence';
import { type Draft, EMPTY_DRAFT } from '../../facts/factsDraft';
import { type BlankId, marksText, pieceText } from '../../facts/sentenceView';
import { useCatalogue } from '../../queries/catalogueQueries';
import { useMay } from '../../queries/deviceQueries';
import { useHouseQuestion } from '../../queries/householdQueries';
import { usePieces } from '../../queries/pieceQueries';
import { useRun } from '../../queries/runQueries';
import { useToday } from '../../queries/todayQueries';
import { useDeleteTrouble, useTrouble } from '../../queries/troubleQueries';
import { DiagnosisPanel } from './DiagnosisPanel';
import { isForNobody } from './NotAtHome';
import { PlanChanged } from './PlanChanged';
import { PlanView } from './PlanView';
import { Foot } from './plan/Foot';
import { HouseQuestionRow, showPeopleQuestion } from './plan/HouseQuestionRow';
import { AllLimits, LimitsLine } from './plan/LimitsLine';
import { PlanSlate } from './plan/PlanSlate';
import { PlanTold } from './plan/PlanTold';
import { Questions } from './plan/Questions';
import { WhyButton } from './plan/rowParts';
import { isNoSoil } from './plan/slateView';
import { againAddress } from './said/againAddress';
import { Said } from './said/Said';
import { AheadOfStart } from './start/AheadOfStart';
import { OpenPlans, TroubleStart } from './start/TroubleStart';
import { useFirstQuestions } from './start/useFirstQuestions';
import { isTold, useTroubleDesk } from './useTroubleDesk';

/** The facts as a sentence, what to do at once, and the rounds: one page, for a new trouble and for a kept one. */
export function TroublePage() {
  const { troubleId } = useParams();
  const kept = useTrouble(troubleId);
  const { data } = kept;
  const start = useMemo<Draft>(
    () => (data ? { pieceId: data.pieceId, facts: data.facts } : EMPTY_DRAFT),
    [data],
  );
  if (troubleId && kept.isPending) return <Loading what="the trouble" />;
  // What was fetched once stays while a second fetching fails: so it may have just been deleted.
  if (troubleId && kept.isError && !data)
    return <Failed error={kept.error} onRetry={() => void kept.refetch()} />;
  return <TroubleDesk key={troubleId ?? 'new'} troubleId={troubleId} kept={data} start={start} />;
}

interface TroubleDeskProps {
  readonly troubleId: string | undefined;
  readonly kept: Trouble | undefined;
  readonly start: Draft;
}

function TroubleDesk({ troubleId, kept, start }: TroubleDeskProps) {
  const desk = useTroubleDesk(troubleId, start);
  const { draft, preview, action, errors, change, changeFacts } = desk;
  // The last good plan stays while the next is loaded, but never the plan of another trouble.
  const plan = desk.plan && isOf(desk.plan, draft) ? desk.plan : undefined;
  const say = useLexicon();
  const navigate = useNavigate();
  const catalogue = useCatalogue();
  const pieces = usePieces();
  const today = useToday();
  const nowMs = useServerNow(today.data?.now, today.dataUpdatedAt);
  const runId = kept?.status === 'running' ? kept.runId : null;
  const run = useRun(runId).data;
  const gone = useDeleteTrouble();
  const told = isTold(draft);
  // An answered question goes, and the focus with it: the next Tab from the slate leads to what follows.
  const slate = useRef<HTMLDivElement>(null);
  const focusSlate = () => slate.current?.focus({ preventScroll: true });
  const [opens, setOpens] = useState<{ readonly id: BlankId } | null>(null);
  const isAsking = troubleId === undefined && draft.facts.markIds.length > 0 && !(plan && isNoSoil(plan));
  const asked = useFirstQuestions(draft, isAsking, change);
  const hasNothingToAsk = asked.questions.length === 0 && !asked.isLoading;

  const isPlanned = plan !== undefined && draft.facts.piece.itemId !== null && draft.facts.markIds.length > 0;
  const hasLimits = isPlanned && !isForNobody(plan);
  const [limitsOpen, setLimitsOpen] = useState(false);
  const may = useMay('all');
  const hangsOnHouse = may && isPlanned && runId === null && plan.rounds.length > 0;
  const { question: house, isWaiting } = useHouseQuestion(plan?.facts ?? draft.facts, hangsOnHouse);
  // People come before everything else that is open.
  const isAskingWho = hangsOnHouse && house?.fact === 'people';
  const houseAsked = hasNothingToAsk || isAskingWho ? house : undefined;

  if (catalogue.isError) return <Failed error={catalogue.error} onRetry={() => void catalogue.refetch()} />;
  if (!catalogue.data) return <Loading what="the knowledge" />;

  const remove = ({ id, pieceId, facts }: Trouble) =>
    gone.mutate(id, {
      onSuccess: () => {
        const state: DoneState = {
          done: { words: `Deleted: ${title}`, name: title, undo: { trouble: { pieceId, facts } } },
        };
        void navigate('/', { state, replace: true });
      },
    });
  const error = preview.error ?? action.error ?? gone.error;
  const broken = error !== null;
  const title = told
    ? `${marksText(draft.facts.markIds, say) || 'Some trouble'} on ${pieceText(draft.facts, say)}`
    : 'Trouble';
  const list = pieces.data ?? NO_PIECES;
  const said = told && draft.said !== undefined && (
    <Said
      said={draft.said}
      draft={draft}
      catalogue={catalogue.data}
      pieces={list}
      onChange={change}
      onBlank={(id) => setOpens({ id })}
    />
  );
  const sentence = (
    <FactSentence
      draft={draft}
      catalogue={catalogue.data}
      pieces={list}
      errors={errors}
      isFolded={told}
      isSaid={draft.said !== undefined}
      opens={opens}
      after={
        hasLimits && (
          <WhyButton
            type="button"
            aria-expanded={limitsOpen}
            aria-label="All limits of the piece"
            onClick={() => setLimitsOpen(!limitsOpen)}
          >
            Limits
          </WhyButton>
        )
      }
      whenOpen={draft.said !== undefined && <Link to={againAddress(draft.said)}>Type it again</Link>}
      onChange={change}
    />
  );
  const minute = Math.floor(nowMs / 60_000) * 60_000;
  return (
    <Box paddingInline={{ base: '4', md: '8' }} maxWidth={{ md: '75rem' }} marginInline="auto">
      <PageHeading title={title} unseen />
      {!told && <TroubleStart />}
      {said}
      <Box paddingTop={{ base: told ? '0' : '2.5', md: told ? '2.5' : '2' }}>{sentence}</Box>
      {!told && <OpenPlans />}
      {told && (
        <Box
          opacity={preview.isError ? 0.45 : 1}
          aria-busy={preview.isFetching || asked.isLoading || isWaiting}
        >
          {hasLimits && limitsOpen && (
            <Box display={{ base: 'none', md: 'block' }}>
              <AllLimits envelope={plan.envelope} />
            </Box>
          )}
          <Box paddingTop={{ base: '2', md: '1.5' }} ref={slate} tabIndex={-1}>
            <PlanSlate plan={plan} first={asked.first} />
          </Box>
          {asked.questions.length > 0 && !isAskingWho && (
            <Questions
              questions={asked.questions}
              onAnswer={(fact, answer) => {
                focusSlate();
                asked.answer(fact, answer);
              }}
            />
          )}
          {plan && plan.diagnoses.length > 0 && (
            <DiagnosisPanel
              diagnoses={plan.diagnoses}
              catalogue={catalogue.data}
              answers={draft.facts.answers}
              onAnswer={(answers) => changeFacts({ answers })}
              onAdopt={(unknownId, markId) =>
                changeFacts({
                  answers: {},
                  markIds: [...new Set(draft.facts.markIds.map((id) => (id === unknownId ? markId : id)))],
                })
              }
            />
          )}
          <Box display={{ base: 'block', md: 'none' }}>
            {hasLimits && <LimitsLine envelope={plan.envelope} />}
          </Box>
          {plan && kept && <PlanChanged kept={kept} plan={plan} />}
          {hangsOnHouse && (
            <HouseQuestionRow facts={plan.facts} question={houseAsked} onAnswer={focusSlate} />
          )}
          {isPlanned && (
            <PlanView
              plan={plan}
              run={run}
              nowMs={minute}
              pieceId={draft.pieceId}
              troubleId={troubleId}
              catalogue={catalogue.data}
              onFacts={changeFacts}
            />
          )}
          {!plan && !preview.isError && <Loading what="the plan" />}
          {isPlanned && plan.passes.length > 0 && <AheadOfStart facts={plan.facts} passIndex={0} />}
        </Box>
      )}
      {isPlanned && <PlanTold plan={plan} />}
      {told && (
        <Foot
          plan={isPlanned ? plan : undefined}
          runId={runId}
          blocked={preview.isError || isWaiting}
          pending={action.isPending}
          error={broken ? messageOf(error) : null}
          onStart={() => action.start(0)}
          onAskFirst={isAskingWho ? showPeopleQuestion : null}
          onRetry={preview.isError ? () => void preview.refetch() : null}
          onClear={troubleId ? null : () => void navigate('/trouble')}
          onDelete={kept?.status === 'open' && kept.runId === null ? () => remove(kept) : null}
        />
      )}
    </Box>
  );
}

const isOf = ({ facts }: Plan, draft: Draft): boolean =>
  facts.markIds.join() === draft.facts.markIds.join() && facts.piece.itemId === draft.facts.piece.itemId;

const NO_PIECES: readonly PieceSummary[] = [];

function messageOf(error: Error | null): string {
  if (error instanceof ApiProblem && Object.keys(error.fields).length > 0)
    return 'One of the blanks needs another look: it is marked in the sentence.';
  return error?.message ?? '';
}
