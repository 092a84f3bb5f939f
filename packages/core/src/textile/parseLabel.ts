import { WASH_TEMPS_C } from '@feverfew/knowledge';
import { BLANK_LABEL, type CareLabel } from './careLabel.js';

export interface ParsedLabel {
  readonly label: CareLabel;
  /** Words that mean nothing here; shown to the person, never dropped in silence. */
  readonly unread: readonly string[];
}

interface Rule {
  readonly pattern: RegExp;
  readonly set: (match: RegExpMatchArray, label: CareLabel) => Partial<CareLabel>;
}

type Bars = 0 | 1 | 2;
type WashC = (typeof WASH_TEMPS_C)[number];

const says =
  (fields: Partial<CareLabel>): Rule['set'] =>
  () =>
    fields;

/** The hottest sign of the label that is not hotter than what was written. */
const washAt = (tempC: number): Partial<CareLabel> => {
  const maxC = [...WASH_TEMPS_C].reverse().find((step) => step <= tempC + 0.5);
  return maxC === undefined ? {} : { wash: { kind: 'machine', maxC: maxC as WashC, bars: 0 } };
};

const withBars = (bars: Bars, { wash }: CareLabel): Partial<CareLabel> =>
  wash?.kind === 'machine' ? { wash: { ...wash, bars } } : {};

const NOT = String.raw`(?:no|not|never|do not|don't|dont|without)\s+`;
const rule = (pattern: RegExp | string, set: Rule['set']): Rule => ({
  pattern: new RegExp(pattern, 'i'),
  set,
});

/**
 * Words of a tag and what they mean, read in this order; each takes its words away. Where words are ambiguous the
 * gentler
 * reading holds: "warm" is 30 °C (a warm range of 31–44 °C by the US glossary, recalled), "hot" is 40 °C (45–63 °C),
 * "tumble" alone is low.
 */
const RULES: readonly Rule[] = [
  rule(/dry[- ]?clean(?:ing)? only/i, says({ wash: { kind: 'never' }, dryClean: 'P' })),
  rule(`${NOT}dry[- ]?clean(?:ing)?`, says({ dryClean: 'never' })),
  rule(`${NOT}wet[- ]?clean(?:ing)?`, says({ wetClean: 'never' })),
  rule(/(?:professional )?wet[- ]?clean(?:ing)?|circle w\b/i, says({ wetClean: 'W' })),
  rule(/dry[- ]?clean(?:ing)?(?: any)?|circle p\b/i, says({ dryClean: 'P' })),
  rule(/\bcircle f\b|\bletter f\b/i, says({ dryClean: 'F' })),
  rule(
    `${NOT}(?:chlorine|chlorinated)(?: bleach)?|non[- ]?chlorine(?: bleach)?`,
    says({ bleach: 'oxygenOnly' }),
  ),
  rule(
    /oxygen(?: bleach)?(?: only)?|o2 only|colou?r[- ]safe bleach(?: only)?/i,
    says({ bleach: 'oxygenOnly' }),
  ),
  rule(`${NOT}bleach(?:ing)?|bleach never`, says({ bleach: 'never' })),
  rule(/any bleach|bleach (?:ok|any|allowed|when needed)/i, says({ bleach: 'any' })),
  rule(`${NOT}(?:tumble(?:[- ]?dry(?:ing)?)?|dryer)`, says({ tumble: 'never' })),
  rule(/tumble(?:[- ]?dry)?\s+(?:low|cool|delicate|gentle)(?: heat)?|low tumble/i, says({ tumble: 'low' })),
  rule(/tumble(?:[- ]?dry)?\s+(?:normal|medium|high|hot)(?: heat)?/i, says({ tumble: 'normal' })),
  rule(/tumble(?:[- ]?dry)?|dryer/i, says({ tumble: 'low' })),
  rule(/(?:line|hang)(?: to)?[- ]?dry(?:ing)?|\bline\b/i, says({ natural: 'line' })),
  rule(/drip(?:[- ]?dry)?/i, says({ natural: 'drip' })),
  rule(/(?:lay |dry )?flat(?: to)?(?: dry)?/i, says({ natural: 'flat' })),
  rule(/(?:dry )?(?:in )?(?:the )?shade|away from sun(?:light)?/i, says({ shade: true })),
  rule(`${NOT}iron(?:ing)?`, says({ iron: 'never' })),
  rule(/(?:iron )?(?:low|cool) iron|iron (?:low|cool|one dot)/i, says({ iron: 'low' })),
  rule(/(?:medium|warm) iron|iron (?:medium|warm|two dots)/i, says({ iron: 'medium' })),
  rule(/(?:hot|high) iron|iron (?:hot|high|three dots)/i, says({ iron: 'high' })),
  rule(/\biron\b/i, says({ iron: 'low' })),
  rule(`${NOT}(?:wash(?:ing)?|launder)|crossed tub`, says({ wash: { kind: 'never' } })),
  rule(
    /hand[- ]?wash(?:ing)?(?: only)?|wash by hand|\bby hand\b|\bhand\b/i,
    says({ wash: { kind: 'hand' } }),
  ),
  rule(/(\d{2,3})\s*f\b/i, ([, f]) => washAt(((Number(f) - 32) * 5) / 9)),
  rule(/\b(\d{2})\s*(?:degrees|deg)?\s*c?\b/i, ([, c]) => washAt(Number(c))),
  rule(/\bcold\b/i, says(washAt(30))),
  rule(/\bwarm\b/i, says(washAt(30))),
  rule(/\bhot\b/i, says(washAt(40))),
  rule(/very (?:mild|gentle|gently)|\bdelicates?\b|two bars|wool programme/i, (_match, label) =>
    withBars(2, label),
  ),
  rule(/\bmild\b|\bgent(?:le|ly)\b|permanent press|one bar|easy care|synthetics/i, (_match, label) =>
    withBars(1, label),
  ),
];

const FILLERS = new RegExp(
  '^(?:machine|wash|washing|at|max|maximum|only|and|with|in|on|the|a|to|dry|drying|cycle|programme|program|water' +
    '|heat|label|tag|says|degrees|c|normal|like|colou?rs|separately|inside|out)$',
  'i',
);

/**
 * Reads what is written on a tag: "40 no bleach tumble low", "hand wash, dry flat", "machine wash warm,
 * non-chlorine bleach".
 */
export function parseLabel(text: string): ParsedLabel {
  let rest = ` ${text.replace(/[,;.°]/g, ' ').replace(/\s+/g, ' ')} `;
  let label: CareLabel = { ...BLANK_LABEL };
  for (const { pattern, set } of RULES) {
    const match = rest.match(pattern);
    if (!match) continue;
    const fields = set(match, label);
    if (Object.keys(fields).length === 0) continue;
    label = { ...label, ...keepFirstWash(label, fields) };
    rest = rest.replace(pattern, ' ');
  }
  const unread = rest.split(/\s+/).filter((word) => word !== '' && !FILLERS.test(word));
  return { label, unread };
}

/** "Do not wash … 30" keeps the crossed tub; bars belong to the temperature already read. */
function keepFirstWash(label: CareLabel, fields: Partial<CareLabel>): Partial<CareLabel> {
  const barsOnly = label.wash?.kind === 'machine' && fields.wash?.kind === 'machine' && fields.wash.bars > 0;
  if (!fields.wash || label.wash === null || barsOnly) return fields;
  const { wash: _second, ...others } = fields;
  return others;
}
