import { Box, Flex, Grid } from '@chakra-ui/react';
import type { PieceSummary, Plan, Trouble, TroubleFacts } from '@feverfew/contracts';
import { replaceEqualDeep } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { useLocation, useParams } from 'react-router';
import { ApiProblem } from '../../app/api';
import { useCatalogue, usePieces, usePreview, useTrouble } from '../../app/queries';
import { Button } from '../../components/controls';
import { Notice } from '../../components/Notice';
import { Failed, Loading } from '../../components/States';
import { FactSentence } from '../../facts/FactSentence';
import { type Draft, dropDraft, EMPTY_DRAFT, keepDraft, readDraft } from '../../facts/factsDraft';
import { AheadOfStart } from './AheadOfStart';
import { DiagnosisPanel } from './DiagnosisPanel';
import { EnvelopePanel } from './EnvelopePanel';
import { LadderPanel } from './LadderPanel';
import { useStartAtTub } from './useStartAtTub';

/**
 * Describe on the left, watch envelope and ladder form on the right. One page, for a new trouble and for a kept
 * one.
 */
export function TroublePage() {
  const { troubleId } = useParams();
  const { key: visit } = useLocation();
  const kept = useTrouble(troubleId);
  if (troubleId && kept.isPending) return <Loading what="the trouble" />;
  if (troubleId && kept.isError) return <Failed error={kept.error} onRetry={() => void kept.refetch()} />;
  const start: Draft = kept.data ? { pieceId: kept.data.pieceId, facts: kept.data.facts } : readDraft();
  return <TroubleDesk key={troubleId ?? visit} troubleId={troubleId} kept={kept.data} start={start} />;
}

interface TroubleDeskProps {
  readonly troubleId: string | undefined;
  readonly kept: Trouble | undefined;
  readonly start: Draft;
}

function TroubleDesk({ troubleId, kept, start }: TroubleDeskProps) {
  const [draft, setDraft] = useState(start);
  const [picked, setChosen] = useState<number | null>(null);
  const catalogue = useCatalogue();
  const pieces = usePieces();
  const preview = usePreview(draft.facts);
  const plan = useLastGood(preview.data);
  const chosen = chosenPass(plan, picked);
  const action = useStartAtTub(troubleId, draft);
  useEffect(() => {
    if (!troubleId) keepDraft(draft);
  }, [draft, troubleId]);
  const errors = useMemo(
    () => ({ ...fieldsOf(preview.error), ...fieldsOf(action.error) }),
    [preview.error, action.error],
  );
  const { reset } = action;
  const change = useCallback(
    (next: Draft) => {
      reset();
      setDraft(next);
    },
    [reset],
  );

  const changeFacts = useCallback(
    (fields: Partial<TroubleFacts>) => {
      reset();
      setDraft((now) => ({ ...now, facts: { ...now.facts, ...fields } }));
    },
    [reset],
  );

  if (catalogue.isError) return <Failed error={catalogue.error} onRetry={() => void catalogue.refetch()} />;
  if (!catalogue.data) return <Loading what="the knowledge" />;

  const broken = preview.isError || action.error !== null;
  const side = { bg: 'paper', borderInlineEnd: { lg: '1px solid' }, borderColor: { lg: 'line' } } as const;
  return (
    <Grid
      templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(380px, 40%) minmax(0, 1fr)' }}
      templateRows={{ lg: 'auto 1fr' }}
      templateAreas={{ base: '"facts" "ladder" "envelope"', lg: '"facts ladder" "envelope ladder"' }}
      minHeight="calc(100dvh - 57px)"
    >
      <Box gridArea="facts" {...side} padding={{ base: '16px', lg: '20px 26px 7px' }}>
        <Flex justifyContent="space-between" alignItems="baseline">
          <Box as="h1" fontSize="15px" color="soft">
            {troubleId ? 'Trouble' : 'New trouble'}
          </Box>
          {!troubleId && (
            <Button
              variant="plain"
              size="small"
              onClick={() => {
                dropDraft();
                change(EMPTY_DRAFT);
                setChosen(null);
              }}
            >
              Clear
            </Button>
          )}
        </Flex>
        <FactSentence
          draft={draft}
          catalogue={catalogue.data}
          pieces={pieces.data ?? NO_PIECES}
          errors={errors}
          onChange={change}
        />
        {plan && plan.diagnoses.length > 0 && (
          <DiagnosisPanel
            diagnoses={plan.diagnoses}
            catalogue={catalogue.data}
            answers={draft.facts.answers}
            onAnswer={(answers) => changeFacts({ answers })}
          />
        )}
      </Box>
      <Box gridArea="envelope" {...side} padding={{ base: '16px', lg: '7px 26px 20px' }}>
        {plan && <EnvelopePanel envelope={plan.envelope} />}
      </Box>
      <Flex gridArea="ladder" direction="column" bg="card" minWidth="0">
        <Box
          flex="1"
          padding={{ base: '16px', lg: '18px 26px' }}
          opacity={preview.isError ? 0.45 : 1}
          aria-busy={preview.isFetching}
        >
          {plan ? (
            <LadderPanel
              plan={plan}
              chosen={chosen}
              pieceId={draft.pieceId}
              troubleId={troubleId}
              catalogue={catalogue.data}
              onChoose={setChosen}
              onFacts={changeFacts}
            />
          ) : (
            !preview.isError && <Loading what="the plan" />
          )}
        </Box>
        {plan && kept && <AheadOfStart planId={kept.planId} rungIndex={chosen} />}
        <ActionBar
          plan={plan}
          chosen={chosen}
          blocked={preview.isError}
          pending={action.isPending}
          error={broken ? messageOf(preview.error ?? action.error) : null}
          onStart={action.start}
        />
      </Flex>
    </Grid>
  );
}

interface ActionBarProps {
  readonly plan: Plan | undefined;
  readonly chosen: number;
  readonly blocked: boolean;
  readonly pending: boolean;
  readonly error: string | null;
  readonly onStart: (rungIndex: number) => void;
}

function ActionBar({ plan, chosen, blocked, pending, error, onStart }: ActionBarProps) {
  const rungs = plan?.ladder.length ?? 0;
  if (!error && rungs === 0) return null;
  return (
    <Flex
      position="sticky"
      bottom="0"
      gap="12px"
      justifyContent="flex-end"
      alignItems="center"
      padding="12px 26px"
      bg="card"
      borderTop="1px solid"
      borderColor="line"
      wrap="wrap"
    >
      {error && (
        <Box flex="1" minWidth="240px">
          <Notice kind="danger" word="Look again">
            {error}
          </Notice>
        </Box>
      )}
      {rungs > 0 && (
        <Button
          variant="action"
          size="large"
          width={{ base: '100%', md: 'auto' }}
          disabled={blocked || pending}
          onClick={() => onStart(chosen)}
        >
          {pending ? 'Starting …' : `Start with rung ${chosen + 1}`}
        </Button>
      )}
    </Flex>
  );
}

/** The pass picked, else the first one that needs nothing bought. */
function chosenPass(plan: Plan | undefined, picked: number | null): number {
  const ladder = plan?.ladder ?? [];
  const ready = ladder.findIndex((pass) => pass.missingAgentIds.length === 0);
  return Math.min(picked ?? Math.max(0, ready), Math.max(0, ladder.length - 1));
}

const NO_PIECES: readonly PieceSummary[] = [];

/** A plan that cannot be made just now leaves the last one standing, dimmed. */
function useLastGood<T>(value: T | undefined): T | undefined {
  const [kept, setKept] = useState(value);
  // What did not change keeps its identity, so that only the panels that did change are drawn again.
  const next = value === undefined ? kept : replaceEqualDeep(kept, value);
  if (next !== kept) setKept(next);
  return next;
}

const fieldsOf = (error: Error | null): Readonly<Record<string, string>> =>
  error instanceof ApiProblem ? error.fields : {};

function messageOf(error: Error | null): string {
  if (error instanceof ApiProblem && Object.keys(error.fields).length > 0)
    return 'One of the blanks needs another look: it is marked in the sentence.';
  return error?.message ?? '';
}
