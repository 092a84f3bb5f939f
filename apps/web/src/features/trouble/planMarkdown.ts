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

/** A plan as Markdown: every pass with its recipe, steps and cautions. */
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
    ...plan.ladder.flatMap((pass, index) => passLines(pass, index + 1, catalogue, say, measures)),
    'Follow the product’s own label where it differs. Local rules apply.',
    '',
  ].join('\n');
}

function passLines(
  pass: Pass,
  number: number,
  catalogue: Catalogue,
  say: Lexicon,
  measures: Measures,
): string[] {
  const cautions = cautionsById(pass.cautionIds, catalogue);
  return [
    `## ${number}. ${say.name(pass.methodId)}`,
    '',
    `Takes out ${Math.round(pass.effect.low * 100)}–${Math.round(pass.effect.high * 100)} % of what is there. ` +
      `${timeLine(pass.handsOnMin, pass.totalMin)}, risk ${pass.risk}.`,
    '',
    ...cautions.map((caution) => `- **${caution.severity}:** ${caution.text}`),
    '',
    ...pass.steps.map((action, index) => `${index + 1}. ${actionLine(action, say, measures)}`),
    '',
  ];
}

function actionLine(action: Action, say: Lexicon, measures: Measures): string {
  const { title, lines } = actionWords(action, say);
  const poured = action.ingredients.map((one) => {
    const after = one.strengthAfter ? ` (${one.strengthAfter.value} ${one.strengthAfter.unit})` : '';
    return `${pourText(one, measures, say)}${after}`;
  });
  return [`**${title}.**`, ...(poured.length > 0 ? [`${poured.join('; ')}.`] : []), ...lines].join(' ');
}
