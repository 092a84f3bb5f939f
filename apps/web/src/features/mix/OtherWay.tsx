import { Box, Flex, Stack } from '@chakra-ui/react';
import type { Catalogue, Household, Measures, SpotWetness, TableQuestion } from '@feverfew/contracts';
import { type ReactNode, useState } from 'react';
import { ApiProblem } from '../../app/api';
import { useTableAnswer } from '../../app/queries';
import { useLexicon } from '../../app/useLexicon';
import { Button, Select } from '../../components/controls';
import { NumberBox } from '../../components/NumberBox';
import { ChipRow } from '../trouble/pickers/ChipRow';
import { answerLines } from './answerView';
import { firstUnit, unitOptions } from './unitOptions';

type Kind = TableQuestion['kind'];
const ASKS: readonly { value: Kind; text: string }[] = [
  { value: 'dilute', text: 'Make it weaker' },
  { value: 'spot', text: 'Enough for a spot' },
  { value: 'scale', text: 'Another vessel' },
  { value: 'blend', text: 'Hot and cold' },
  { value: 'raise', text: 'Warm it up again' },
  { value: 'cool', text: 'When is it cool?' },
];

/** Numbers a question starts with: a real one, so that the answer stands there at once. */
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
    case 'raise':
      return { kind, waterL: 40, fromC: 45, toC: 60 };
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

/** The table the other way round: a sentence with blanks, and the answer beneath it. */
export function OtherWay({
  household,
  catalogue,
  measures,
}: {
  household: Household;
  catalogue: Catalogue;
  measures: Measures;
}) {
  const [question, setQuestion] = useState<TableQuestion>(() => startOf('dilute', household));
  const answer = useTableAnswer(question);
  const say = useLexicon();
  const error = answer.error instanceof ApiProblem ? answer.error.message : answer.error?.message;
  return (
    <Box as="section" aria-label="The other way round">
      <Box as="h2" fontSize="20px" marginBottom="6px">
        The other way round
      </Box>
      <ChipRow
        label="From what you want to what you pour"
        options={ASKS}
        chosen={question.kind}
        onChoose={(kind) => setQuestion(startOf(kind, household))}
      />
      <Box marginTop="14px">
        <Sentence
          key={question.kind}
          question={question}
          household={household}
          catalogue={catalogue}
          onChange={setQuestion}
        />
      </Box>
      <Box aria-live="polite" marginTop="10px" minHeight="56px" data-answer={question.kind}>
        {error ? (
          <Box color="brick" role="alert">
            ⚠ {error}
          </Box>
        ) : (
          answer.data &&
          (answer.data.kind === question.kind || answer.data.kind === 'refused') && (
            <Stack gap="2px">
              {answerLines(question, answer.data, say, measures).map((line, at) => (
                <Box
                  key={line}
                  fontFamily={at === 0 ? 'heading' : undefined}
                  fontWeight={at === 0 ? 700 : 400}
                  fontSize={at === 0 ? '21px' : '15px'}
                  color={at === 0 ? 'ink' : 'soft'}
                >
                  {line}
                </Box>
              ))}
            </Stack>
          )
        )}
      </Box>
    </Box>
  );
}

interface SentenceProps {
  readonly question: TableQuestion;
  readonly household: Household;
  readonly catalogue: Catalogue;
  readonly onChange: (question: TableQuestion) => void;
}

const WET_WORDS: Readonly<Record<SpotWetness, string>> = { damp: 'damp', wet: 'wet', soaked: 'soaked' };

function Sentence({ question, household, catalogue, onChange }: SentenceProps) {
  const box = (label: string, value: number, take: (value: number) => TableQuestion) => (
    <NumberBox
      label={label}
      width="108px"
      value={value}
      onChange={(next) => next !== null && onChange(take(next))}
    />
  );
  switch (question.kind) {
    case 'dilute':
      return (
        <Line>
          I want
          {box('mL', question.finalML, (finalML) => ({ ...question, finalML }))}
          of
          {box('% wanted', question.toPct, (toPct) => ({ ...question, toPct }))}
          out of
          {box('% on the bottle', question.fromPct, (fromPct) => ({ ...question, fromPct }))}
        </Line>
      );
    case 'spot':
      return (
        <Line>
          {box('parts product', question.productParts, (productParts) => ({ ...question, productParts }))}
          to
          {box('parts water', question.waterParts, (waterParts) => ({ ...question, waterParts }))}
          for a spot of
          {box('cm²', question.areaCm2, (areaCm2) => ({ ...question, areaCm2 }))}
          <Box as="label" fontSize="14px" color="soft" width="120px">
            made
            <Select
              value={question.wet}
              onChange={(event) => onChange({ ...question, wet: event.currentTarget.value as SpotWetness })}
            >
              {Object.entries(WET_WORDS).map(([wet, word]) => (
                <option key={wet} value={wet}>
                  {word}
                </option>
              ))}
            </Select>
          </Box>
        </Line>
      );
    case 'scale':
      return (
        <ScaleSentence question={question} household={household} catalogue={catalogue} onChange={onChange} />
      );
    case 'blend':
      return (
        <Line>
          I want
          {box('litres', question.waterL, (waterL) => ({ ...question, waterL }))}
          at
          {box('°C', question.wantedC, (wantedC) => ({ ...question, wantedC }))}
          from tap and kettle
        </Line>
      );
    case 'raise':
      return (
        <Line>
          Bring
          {box('litres', question.waterL, (waterL) => ({ ...question, waterL }))}
          from
          {box('°C now', question.fromC, (fromC) => ({ ...question, fromC }))}
          to
          {box('°C wanted', question.toC, (toC) => ({ ...question, toC }))}
        </Line>
      );
    case 'cool':
      return (
        <Line>
          <Box as="label" fontSize="14px" color="soft" width="170px">
            vessel
            <Select
              value={question.vesselId}
              onChange={(event) => onChange({ ...question, vesselId: event.currentTarget.value })}
            >
              {household.vessels.map((vessel) => (
                <option key={vessel.id} value={vessel.id}>
                  {vessel.name}
                </option>
              ))}
            </Select>
          </Box>
          <ChipRow
            label="lid"
            options={[
              { value: 'on', text: 'on' },
              { value: 'off', text: 'off' },
            ]}
            chosen={question.lid ? 'on' : 'off'}
            onChoose={(lid) => onChange({ ...question, lid: lid === 'on' })}
          />
          {box('litres', question.waterL, (waterL) => ({ ...question, waterL }))}
          from
          {box('°C now', question.startC, (startC) => ({ ...question, startC }))}
          down to
          {box('°C', question.wantedC, (wantedC) => ({ ...question, wantedC }))}
        </Line>
      );
  }
}

function ScaleSentence({
  question,
  household,
  catalogue,
  onChange,
}: Omit<SentenceProps, 'question'> & { question: Extract<TableQuestion, { kind: 'scale' }> }) {
  const { items } = question;
  const poured = catalogue.agents.filter((agent) => agent.offered);
  const set = (at: number, change: Partial<(typeof items)[number]>) =>
    onChange({
      ...question,
      items: items.map((item, index) => (index === at ? { ...item, ...change } : item)),
    });
  const unused =
    poured.find((agent) => agent.id === 'borax' && items.every((item) => item.agentId !== agent.id)) ??
    poured.find((agent) => items.every((item) => item.agentId !== agent.id));
  return (
    <Stack gap="8px">
      {items.map((item, at) => {
        const agent = catalogue.agents.find((candidate) => candidate.id === item.agentId);
        return (
          <Flex key={item.agentId} gap="8px" wrap="wrap" alignItems="flex-end">
            <NumberBox
              label="amount"
              width="84px"
              value={item.amount}
              onChange={(amount) => amount !== null && set(at, { amount })}
            />
            <Box as="label" fontSize="14px" color="soft" width="130px">
              of
              <Select value={item.unit} onChange={(event) => set(at, { unit: event.currentTarget.value })}>
                {agent &&
                  unitOptions(agent, household).map(({ unit, word }) => (
                    <option key={unit} value={unit}>
                      {word}
                    </option>
                  ))}
              </Select>
            </Box>
            <Box as="label" fontSize="14px" color="soft" flex="1" minWidth="150px">
              product
              <Select
                value={item.agentId}
                onChange={(event) => set(at, { agentId: event.currentTarget.value })}
              >
                {poured
                  .filter(
                    (one) => one.id === item.agentId || items.every((other) => other.agentId !== one.id),
                  )
                  .map((one) => (
                    <option key={one.id} value={one.id}>
                      {one.name}
                    </option>
                  ))}
              </Select>
            </Box>
            {items.length > 1 && (
              <Button
                variant="plain"
                aria-label={`Leave out ${agent?.name ?? item.agentId}`}
                onClick={() => onChange({ ...question, items: items.filter((_, index) => index !== at) })}
              >
                ✕
              </Button>
            )}
          </Flex>
        );
      })}
      <Line>
        {unused && items.length < 8 && (
          <Button
            size="small"
            onClick={() =>
              onChange({
                ...question,
                items: [
                  ...items,
                  {
                    agentId: unused.id,
                    amount: 0.25,
                    unit: items[0]?.unit ?? firstUnit(unused),
                    strengthPct: null,
                  },
                ],
              })
            }
          >
            One more product
          </Button>
        )}
        written for
        <NumberBox
          label="litres"
          width="90px"
          value={question.fromL}
          onChange={(fromL) => fromL !== null && onChange({ ...question, fromL })}
        />
        into
        <NumberBox
          label="litres"
          width="90px"
          value={question.toL}
          onChange={(toL) => toL !== null && onChange({ ...question, toL })}
        />
      </Line>
    </Stack>
  );
}

function Line({ children }: { children: ReactNode }) {
  return (
    <Flex gap="8px 10px" wrap="wrap" alignItems="last baseline">
      {children}
    </Flex>
  );
}
