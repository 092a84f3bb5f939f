import {
  durationWords,
  type Lexicon,
  type Measures,
  sharesWords,
  type TableAnswer,
  type TableQuestion,
} from '@feverfew/contracts';
import { exactText, toolText } from '../../../components/text/measureText';
import { decimal } from '../../../components/text/numbers';
import { sentences } from '../table/mixView';

type Measured = Extract<TableAnswer, { kind: 'dilute' }>['product'];
type Asked<Kind extends TableAnswer['kind']> = Extract<TableQuestion, { kind: Kind }>;
type Lines = {
  readonly [Kind in TableAnswer['kind']]: (
    answer: Extract<TableAnswer, { kind: Kind }>,
    asked: Asked<Kind>,
    say: Lexicon,
    measures: Measures,
  ) => string[];
};

const tools = (measured: Measured): string => {
  const text = toolText(measured);
  const error = measured.snapped?.errorPct ?? 0;
  const miss =
    Math.abs(error) >= 1 ? ` (${Math.abs(Math.round(error))} % ${error > 0 ? 'more' : 'less'})` : '';
  return text ? `${text}${miss}` : 'no measure here comes close: weigh it, or use a jug';
};

const LINES: Lines = {
  dilute: ({ product, water }, { toPct, fromPct }, _say, measures) => [
    `${exactText(product, measures)} of the ${fromPct} % and ${exactText(water, measures)} water`,
    `In your measures: ${tools(product)}; water ${tools(water)}.`,
    `${toPct} / ${fromPct} of the whole is product, the rest is water. Volumes are taken to add up.`,
  ],
  spot: ({ totalML, product, water }, { areaCm2 }, say, measures) => [
    `${exactText(product, measures)} product and ${exactText(water, measures)} water`,
    `${say.volume(totalML)} in all: ${areaCm2} cm² with 2.5 cm beyond its edge all round.`,
    `In your measures: ${tools(product)}; water ${tools(water)}.`,
  ],
  scale: ({ share, items }, { fromL, toL }, say, measures) => [
    ...items.map((item) => `${exactText(item, measures)} ${say.name(item.agentId)}: ${tools(item)}`),
    `${toL} L is ${Math.round(share * 100)} % of ${fromL} L.`,
  ],
  blend: ({ shares }, { wantedC }, say) => {
    const { reached, tempC } = shares;
    return [
      sharesWords(shares, say),
      reached
        ? 'Before tub and piece take their share; a vessel on the table includes that.'
        : `${say.temp(wantedC)} cannot be reached: this gives ${say.temp(tempC)}, the best here.`,
    ];
  },
  refused: ({ findings }, _asked, say) => ['Not mixed, so not scaled', ...sentences(findings, say)],
  opened: ({ pct, volumes }, { pct: sold }) => [
    `About ${decimal(pct.likely)} %, between ${decimal(pct.low)} and ${decimal(pct.high)} %`,
    `${sold} % is sold as ${Math.round(volumes)} volumes too. Light and warmth take more; estimate from memory.`,
  ],
  raise: ({ hotL, kettles, kettleL, totalL, dilution, tapL }, { toC }, say) => [
    kettleL > 0
      ? `${kettles} ${kettles === 1 ? 'kettle' : 'kettles'} of ${say.volume(kettleL * 1000)}: ` +
        `${say.volume(hotL * 1000)} boiling`
      : `${say.volume(hotL * 1000)} boiling water`,
    `Then ${say.volume(totalL * 1000)} stand in the vessel, the bath is ${Math.round((1 - dilution) * 100)} % weaker.`,
    tapL === null
      ? `Your hot tap is not warm enough to reach ${say.temp(toC)}.`
      : `From the hot tap it would take ${say.volume(tapL * 1000)}.`,
    ...(kettles > 4
      ? [
          'That is more kettles than is sensible. Let part of the bath out and fill it again, or take a cooler method.',
        ]
      : []),
  ],
  cool: ({ minutes, roomC }, { wantedC }, say) =>
    minutes
      ? [
          `Below ${say.temp(wantedC)} after about ` +
            `${durationWords(Math.round(minutes.likely), Math.round(minutes.likely))}`,
          `Between ${durationWords(minutes.low, minutes.high)}, by draught and damp, in a room of ${say.temp(roomC)}.`,
        ]
      : [`Never below ${say.temp(wantedC)}: the room is ${say.temp(roomC)}.`],
};

/** An answer in lines, the figure first. */
export function answerLines(
  asked: TableQuestion,
  answer: TableAnswer,
  say: Lexicon,
  measures: Measures,
): string[] {
  const lines = LINES[answer.kind] as (
    answer: TableAnswer,
    asked: TableQuestion,
    say: Lexicon,
    measures: Measures,
  ) => string[];
  return lines(answer, asked, say, measures);
}
