import { type Catalogue, findingWords, type Lexicon, type MixVerdict } from '@feverfew/contracts';
import { METRIC } from '../../../app/useLexicon';
import { cautionsById } from '../../../components/notices/CautionList';
import { plainMarkdown } from '../../../components/text/markdown';
import { belowText, pHText, pouredText, sharesText, strengthText } from '../table/mixView';

/** A mix as Markdown: figures, what speaks against it, every caution. */
export function mixMarkdown(name: string, verdict: MixVerdict, catalogue: Catalogue, say: Lexicon): string {
  const { bath } = verdict;
  const title = `# ${plainMarkdown(name) || 'A mix'}`;
  if (!bath)
    return [title, '', ...verdict.refused.map((one) => `- Not mixed: ${findingWords(one, say)}`), ''].join(
      '\n',
    );
  const isLiquid = (id: string) => catalogue.agents.find((agent) => agent.id === id)?.isLiquid ?? true;
  return [
    title,
    '',
    ...(bath.vessel
      ? [
          `In the ${plainMarkdown(bath.vessel.name)}, ${say.volume(bath.totalML)}, ${bath.vessel.depthCm} cm deep.`,
          '',
        ]
      : []),
    '| product | amount | in the mix |',
    '| --- | --- | --- |',
    ...bath.pours.map(
      (pour) =>
        `| ${say.name(pour.agentId)} | ${plainMarkdown(pouredText(pour, isLiquid(pour.agentId), METRIC))} | ${strengthText(pour)} |`,
    ),
    '',
    ...(bath.shares ? [`- Water: ${sharesText(bath, say)}`] : []),
    `- At ${say.temp(bath.startC)}`,
    ...(bath.pH ? [`- ${pHText(bath.pH)}`] : []),
    ...(bath.oxygenMgPerL === null ? [] : [`- Active oxygen ${bath.oxygenMgPerL} mg/L`]),
    ...bath.below.map((entry) => `- ${belowText(entry, say)}`),
    '',
    ...section(
      'Against it',
      verdict.against.map((one) => findingWords(one, say)),
    ),
    ...section(
      'Cautions',
      cautionsById(verdict.cautionIds, catalogue).map((caution) => caution.text),
    ),
  ].join('\n');
}

const section = (title: string, lines: readonly string[]): string[] =>
  lines.length === 0 ? [] : [`## ${title}`, '', ...new Set(lines.map((line) => `- ${line}`)), ''];
