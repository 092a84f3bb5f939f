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
import { cautionsById } from '../../../components/notices/CautionList';
import { plainMarkdown } from '../../../components/text/markdown';
import { pourText } from '../../../recipe/pourText';
import { timeLine } from '../alternatives/passView';

/** A plan as Markdown: every pass with its recipe, steps and cautions. */
export function planMarkdown(
  title: string,
  plan: Plan,
  catalogue: Catalogue,
  say: Lexicon,
  measures: Measures,
): string {
  return [
    `# ${plainMarkdown(title)}`,
    '',
    ...headLines(plan),
    ...plan.findings.map((finding) => `> ${findingWords(finding, say)}`),
    '',
    ...plan.passes.flatMap((pass, index) => passLines(pass, index + 1, catalogue, say, measures)),
    ...keepLines(plan),
    'Follow the product’s own label where it differs. Local rules apply.',
    '',
  ].join('\n');
}

function headLines({ verdict, atOnce }: Plan): string[] {
  return [
    ...verdict.flatMap(({ is, cause, causeActions }) => [is, [cause, ...causeActions].join(' '), '']),
    ...(atOnce.actions.length > 0
      ? ['## At once', '', ...atOnce.actions.map(({ text }) => `- ${text}`), ...atOnce.donts.map(bold), '']
      : []),
  ];
}

const bold = (text: string): string => `- **${text}**`;

function keepLines({ keep: { says, never, prevent } }: Plan): string[] {
  const lines = [
    ...says.map((text) => `- ${text}`),
    ...never.map(({ what, why }) => `- **Never:** ${what} ${why}`),
    ...prevent.map((text) => `- Next time: ${text}`),
  ];
  return lines.length > 0 ? ['## Keep in mind', '', ...lines, ''] : [];
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
    ...pass.actions.map((action, index) => `${index + 1}. ${actionLine(action, say, measures)}`),
    '',
  ];
}

function actionLine(action: Action, say: Lexicon, measures: Measures): string {
  const { title, lines } = actionWords(action, say);
  const poured = action.ingredients.map((one) => {
    const after = one.strengthAfter ? ` (${one.strengthAfter.value} ${one.strengthAfter.unit})` : '';
    return `${pourText(one, measures, say)}${after}`;
  });
  const said = [...(poured.length > 0 ? [`${poured.join('; ')}.`] : []), ...lines].join(' ');
  return `**${plainMarkdown(title)}.** ${plainMarkdown(said)}`.trim();
}
