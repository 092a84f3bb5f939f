import { HAND_WASH_MAX_C, WASH_TEMPS_C } from '@feverfew/knowledge';
import { BLANK_LABEL, type CareLabel } from './careLabel.js';
import { tidyTag } from './tagWords.js';

export interface ParsedLabel {
  readonly label: CareLabel;
  /** Words that mean nothing here; shown to the person, never dropped in silence. */
  readonly unread: readonly string[];
}

interface Rule {
  readonly pattern: RegExp;
  readonly set: (match: RegExpMatchArray, label: CareLabel, text: string) => Partial<CareLabel>;
}

type Bars = 0 | 1 | 2;
type WashC = (typeof WASH_TEMPS_C)[number];

const says =
  (fields: Partial<CareLabel>): Rule['set'] =>
  () =>
    fields;

/** The hottest sign of the label that is not hotter than what was written; 30 °C is the coldest sign there is. */
const washAt = (tempC: number): Partial<CareLabel> => {
  const maxC: WashC = [...WASH_TEMPS_C].reverse().find((step) => step <= tempC + 0.5) ?? WASH_TEMPS_C[0];
  return { wash: { kind: 'machine', maxC, bars: 0 } };
};

const withBars = (bars: Bars, { wash }: CareLabel): Partial<CareLabel> =>
  wash?.kind === 'machine' ? { wash: { ...wash, bars } } : {};

/** Written colder than what a bare tub with a hand allows. */
const handAt = (text: string): Partial<CareLabel> => {
  const written = coldestWritten(text);
  const cold = /\b(?:cold|cool|lukewarm)\b/.test(text) || (written !== null && written < HAND_WASH_MAX_C);
  return { wash: cold ? { kind: 'hand', maxC: 30 } : { kind: 'hand' } };
};

/**
 * Coldest temperature written, °C; null without one. A number with F, one next to such a number, and one that is no
 * sign in °C (80, 85, 104) is in °F, so that nothing is read hotter than it is meant.
 */
function coldestWritten(text: string): number | null {
  const written = [...text.matchAll(/(?<![\d.])(\d{2,3}(?:\.\d+)?)(?: ?([cf])\b)?/g)].map(
    ([, digits, unit]) => ({ value: Number(digits), unit }),
  );
  const inF = written.some(({ unit }) => unit === 'f');
  const inC = written.map(({ value, unit }) => {
    const isF = unit === 'f' || (unit === undefined && (inF || isNoSignInC(value)));
    return isF ? ((value - 32) * 5) / 9 : value;
  });
  return inC.length > 0 ? Math.min(...inC) : null;
}

/** Numbers above the signs a tag has in °C, and those between its hot ones, are written in °F. */
const isNoSignInC = (value: number): boolean => value > 75 && !(value >= 90 && value <= 95);

const NOT = '(?:no|not|never|without)(?: use)?(?: any)? ';
const rule = (pattern: string, set: Rule['set']): Rule => ({ pattern: new RegExp(pattern), set });

/**
 * Words of a tag and what they mean, read in this order; each takes its words away. Where words are ambiguous the
 * gentler reading holds: "cold" wins over any number, the colder of two numbers holds, "warm" is 30 °C (a warm range
 * of 31–44 °C by the US glossary, recalled), "hot" is 40 °C (45–63 °C), "tumble" alone is low.
 */
const RULES: readonly Rule[] = [
  rule('\\b(?:not )?(?:wash )?(?:above|over|hotter than|exceed) (?=\\d)', () => ({})),
  rule('\\b(?:cold rinse|rinse (?:in )?cold(?: water)?)\\b', () => ({})),
  rule('\\bdry ?clean(?:ing)? only\\b', says({ wash: { kind: 'never' }, dryClean: 'P' })),
  rule(`\\b${NOT}dry ?clean(?:ing)?\\b`, says({ dryClean: 'never' })),
  rule(`\\b${NOT}wet ?clean(?:ing)?\\b`, says({ wetClean: 'never' })),
  rule('\\b(?:professional |specialist )?wet ?clean(?:ing)?\\b|\\bcircle w\\b', says({ wetClean: 'W' })),
  rule('\\bdry ?clean(?:ing)?(?: any)?\\b|\\bcircle p\\b', says({ dryClean: 'P' })),
  rule('\\bcircle f\\b|\\bletter f\\b', says({ dryClean: 'F' })),
  rule(
    '\\b(?:(?:professional|specialist) clean(?:ing)?|(?:spot|surface|wipe|sponge) (?:clean|wash|wipe)(?:ing)?)(?: only)?\\b',
    says({ wash: { kind: 'never' } }),
  ),
  rule(`\\b${NOT}(?:oxygen|non ?chlorine|(?:colou?r safe)) ?bleach\\b`, says({ bleach: 'never' })),
  rule(`\\b(?:${NOT}(?:chlorine|chlorinated)|non ?chlorine)(?: bleach)?\\b`, says({ bleach: 'oxygenOnly' })),
  rule('\\boxygen(?: bleach)?(?: only)?\\b|\\bo ?2 only\\b', says({ bleach: 'oxygenOnly' })),
  rule('\\bcolou?r safe bleach(?: only)?\\b', says({ bleach: 'oxygenOnly' })),
  rule(`\\b${NOT}bleach(?:ing)?\\b|\\bbleach never (?=,|$)`, says({ bleach: 'never' })),
  rule('\\bany bleach\\b|\\bbleach (?:ok|any|allowed|when needed)\\b', says({ bleach: 'any' })),
  rule(
    `\\b${NOT}(?:machine |tumble )?(?:tumble|dryer|machine dry|tumble dry)(?:ing)?(?: dry(?:ing)?)?\\b`,
    says({ tumble: 'never' }),
  ),
  rule('\\btumble(?: dry(?:ing)?)? (?:on |at )?no heat\\b', says({ tumble: 'never' })),
  rule(
    '\\b(?:tumble(?: dry(?:ing)?)?|dryer)(?: on| at)? (?:low|cool|cold|warm|delicate|gentle|60 ?c?|\\bone dot)(?: heat)?\\b|\\blow tumble\\b',
    says({ tumble: 'low' }),
  ),
  rule(
    '\\b(?:tumble(?: dry(?:ing)?)?|dryer)(?: on| at)? (?:normal|medium|high|hot|80 ?c?|two dots)(?: heat)?\\b',
    says({ tumble: 'normal' }),
  ),
  rule('\\btumble(?: dry(?:ing)?)?\\b|\\bdryer\\b', says({ tumble: 'low' })),
  rule('\\b(?:line|hang)(?: to)?(?: dry(?:ing)?)?\\b', says({ natural: 'line' })),
  rule('\\bdrip(?: dry)?(?: and)?(?: lay)? flat\\b|\\bflat drip(?: dry)?\\b', says({ natural: 'dripFlat' })),
  rule('\\bdrip(?: dry)?\\b', says({ natural: 'drip' })),
  rule('\\b(?:lay |dry )?flat(?: to)?(?: dry)?\\b', says({ natural: 'flat' })),
  rule('\\b(?:dry )?(?:in )?(?:the )?shade\\b|\\baway from sun(?:light)?\\b', says({ shade: true })),
  rule(`\\b${NOT}iron(?:ing)?\\b(?: \\d+ ?c?\\b)?`, says({ iron: 'never' })),
  rule(
    '\\b(?:low|cool|cold) iron\\b|\\biron(?:ing)?(?: on| at)? (?:low|cool|cold|one dot|1[01]\\d ?c?|\\d\\d ?c?)(?: heat)?\\b',
    says({ iron: 'low' }),
  ),
  rule(
    '\\b(?:medium|warm) iron\\b|\\biron(?:ing)?(?: on| at)? (?:medium|warm|two dots|1[5-9]\\d ?c?)(?: heat)?\\b',
    says({ iron: 'medium' }),
  ),
  rule(
    '\\b(?:hot|high) iron\\b|\\biron(?:ing)?(?: on| at)? (?:hot|high|three dots|2\\d\\d ?c?)(?: heat)?\\b',
    says({ iron: 'high' }),
  ),
  rule('\\biron(?:ing)?(?: (?:on|at))?\\b', says({ iron: 'low' })),
  rule(`\\b${NOT}machine wash(?:ing|able)?\\b`, (_match, _label, text) => handAt(text)),
  rule(
    `\\b${NOT}(?:wash(?:ing|able|ed)?|launder)\\b|\\bcrossed tub\\b|\\bnon ?washable\\b|\\bunwashable\\b`,
    says({ wash: { kind: 'never' } }),
  ),
  rule(
    '\\bhand ?wash(?:ing)?(?: only)?\\b|\\bwash by hand\\b|\\bby hand\\b|\\bhand\\b',
    (_match, _label, text) => handAt(text),
  ),
  rule('\\b(?:cold|cool)(?: water)?\\b', says(washAt(30))),
  rule('(?<![\\d.])\\d{2,3}(?:\\.\\d+)?(?: ?[cf]\\b)?', (_match, _label, text) =>
    washAt(coldestWritten(text) ?? 30),
  ),
  rule('\\bwarm\\b', says(washAt(30))),
  rule('\\bhot\\b', says(washAt(40))),
  rule(
    '\\bvery (?:mild|gentle|gently)\\b|\\bdelicates?\\b|\\btwo bars\\b|\\bwool (?:programme|program|cycle)\\b',
    (_match, label) => withBars(2, label),
  ),
  rule(
    '\\bmild\\b|\\bgent(?:le|ly)\\b|\\bpermanent press\\b|\\bone bar\\b|\\beasy care\\b|\\bsynthetics\\b',
    (_match, label) => withBars(1, label),
  ),
];

const FILLERS = new RegExp(
  '^(?:,|or|and|machine|wash|washing|washable|at|max|maximum|only|with|in|on|the|a|to|dry|drying|cycle|programme|program|water' +
    '|heat|label|tag|says|degrees|c|f|normal|like|colou?rs?|separately|inside|out|up|temp|temperature)$',
);

/**
 * Reads what is written on a tag: "40 no bleach tumble low", "hand wash, dry flat", "machine wash cold 80 F,
 * non-chlorine bleach". Never hotter or harsher than what is written; slips of spelling are mended.
 */
export function parseLabel(text: string): ParsedLabel {
  const tidy = tidyTag(text);
  let rest = tidy;
  let label: CareLabel = { ...BLANK_LABEL };
  for (const { pattern, set } of RULES) {
    const match = rest.match(pattern);
    if (!match) continue;
    label = { ...label, ...keepFirstWash(label, set(match, label, rest)) };
    rest = rest.replace(new RegExp(pattern, 'g'), ' ');
  }
  const unread = rest.split(/\s+/).filter((word) => word !== '' && !FILLERS.test(word));
  return { label, unread };
}

/** "Do not wash … 30" keeps the crossed tub, and "cold" its 30; bars belong to the temperature already read. */
function keepFirstWash(label: CareLabel, fields: Partial<CareLabel>): Partial<CareLabel> {
  const barsOnly = label.wash?.kind === 'machine' && fields.wash?.kind === 'machine' && fields.wash.bars > 0;
  if (!fields.wash || label.wash === null || barsOnly) return fields;
  const { wash: _second, ...others } = fields;
  return others;
}
