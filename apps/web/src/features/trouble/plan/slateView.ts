import {
  type AtOnce,
  banWords,
  effectRange,
  firstHand,
  type Lexicon,
  onlyIfWet,
  type Plan,
  recipeWords,
  upperFirst,
} from '@feverfew/contracts';
import { emptyTitle } from '../alternatives/passView';
import { minutesText } from './planTimes';

/** What the slate says: what the hand does now, in one line that is read from an arm's length. */
export interface SlateView {
  readonly name: 'At once' | 'First' | 'Not at home';
  readonly label: string;
  readonly aside: string;
  /** What guards a person before the hand does anything: read first, never folded. */
  readonly guards: readonly string[];
  readonly verb: string;
  readonly line: string;
  readonly bans: readonly string[];
  /** For its picture. */
  readonly verbs: readonly string[];
  /** One word, very large. */
  readonly isLoud: boolean;
}

/** Signs on the slate; more of them are under Why. */
const MAX_BANS = 6;
/** A line longer than this is read large only up to its first stop, letters. */
export const SHORT = 60;
/** A share gone by the first seconds worth saying. */
const MIN_SAID = 0.15;

const EMPTY = { aside: '', guards: [], line: '', verbs: [], isLoud: false } as const;

/**
 * The first seconds, else the first step, else that it is nothing for home.
 * @param first while few facts are known: what holds for every answer still open
 * @returns null where nothing can be said yet
 */
export function slateView(plan: Plan | undefined, first: AtOnce | null, say: Lexicon): SlateView | null {
  const atOnce = first ?? plan?.atOnce;
  if (!atOnce) return null;
  const bans = atOnce.donts.map(banWords).slice(0, MAX_BANS);
  const still = { ...EMPTY, guards: atOnce.actions.filter(isGuard).map(({ text }) => text), bans };
  if (plan && isNoSoil(plan))
    return { ...still, name: 'Not at home', label: 'Not at home', verb: emptyTitle(plan) };
  if (firstHand(atOnce) !== null) return atOnceView(atOnce, first !== null, bans);
  const step = plan?.rounds[0]?.passes[0];
  if (plan && step)
    return {
      ...still,
      name: 'First',
      label: `First, ${minutesText(step.handsOnMin)}`,
      aside: 'nothing is urgent',
      verb: say.name(step.methodId),
      line: sentence(recipeWords(step, say)),
    };
  if (plan && plan.facts.piece.itemId !== null && plan.facts.markIds.length > 0)
    return { ...still, name: 'Not at home', label: 'Not at home', verb: emptyTitle(plan) };
  return bans.length + still.guards.length > 0
    ? { ...still, name: 'At once', label: 'At once', verb: 'Leave it as it is' }
    : null;
}

/** A damage, no soil: nothing is cleaned, so nothing is asked and nothing is in a hurry. */
export const isNoSoil = ({ findings }: Pick<Plan, 'findings'>): boolean =>
  findings.some(({ code }) => code === 'noCleaningHelps');

function atOnceView(atOnce: AtOnce, isLoud: boolean, bans: readonly string[]): SlateView {
  const { actions, gone, handsOnMin } = atOnce;
  const at = actions.findIndex(({ verbs }) => firstHand({ actions: [{ text: '', verbs }] }) !== null);
  const main = actions[at] ?? { text: '', verbs: [] };
  const hand = upperFirst(firstHand(atOnce) ?? '');
  const ifWet = onlyIfWet(main.text);
  const [head, rest] = isLoud
    ? [hand, main.text]
    : ifWet
      ? [`${hand}, if it is still wet`, ifWet]
      : firstSentence(main.text);
  const guards = actions.slice(0, at).filter(isGuard);
  const others = actions.flatMap((act, index) => {
    if (index === at) return [rest];
    return guards.includes(act) ? [] : [act.text];
  });
  return {
    name: 'At once',
    label: isLoud ? 'At once' : `At once, ${minutesText(Math.max(1, handsOnMin))}`,
    aside: gone && gone.all.high >= MIN_SAID ? `${effectRange(gone.all)} removed by it` : '',
    guards: guards.map(({ text }) => text),
    verb: head,
    line: others.filter((text) => text !== '').join(' '),
    bans,
    verbs: main.verbs,
    isLoud,
  };
}

const isGuard = ({ verbs }: AtOnce['actions'][number]): boolean => verbs.includes('protect');

const sentence = (words: string): string => (words === '' ? '' : `${upperFirst(words)}.`);

/** What is read large, and what follows it. */
function firstSentence(text: string): [string, string] {
  const end = text.search(/[.;:] /);
  if (end < 0 || text.length <= SHORT) return [text.replace(/\.$/, ''), ''];
  return [text.slice(0, end), upperFirst(text.slice(end + 2))];
}
