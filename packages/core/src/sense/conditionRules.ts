import { FIBRE_WORDS } from '@feverfew/knowledge';
import { type SenseCase, sentencesOf } from './senseCase.js';
import type { SenseFault } from './senseFault.js';
import type { ShownLine } from './shownText.js';

/** A condition, not a reason. */
const CONDITION =
  /\b(only if|only on|only for|if|unless|in case)\b|\bwhere (it|the tag|the label|there)\b|\bwhen (it|the tag) is\b/i;
/** Only a look decides these, no fact. */
const SEEN =
  /\bif (it |they |that |any |the (mark|stain|colour|smell|yellow|ring|cloth|pad|water) )?(is |are )?(stays?|stay|left|gone|comes?|shows?|still (there|shows|smells)|returns?|not gone|takes?|runs?|bleeds?|turns?|changes?)\b|\bgives? colour|round \d, if/i;
/** A white cloth to blot with, vinegar without colour: the colour of a tool, not of the piece. */
const COLOUR =
  /\b(white|coloured|colours?|dark|pale)\b(?! (dry |clean |old |soft )*(cloth|pad|paper|vinegar|towel|spirit|plate|bread|absorbent|kitchen|cotton|rag|napkin|tissue))/i;
const COLOUR_SEEN = /colour (comes|runs|bleeds|test|left)|take[sn]? colour|own colour/i;
const PRODUCT_LABEL = /\b(product|its own|by its) label|by its label/i;

type Decider = readonly [asks: (text: string) => boolean, isTold: (known: SenseCase) => boolean];
const asks = (words: RegExp, unless?: RegExp) => (text: string) => words.test(text) && !unless?.test(text);

const DECIDERS: readonly Decider[] = [
  [(text) => FIBRE_WORDS.some(({ words }) => words.test(text)), ({ fibresTold }) => fibresTold],
  [asks(COLOUR, COLOUR_SEEN), ({ plan }) => plan.facts.piece.colour !== 'unknown'],
  [
    asks(/\b(label|tag)\b/i, PRODUCT_LABEL),
    ({ plan: { facts } }) => facts.piece.label !== null || (facts.piece.code ?? 'unknown') !== 'unknown',
  ],
  [
    asks(/\b(if|where|while|still) (it is |still )?(fresh|wet|damp)\b/i),
    ({ plan }) => plan.facts.wetness !== 'unknown',
  ],
  [
    asks(
      /\b(if|only if:?) [^.,;]*(\bold\b|years|months|a day\b(?<!within a day)|an hour|\bfresh\b|\bdried in\b|^only if:? dried)/i,
    ),
    ({ plan }) => plan.facts.age !== 'unknown',
  ],
  [
    asks(/\bif .*(tumbled|ironed|been through the dryer|hot wash)/i),
    ({ plan }) => plan.facts.heat !== 'unknown',
  ],
  [asks(/\bif .*in the house|\bif you have\b/i), () => true],
  [asks(/\bif .*(asthma|baby|child|pets?|cat|dog)\b/i), () => true],
  [(text) => /^only if/i.test(text), namesItsMark],
];

/** The condition names the trouble itself. */
function namesItsMark({ plan, index, shown }: SenseCase): boolean {
  const names = plan.facts.markIds
    .flatMap((id) => index.marks.get(id) ?? [])
    .map(({ name }) => name.toLowerCase())
    .filter((name) => name.length > 4);
  return shown.lines.some(({ text }) => {
    const asked = /only if:? ([^.]*)/i.exec(text)?.[1]?.toLowerCase();
    return asked !== undefined && names.some((name) => asked.includes(name));
  });
}

const READ: readonly ShownLine['part'][] = ['atOnce', 'leaveAlone', 'title', 'recipe', 'step', 'round'];

/** Conditions shown to the person although the facts decide them. */
export function findDecidedConditions(known: SenseCase): SenseFault[] {
  const { piece } = known.plan.facts;
  // On an untested colour, "fast in a test" stays open.
  const untested = piece.fastness === 'unknown' && piece.colour !== 'white';
  return known.shown.lines
    .filter(({ part }) => READ.includes(part))
    .flatMap(({ where, text }) => sentencesOf(text).map((sentence) => ({ where, text: sentence })))
    .filter(({ text }) => CONDITION.test(text) && !SEEN.test(text))
    .filter(({ text }) => !(untested && /fast in a( hidden)? test/i.test(text)))
    .filter(({ text }) => DECIDERS.some(([asked, isTold]) => asked(text) && isTold(known)))
    .map(({ where, text }) => ({ kind: 'decidedCondition', where, text }));
}
