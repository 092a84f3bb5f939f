import { Box } from '@chakra-ui/react';
import type { SpotWetness, TableQuestion } from '@feverfew/contracts';
import { ChipRow } from '../../../components/controls/ChipRow';
import { Select } from '../../../components/controls/controls';
import { NumberBox } from '../../../components/controls/NumberBox';
import { TempBox } from '../../../components/controls/TempBox';
import { CurveLine } from '../table/CurveLine';
import { ScaleSentence, type SentenceProps } from './ScaleSentence';

const SPOT_WETNESSES: readonly SpotWetness[] = ['damp', 'wet', 'soaked'];

/** A question as a sentence with blanks. */
export function QuestionSentence({ question, household, catalogue, onChange }: SentenceProps) {
  const { box, temp } = boxesFor(onChange);
  switch (question.kind) {
    case 'dilute':
      return (
        <CurveLine>
          I want
          {box('mL', question.finalML, (finalML) => ({ ...question, finalML }))}
          of
          {box('% wanted', question.toPct, (toPct) => ({ ...question, toPct }))}
          out of
          {box('% on the bottle', question.fromPct, (fromPct) => ({ ...question, fromPct }))}
        </CurveLine>
      );
    case 'spot':
      return <SpotSentence question={question} onChange={onChange} />;
    case 'scale':
      return (
        <ScaleSentence question={question} household={household} catalogue={catalogue} onChange={onChange} />
      );
    case 'blend':
      return (
        <CurveLine>
          I want
          {box('litres', question.waterL, (waterL) => ({ ...question, waterL }))}
          at
          {temp('°', question.wantedC, (wantedC) => ({ ...question, wantedC }))}
          from tap and kettle
        </CurveLine>
      );
    case 'opened':
      return (
        <CurveLine>
          Peroxide of
          {box('% on the bottle', question.pct, (pct) => ({ ...question, pct }))}
          opened
          {box('months ago', question.months, (months) => ({ ...question, months }))}
          and kept dark
        </CurveLine>
      );
    case 'raise':
      return (
        <CurveLine>
          Bring
          {box('litres', question.waterL, (waterL) => ({ ...question, waterL }))}
          with
          {box('g of cloth in it', question.clothG, (clothG) => ({ ...question, clothG }))}
          from
          {temp('° now', question.fromC, (fromC) => ({ ...question, fromC }))}
          to
          {temp('° wanted', question.toC, (toC) => ({ ...question, toC }))}
        </CurveLine>
      );
    case 'cool':
      return <CoolSentence question={question} household={household} onChange={onChange} />;
  }
}

/** Inputs for number and temperature that answer the question again. */
function boxesFor(onChange: SentenceProps['onChange']) {
  const box = (label: string, value: number, take: (value: number) => TableQuestion) => (
    <NumberBox
      label={label}
      width="6.75rem"
      value={value}
      onChange={(next) => next !== null && onChange(take(next))}
    />
  );
  const temp = (label: string, value: number, take: (tempC: number) => TableQuestion) => (
    <TempBox
      label={label}
      width="6.75rem"
      value={value}
      onChange={(next) => next !== null && onChange(take(next))}
    />
  );
  return { box, temp };
}

type Asked<Kind extends TableQuestion['kind']> = Pick<SentenceProps, 'onChange'> & {
  readonly question: Extract<TableQuestion, { kind: Kind }>;
};

function SpotSentence({ question, onChange }: Asked<'spot'>) {
  const { box } = boxesFor(onChange);
  return (
    <CurveLine>
      {box('parts product', question.productParts, (productParts) => ({ ...question, productParts }))}
      to
      {box('parts water', question.waterParts, (waterParts) => ({ ...question, waterParts }))}
      for a spot of
      {box('cm²', question.areaCm2, (areaCm2) => ({ ...question, areaCm2 }))}
      <Words
        label="made"
        width="7.5rem"
        value={question.wet}
        options={SPOT_WETNESSES.map((wet) => [wet, wet])}
        onChange={(wet) => onChange({ ...question, wet: wet as SpotWetness })}
      />
    </CurveLine>
  );
}

function CoolSentence({ question, household, onChange }: Asked<'cool'> & Pick<SentenceProps, 'household'>) {
  const { box, temp } = boxesFor(onChange);
  return (
    <CurveLine>
      <Words
        label="vessel"
        width="10.625rem"
        value={question.vesselId}
        options={household.vessels.map((vessel) => [vessel.id, vessel.name])}
        onChange={(vesselId) => onChange({ ...question, vesselId })}
      />
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
    </CurveLine>
  );
}

interface WordsProps {
  readonly label: string;
  readonly width: string;
  readonly value: string;
  /** Value and word of each. */
  readonly options: readonly (readonly [string, string])[];
  readonly onChange: (value: string) => void;
}

/** One word of the sentence out of a few. */
function Words({ label, width, value, options, onChange }: WordsProps) {
  return (
    <Box as="label" fontSize="small" color="soft" width={width}>
      {label}
      <Select value={value} onChange={(event) => onChange(event.currentTarget.value)}>
        {options.map(([id, word]) => (
          <option key={id} value={id}>
            {word}
          </option>
        ))}
      </Select>
    </Box>
  );
}
