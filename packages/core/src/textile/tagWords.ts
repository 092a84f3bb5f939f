import { isOneSlip } from './oneSlip.js';

/** Words of tags; a word that is one slip away from one of these is read as it. */
const KNOWN = new Set(
  (
    'machine wash washing washed washable launder laundry cold cool warm water temperature temp maximum gentle gently ' +
    'delicate delicates mild very normal medium high low heat tumble dryer drying dried bleach bleaching chlorine ' +
    'chlorinated oxygen colour color colours colors safe iron ironing pressing steam hand clean cleaning dryclean ' +
    'professional specialist only never without line hang drip flat shade sunlight cycle programme program wool ' +
    'permanent press easy care synthetics separately like inside reverse needed when allowed spin wring soak softener ' +
    'fabric remove promptly reshape damp while before after first fine dots bars hotter above over exceed boil ' +
    'degrees celsius fahrenheit label says with only rinse spot surface wipe sponge circle letter crossed place away from ' +
    'cotton polyester wool silk viscose nylon acrylic elastane linen spandex lycra cashmere modal'
  ).split(' '),
);
const MISSPELLED_NOT = new Set(['nto', 'nott', 'no', 'ton', 'nit', 'notn', 'nt', 'n0t']);
const DONT = new Set(['dont', 'donot', 'dnot', 'dotn', 'dno', 'donnt', 'dontt', 'dunt']);

/** Lower case, one space, signs as words, numbers with their unit, slips of spelling mended, every ban spelled out. */
export function tidyTag(text: string): string {
  const plain = text
    .toLowerCase()
    .replace(/℃/g, ' c ')
    .replace(/℉/g, ' f ')
    .replace(/[’'`´]/g, '')
    .replace(/(\d)[.,](\d)(?!\d)/g, '$1.$2')
    .replace(/\d+(?:\.\d+)?\s*(?:%|per ?cent|pct)/g, ' ')
    .replace(/\b(?:size|style|art|lot|rn|ca)\s*(?:no\b)?[.:#]?\s*\d+\w*/g, ' ')
    .replace(/(\d)\s*[°º˚*]\s*/g, '$1 ')
    .replace(/(\d)(?=[a-z])/g, '$1 ')
    .replace(/([a-z])(?=\d)/g, '$1 ')
    .replace(/(\d)\s*[-–—/]\s*(?=\d)/g, '$1 to ')
    .replace(/\s*:\s*/g, ': ')
    .replace(/\s\/|\/\s/g, ' , ')
    .replace(/[;()[\]"!?|•·*\n\r]|\.(?!\d)/g, ' , ')
    .replace(/[,/&+]/g, (sign) => (sign === ',' ? ' , ' : ' or '))
    .replace(/[-–—_=]/g, ' ');
  const words = plain.split(/\s+/).filter((word) => word !== '');
  const spelledOut = withUnits(words.map(spelled).join(' ')).replace(/\bdo not\b/g, 'not');
  return ` ${spreadBans(spelledOut)} `;
}

/** "85 degrees fahrenheit" as "85 f". */
const withUnits = (text: string): string =>
  text
    .replace(/(\d) (?:degrees?|deg)\b/g, '$1')
    .replace(/(\d) (?:celsius|centigrade)\b/g, '$1 c')
    .replace(/(\d) fahrenheit\b/g, '$1 f');

function spelled(word: string, place: number, words: readonly string[]): string {
  const colon = word.endsWith(':') ? ':' : '';
  const bare = colon ? word.slice(0, -1) : word;
  if (DONT.has(bare)) return 'not';
  if (bare === 'no' || KNOWN.has(bare)) return bare + colon;
  if (MISSPELLED_NOT.has(bare) && words[place - 1] === 'do') return 'not';
  if (bare.length < 4 || /\d/.test(bare)) return bare + colon;
  const meant = [...KNOWN].filter((known) => known.length >= 4 && isOneSlip(bare, known));
  // A ban is the careful reading of a word that could be two.
  return (meant.length === 1 ? meant[0] : meant.includes('never') ? 'never' : bare) + colon;
}

const DEED =
  '(?:machine wash|hand wash|wash(?:ing)?|launder|(?:chlorine )?bleach(?:ing)?|tumble(?: dry(?:ing)?)?|dryer' +
  '|dry ?clean(?:ing)?|wet ?clean(?:ing)?|iron(?:ing)?|steam|wring|spin|soak|(?:fabric )?softener)';
const BAN = '(?:no|not|never|without)(?: use)?(?: any)?';
const SET = '(?: (?:low|cool|cold|warm|medium|high|hot|normal|delicate|gentle|only|at|on|\\d+)\\b)';

/** "Not bleach, iron or tumble dry" bans all three; "no bleach, tumble dry low" bans one. */
function spreadBans(text: string): string {
  const list = new RegExp(
    `\\b${BAN} (${DEED}(?: ,)?(?: (?:or|and|nor)| ,)? )+?(?:or|and|nor) ${DEED}\\b(?!${SET})`,
    'g',
  );
  const ends = new RegExp(`\\b(${DEED}): (?:no|not|never|not allowed|forbidden)\\b`, 'g');
  return text
    .replace(list, (all) =>
      all
        .replace(new RegExp(`^${BAN} `), '')
        .split(/(?: ,)? (?:or|and|nor) | , /)
        .map((deed) => `not ${deed.trim()}`)
        .join(' , '),
    )
    .replace(ends, 'not $1')
    .replace(/:/g, ' ');
}
