import type { Lexicon, RunView } from '@feverfew/contracts';
import { format } from 'date-fns';
import { dateAndTime, timeOfDay } from '../../../clock/timeOfDay';
import { plainMarkdown } from '../../../components/text/markdown';
import { OUTCOME_WORDS, RUN_HEAT_WORDS } from '../../../components/text/runWords';
import { logLines } from '../logLines';

/** A run as Markdown: what was done on what, when, with what result. */
export function runMarkdown(title: string, run: RunView, say: Lexicon): string {
  const { state, plan } = run;
  const worked = state.times.flatMap((times, index) => (times > 0 ? [index] : []));
  return [
    `# ${plainMarkdown(title)}`,
    '',
    `Started ${format(new Date(state.startedAt), 'd MMMM yyyy')}, ${timeOfDay(state.startedAt)}. ` +
      (state.outcome ? `Ended: ${OUTCOME_WORDS[state.outcome].toLowerCase()}.` : 'Still under way.'),
    '',
    '## What was done',
    '',
    ...worked.map((index) => `${index + 1}. ${say.name(plan.passes[index]?.methodId ?? '')}`),
    '',
    '## What was seen',
    '',
    ...logLines(state, say).map((line) => `- ${dateAndTime(line.at)}: ${plainMarkdown(line.text)}`),
    '',
    RUN_HEAT_WORDS[state.heat],
    '',
  ].join('\n');
}
