import {
  type Action,
  actionWords,
  type Catalogue,
  findingWords,
  type Lexicon,
  type Measures,
  type Pass,
  type Plan,
} from '@feverfew/contracts';
import { cautionsById } from '../../components/CautionList';
import { pourText } from '../../components/measureText';
import { timeLine } from './passView';

/** A plan as Markdown: every rung with its recipe, steps and cautions. */
export function planMarkdown(
  title: string,
  plan: Plan,
  catalogue: Catalogue,
  say: Lexicon,
  measures: Measures,
): string {
  return [
    `# ${title}`,
    '',
    ...plan.findings.map((finding) => `> ${findingWords(finding, say)}`),
    '',
    ...plan.ladder.flatMap((rung, at) => passLines(rung, at + 1, catalogue, say, measures)),
    'Follow the product’s own label where it differs. Local rules apply.',
    '',
  ].join('\n');
}

function passLines(
  rung: Pass,
  number: number,
  catalogue: Catalogue,
  say: Lexicon,
  measures: Measures,
): string[] {
  const cautions = cautionsById(rung.cautionIds, catalogue);
  return [
    `## ${number}. ${say.name(rung.methodId)}`,
    '',
    `Takes out ${Math.round(rung.effect.low * 100)}–${Math.round(rung.effect.high * 100)} % of what is there. ${timeLine(rung)}, risk ${rung.risk}.`,
    '',
    ...cautions.map((caution) => `- **${caution.severity}:** ${caution.text}`),
    '',
    ...rung.steps.map((step, at) => `${at + 1}. ${actionLine(step, say, measures)}`),
    '',
  ];
}

function actionLine(step: Action, say: Lexicon, measures: Measures): string {
  const { title, lines } = actionWords(step, say);
  const poured = step.ingredients.map((one) => {
    const after = one.strengthAfter ? ` (${one.strengthAfter.value} ${one.strengthAfter.unit})` : '';
    return `${pourText(one, measures, say)}${after}`;
  });
  return [`**${title}.**`, ...(poured.length > 0 ? [`${poured.join('; ')}.`] : []), ...lines].join(' ');
}
