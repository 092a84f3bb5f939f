import { Box } from '@chakra-ui/react';
import type { SpotWetness, TableQuestion } from '@feverfew/contracts';
import { ChipRow } from '../../../components/ChipRow';
import { Select } from '../../../components/controls';
import { NumberBox } from '../../../components/NumberBox';
import { TempBox } from '../../../components/TempBox';
import { Line } from '../table/Line';
import { ScaleSentence, type SentenceProps } from './ScaleSentence';

const WET_WORDS: Readonly<Record<SpotWetness, string>> = { damp: 'damp', wet: 'wet', soaked: 'soaked' };

/** A question as a sentence with blanks. */
export function QuestionSentence({ question, household, catalogue, onChange }: SentenceProps) {
  const box = (label: string, value: number, take: (value: number) => TableQuestion) => (
    <NumberBox
      label={label}
      width="108px"
      value={value}
      onChange={(next) => next !== null && onChange(take(next))}
    />
  );
  const temp = (label: string, value: number, take: (tempC: number) => TableQuestion) => (
    <TempBox
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
          {temp('°', question.wantedC, (wantedC) => ({ ...question, wantedC }))}
          from tap and kettle
        </Line>
      );
    case 'opened':
      return (
        <Line>
          Peroxide of
          {box('% on the bottle', question.pct, (pct) => ({ ...question, pct }))}
          opened
          {box('months ago', question.months, (months) => ({ ...question, months }))}
          and kept dark
        </Line>
      );
    case 'raise':
      return (
        <Line>
          Bring
          {box('litres', question.waterL, (waterL) => ({ ...question, waterL }))}
          from
          {temp('° now', question.fromC, (fromC) => ({ ...question, fromC }))}
          to
          {temp('° wanted', question.toC, (toC) => ({ ...question, toC }))}
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
          {temp('° now', question.startC, (startC) => ({ ...question, startC }))}
          down to
          {temp('°', question.wantedC, (wantedC) => ({ ...question, wantedC }))}
        </Line>
      );
  }
}
