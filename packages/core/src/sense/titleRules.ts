import { type SenseCase, type SenseStep, sentencesOf } from './senseCase.js';
import type { SenseFault } from './senseFault.js';

/** A deed that a title names, and what the step then has to be. */
const TITLES: readonly (readonly [words: RegExp, holds: (step: SenseStep) => boolean])[] = [
  [/\bmachine wash\b/i, ({ method }) => method.inMachine],
  [/\bhand wash\b/i, ({ method, isWash }) => isWash && !method.inMachine],
  [/\bsoak\b|\bbath\b/i, ({ bathL, method }) => bathL !== null || method.inMachine],
  [
    /\b(vacuum|brush it off|dry)\b(?! (cloth|towel|place|pad))/i,
    ({ method, pass }) => method.wetting === 'dry' || pass.phase === 'dry' || method.rinse === 'vacuum',
  ],
  [
    /\bsteam\b/i,
    ({ agents, method }) => agents.some(({ deeds }) => deeds.includes('steam')) || /steam/i.test(method.id),
  ],
];

/** "Brush it off", with an action that presses it on: the way of working in the text and in the figures. */
const BRUSHES = /\bbrush (it )?(off|out)\b/i;

/** Titles that name another deed than the step does. */
export const findOtherDeeds = ({ steps, shown }: SenseCase): SenseFault[] =>
  steps.flatMap((step): SenseFault[] => {
    const { id, method, pass } = step;
    const title = (method.name.split(',')[0] ?? '').trim();
    const wrong = TITLES.some(([words, holds]) => words.test(title) && !holds(step));
    const how = shown.lines
      .filter(({ where, part }) => where === id && part === 'step')
      .flatMap(({ text }) => sentencesOf(text));
    const hands = pass.actions.flatMap(({ action }) => action ?? []);
    const pressed = how.some((text) => BRUSHES.test(text)) && hands.includes('press');
    return wrong || pressed
      ? [{ kind: 'otherDeed', where: id, text: pressed ? `brush, and press: ${method.id}` : title }]
      : [];
  });
