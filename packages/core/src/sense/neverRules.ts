import { FIBRE_WORDS } from '@feverfew/knowledge';
import { type SenseCase, type SenseStep, sentencesOf } from './senseCase.js';
import type { SenseFault } from './senseFault.js';

/** A deed that a sentence bars. */
interface Ban {
  readonly name: string;
  readonly isDone: (known: SenseCase) => boolean;
}

const steps = (name: string, does: (step: SenseStep) => boolean): Ban => ({
  name,
  isDone: (known) => known.steps.some(does),
});
const withAgent = (name: string, words: RegExp): Ban =>
  steps(name, ({ agents }) => agents.some((agent) => words.test(agent.name)));
const withChemistry = (name: string, ...some: string[]): Ban =>
  steps(name, ({ chemistries }) => some.some((one) => chemistries.has(one)));
const drying = (name: string, test: (ways: readonly string[]) => boolean): Ban => ({
  name,
  isDone: ({ plan }) => plan.rounds.some((round) => test(round.drying?.action.dryingWays ?? [])),
});
const hotter = (mostC: number): Ban =>
  steps(`above ${mostC} °C`, ({ tempC, isWet }) => isWet && (tempC ?? 0) > mostC);
const tumbles = (ways: readonly string[]): boolean => ways.some((way) => way.startsWith('tumble'));
const byDeed = (name: string, deed: 'steam' | 'iron'): Ban =>
  steps(name, ({ agents }) => agents.some(({ deeds }) => deeds.includes(deed)));

/** What a sentence forbids, by its words. */
const BANS: readonly (readonly [words: RegExp, unless: RegExp | null, ban: Ban])[] = [
  [/\bhot (water|wash|bath|rinse)/i, null, hotter(40)],
  [/\b(dryer|tumbl)/i, null, drying('dryer', tumbles)],
  [/\biron\b(?! (in|from|is))/i, /through paper/i, byDeed('iron', 'iron')],
  [/\bsteam/i, null, byDeed('steam', 'steam')],
  [/\bsoap\b/i, null, withChemistry('soap', 'soap')],
  [/\bvinegar\b/i, /cider|malt|brown|coloured/i, withAgent('table vinegar', /vinegar/i)],
  [/\bacid\b/i, /acid dyes/i, withChemistry('acid', 'weakAcid', 'oxalicAcid')],
  [/\balcohol\b/i, null, withChemistry('alcohol', 'alcohol')],
  [/\bacetone\b/i, null, withChemistry('acetone', 'ketone', 'ester')],
  [/\bsolvents?\b/i, null, steps('solvent', ({ agents }) => agents.some(({ flammable }) => flammable))],
  [/\bperoxide\b/i, null, withChemistry('peroxide', 'peroxide')],
  [/\boxygen powder\b/i, null, withChemistry('oxygen powder', 'percarbonate')],
  [
    /\b(oxygen(?! powder)|any bleach|no bleach|bleach of any)\b/i,
    null,
    withChemistry('oxygen bleach', 'percarbonate', 'peroxide'),
  ],
  [/\bchlorine\b/i, null, withChemistry('chlorine', 'chlorine')],
  [/\benzymes?\b/i, null, withChemistry('enzymes', 'protease')],
  [/\bsoftener\b/i, null, withChemistry('softener', 'softener')],
  [/\bsalt\b/i, null, withChemistry('salt', 'salt')],
  [/\bammonia\b/i, null, withChemistry('ammonia', 'ammonia')],
  [/\b(washing )?soda\b/i, /soda water|baking soda/i, withChemistry('soda', 'strongAlkali')],
  [/\bbaking soda\b/i, null, withAgent('baking soda', /baking soda/i)],
  [
    /\b(no|not|never|without) (rub|scrub)|^(never: )?(rub|scrub)bing/i,
    null,
    steps('rubbing', ({ pass }) => pass.actions.some(({ action }) => action === 'firmBrush')),
  ],
  [/\bno soak|never soak|^(never: )?soak/i, null, steps('soaking', ({ isSoak }) => isSoak)],
  [/\bno sun|^(never: )?sun\b|never .* sun/i, null, drying('sun', (ways) => ways.includes('sun'))],
];

/** Words that make a ban hold only in some place, at some time or with something else: it is left out. */
const QUALIFIED =
  /\b(with|without|after|and then|mixed|together|beside|near|at once|straight after|a second|before|first|yet|while|as long as|until|left to dry|dried in|left in|mix in|bottle|last|metal zips|for the black)\b|in (a|the) drum|through paper/i;
const ON_OTHER =
  /\bon(?:to)? (?:a |an |the |any |this |all )*(?!it\b|mark|spot|stain|this\b|top|them\b|cloth|piece|wet)(\w+)/i;
const DEGREES = /above (\d+|forty|thirty|sixty)/i;
const IN_WORDS: Readonly<Record<string, number>> = { thirty: 30, forty: 40, sixty: 60 };

/** The part of a sentence that forbids, without the reason behind it. */
const coreOf = (sentence: string): string =>
  sentence.replace(/^(never|leave alone): /i, '').split(/[.:] /)[0] ?? '';

function bansOf(sentence: string, { fibres }: SenseCase): Ban[] {
  const core = coreOf(sentence);
  if (QUALIFIED.test(core)) return [];
  const named = FIBRE_WORDS.filter(({ words }) => words.test(core));
  const here = new Set(fibres.map(({ id }) => id));
  if (named.length > 0 && !named.some(({ fibreIds }) => fibreIds.some((id) => here.has(id)))) return [];
  if (named.length === 0 && ON_OTHER.test(core)) return [];
  const degrees = DEGREES.exec(core)?.[1]?.toLowerCase();
  if (degrees !== undefined) return [hotter(IN_WORDS[degrees] ?? Number(degrees))];
  return BANS.filter(([words, unless]) => words.test(core) && !unless?.test(core)).map(([, , ban]) => ban);
}

/** Steps that do what the plan's own Never forbids. A first "leave alone" holds for round one only and is not read. */
export const findAgainstOwnNever = (known: SenseCase): SenseFault[] =>
  known.shown.lines
    .filter(({ part }) => part === 'never')
    // The first sentence forbids, the rest says why.
    .flatMap(({ text }) => sentencesOf(text).slice(0, 1))
    .flatMap((sentence) =>
      bansOf(sentence, known)
        .filter(({ isDone }) => isDone(known))
        .map(
          ({ name }): SenseFault => ({
            kind: 'againstOwnNever',
            where: 'plan',
            text: `${name}: ${sentence}`,
          }),
        ),
    );
