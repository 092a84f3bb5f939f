import type { ShownLine, ShownText, TextPart } from '../sense/shownText.js';
import type { Plan } from '../treatment/plan/plan.js';
import type { Round } from '../treatment/plan/round.js';
import { effectRange } from './effectWords.js';
import { findingWords } from './findings/findingWords.js';
import type { Lexicon } from './round/lexicon.js';
import { roundWords } from './round/roundWords.js';
import { wordsOfRoundOne } from './round/wordsOfRoundOne.js';

/** The whole plan as plain text: what it is, the first seconds, the rounds, where it ends, what is not used. */
export const planText = (plan: Plan, say: Lexicon): string[] => planLines(plan, say).map(({ text }) => text);

type Line = ShownLine;
const ofPlan = (part: TextPart, texts: readonly string[]): Line[] =>
  texts.map((text) => ({ where: 'plan', part, text }));

/** What is read before the first round. */
const openingLines = ({ verdict, atOnce }: Plan): Line[] => [
  ...ofPlan(
    'verdict',
    verdict.flatMap(({ is, cause, causeActions }) => [is, [cause, ...causeActions].join(' ')]),
  ),
  ...ofPlan(
    'atOnce',
    atOnce.actions.length > 0 ? [`At once: ${atOnce.actions.map(({ text }) => text).join(' ')}`] : [],
  ),
  ...ofPlan('leaveAlone', atOnce.donts.length > 0 ? [`Leave alone: ${atOnce.donts.join(' ')}`] : []),
];

/** What is read after the last round. */
const closingLines = ({ ends, keep, notUsed }: Plan, say: Lexicon): Line[] => [
  ...ofPlan(
    'end',
    [...new Set(ends.map(({ text }) => text))].map((text) => `End: ${text}`),
  ),
  ...ofPlan(
    'know',
    keep.says.map((text) => `Know: ${text}`),
  ),
  ...ofPlan(
    'never',
    keep.never.map(({ what, why }) => `Never: ${what} ${why}`),
  ),
  ...ofPlan(
    'prevent',
    keep.prevent.map((text) => `Next time: ${text}`),
  ),
  ...ofPlan(
    'notUsed',
    notUsed.map(
      ({ methodId, findings }) =>
        `Not used: ${say.name(methodId)}. ${findings
          .slice(0, 1)
          .map((one) => findingWords(one, say))
          .join(' ')}`,
    ),
  ),
];

/** The lines of the plain text, each with the id of its pass or round; what belongs to neither is of the plan. */
const planLines = (plan: Plan, say: Lexicon): Line[] => [
  ...openingLines(plan),
  ...plan.rounds.flatMap((round) => roundLines(round, plan, say)),
  ...closingLines(plan, say),
];

function roundLines(round: Round, plan: Plan, say: Lexicon): Line[] {
  const { title, passes, drying, look } = roundWords(round, say, plan);
  return [
    { where: round.id, part: 'round', text: `${title}.` },
    ...passes.map(
      (pass, at): Line => ({
        where: pass.id,
        part: 'step',
        text: `${at + 1}. ${pass.title}: ${[pass.recipe ?? [], pass.lines].flat().join(' ')}`,
      }),
    ),
    ...[drying, look].flatMap((text): Line[] => (text ? [{ where: round.id, part: 'round', text }] : [])),
  ];
}

/** The same, each line of a step by itself. */
function roundLinesApart(round: Round, plan: Plan, say: Lexicon): Line[] {
  const { title, passes, drying, look } = roundWords(round, say, plan);
  return [
    { where: round.id, part: 'round', text: `${title}.` },
    ...passes.flatMap(({ id, title, recipe, lines }): Line[] => [
      { where: id, part: 'title', text: title },
      ...(recipe ? [{ where: id, part: 'recipe' as const, text: recipe }] : []),
      ...lines.map((text): Line => ({ where: id, part: 'step', text })),
    ]),
    ...[drying, look].flatMap((text): Line[] => (text ? [{ where: round.id, part: 'round', text }] : [])),
  ];
}

/** Every text of a plan, for the reader of sense: first acts, rounds, advice and findings. */
export const shownText = (plan: Plan, say: Lexicon): ShownText => ({
  lines: [
    ...openingLines(plan),
    ...plan.rounds.flatMap((round) => roundLinesApart(round, plan, say)),
    ...closingLines(plan, say),
    ...plan.rounds.flatMap(({ passes }) =>
      passes.map(({ id, takes }): Line => ({ where: id, part: 'share', text: effectRange(takes.all) })),
    ),
    ...ofPlan(
      'finding',
      plan.findings.map((one) => findingWords(one, say)),
    ),
  ],
  wordsOfRoundOne: wordsOfRoundOne(plan, say),
});
