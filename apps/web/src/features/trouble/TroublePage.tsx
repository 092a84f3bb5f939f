import { Box, Flex, Grid } from '@chakra-ui/react';
import type { PieceSummary, Trouble } from '@feverfew/contracts';
import { useLocation, useParams } from 'react-router';
import { ApiProblem } from '../../app/api';
import { Button } from '../../components/controls';
import { Failed, Loading } from '../../components/States';
import { FactSentence } from '../../facts/FactSentence';
import { type Draft, readDraft } from '../../facts/factsDraft';
import { useCatalogue } from '../../queries/catalogueQueries';
import { usePieces } from '../../queries/pieceQueries';
import { useTrouble } from '../../queries/troubleQueries';
import { ActionBar } from './ActionBar';
import { AheadOfStart } from './AheadOfStart';
import { DiagnosisPanel } from './DiagnosisPanel';
import { EnvelopePanel } from './EnvelopePanel';
import { LadderPanel } from './LadderPanel';
import { PlanChanged } from './PlanChanged';
import { useTroubleDesk } from './useTroubleDesk';

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
  const desk = useTroubleDesk(troubleId, start);
  const { draft, plan, chosen, choose, preview, action, errors, change, changeFacts } = desk;
  const catalogue = useCatalogue();
  const pieces = usePieces();

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
            <Button variant="plain" size="small" onClick={desk.clear}>
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
          {plan && kept && <PlanChanged kept={kept} plan={plan} />}
          {plan ? (
            <LadderPanel
              plan={plan}
              chosen={chosen}
              pieceId={draft.pieceId}
              troubleId={troubleId}
              catalogue={catalogue.data}
              onChoose={choose}
              onFacts={changeFacts}
            />
          ) : (
            !preview.isError && <Loading what="the plan" />
          )}
        </Box>
        {plan && plan.ladder.length > 0 && <AheadOfStart facts={plan.facts} rungIndex={chosen} />}
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

const NO_PIECES: readonly PieceSummary[] = [];

function messageOf(error: Error | null): string {
  if (error instanceof ApiProblem && Object.keys(error.fields).length > 0)
    return 'One of the blanks needs another look: it is marked in the sentence.';
  return error?.message ?? '';
}
