import { Box, Stack } from '@chakra-ui/react';
import type { Catalogue, Household, Measures, TableQuestion } from '@feverfew/contracts';
import { useState } from 'react';
import { ApiProblem } from '../../../app/api/api';
import { useLexicon } from '../../../app/useLexicon';
import { ChipRow } from '../../../components/controls/ChipRow';
import { CautionDigest } from '../../../components/notices/CautionDigest';
import { useTableAnswer } from '../../../queries/mixQueries';
import { answerLines } from './answerView';
import { QuestionSentence } from './QuestionSentence';

type Kind = TableQuestion['kind'];
const ASKS: readonly { value: Kind; text: string }[] = [
  { value: 'dilute', text: 'Make it weaker' },
  { value: 'spot', text: 'Enough for a spot' },
  { value: 'scale', text: 'Another vessel' },
  { value: 'blend', text: 'Hot and cold' },
  { value: 'raise', text: 'Warm it up again' },
  { value: 'cool', text: 'When is it cool?' },
  { value: 'opened', text: 'An opened bottle' },
];

/** Initial numbers of a question: real ones, so that an answer is shown at once. */
function startOf(kind: Kind, household: Household): TableQuestion {
  const vessel = household.vessels.find((one) => one.lid) ?? household.vessels[0];
  switch (kind) {
    case 'dilute':
      return { kind, fromPct: 12, toPct: 3, finalML: 500 };
    case 'spot':
      return { kind, productParts: 2, waterParts: 1, areaCm2: 40, wet: 'wet' };
    case 'scale':
      return {
        kind,
        items: [{ agentId: 'washingSoda', amount: 0.25, unit: 'usCup', strengthPct: null }],
        fromL: 30,
        toL: vessel?.volumeL ?? 10,
      };
    case 'blend':
      return { kind, waterL: 10, wantedC: 40 };
    case 'opened':
      return { kind, pct: 3, months: 6 };
    case 'raise':
      return { kind, waterL: 40, clothG: 0, fromC: 45, toC: 60 };
    case 'cool':
      return {
        kind,
        vesselId: vessel?.id ?? '',
        lid: vessel?.lid ?? false,
        waterL: Math.round((vessel?.volumeL ?? 10) * 0.75),
        startC: 60,
        wantedC: 40,
      };
  }
}

/** The table the other way round. Nothing is worked out before one of the questions is chosen. */
export function OtherWay({
  household,
  catalogue,
  measures,
}: {
  household: Household;
  catalogue: Catalogue;
  measures: Measures;
}) {
  const [question, setQuestion] = useState<TableQuestion | null>(null);
  return (
    <Box as="section" aria-label="The other way round">
      <Box as="h2" fontSize="heading" marginBottom="1.5">
        The other way round
      </Box>
      <ChipRow
        label="From what you want to what you pour"
        options={ASKS}
        chosen={question?.kind ?? null}
        onChoose={(kind) => setQuestion(startOf(kind, household))}
      />
      {question && (
        <>
          <Box marginTop="3.5">
            <QuestionSentence
              key={question.kind}
              question={question}
              household={household}
              catalogue={catalogue}
              onChange={setQuestion}
            />
          </Box>
          <Answer question={question} measures={measures} />
        </>
      )}
    </Box>
  );
}

function Answer({ question, measures }: { question: TableQuestion; measures: Measures }) {
  const answer = useTableAnswer(question);
  const say = useLexicon();
  const error = answer.error instanceof ApiProblem ? answer.error.message : answer.error?.message;
  if (error)
    return (
      <Box marginTop="2.5" minHeight="3.5rem" color="brick" role="alert" data-answer={question.kind}>
        ⚠ {error}
      </Box>
    );
  const isOfIt =
    answer.data && (answer.data.kind === question.kind || answer.data.kind === 'refused')
      ? answer.data
      : null;
  return (
    <Box aria-live="polite" marginTop="2.5" minHeight="3.5rem" data-answer={question.kind}>
      {isOfIt && (
        <>
          <Stack gap="0.5">
            {answerLines(question, isOfIt, say, measures).map((line, index) => (
              <Box
                key={line}
                fontFamily={index === 0 ? 'heading' : undefined}
                fontWeight={index === 0 ? 700 : 400}
                fontSize={index === 0 ? 'heading' : 'note'}
                color={index === 0 ? 'ink' : 'soft'}
              >
                {line}
              </Box>
            ))}
          </Stack>
          <Box marginTop="2.5">
            <CautionDigest ids={isOfIt.cautionIds} lead="Before you pour" />
          </Box>
        </>
      )}
    </Box>
  );
}
