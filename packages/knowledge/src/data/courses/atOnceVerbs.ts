import type { Note } from '../../schema/note.js';
import type { AtOnceVerb } from '../../vocabulary.js';

/** What the words of a first line make the hand do. A line none of these fits is a fault (schema: at least one). */
const WORDS: readonly (readonly [AtOnceVerb, RegExp])[] = [
  ['protect', /\bgloves\b|\bmask\b/i],
  [
    'lift',
    /\blift\b|\bpick it off\b|\bspoon it off\b|\bscrape\b|\bpeel it\b|\bsolids off\b|\bchip\b|\blift solids\b|\bcrack it\b|\brub it dry\b|\beraser\b/i,
  ],
  ['shake', /(?<!not )\bshake\b|\btape\b|\bcrumble\b/i],
  ['blot', /\bblot\b|\bblotted\b|\bpress a dry towel\b|\bdry white cloth\b|\bdry towel\b|\bdry cloth\b/i],
  ['absorb', /\bstarch\b|\bpowder\b(?! it)/i],
  [
    'coldFlush',
    /\bwater (through|in small)\b|\brinse (it )?(cold|cool|lukewarm|a minute)|\bcold (running )?water\b|\bcold rinse\b|\bdamp( cold)? cloth\b|\bcold damp\b|\bdab cold\b|\blukewarm water\b|\bcool water\b|\bblot cold\b|\bblot(ted)? (it )?damp\b|\bfine mist\b/i,
  ],
  ['keepWet', /\bkeep (it|everything|everything else) (damp|wet)\b|\bhang it wet\b|\bwet and moving\b/i],
  [
    'letDry',
    /\blet (it|clods of mud|mud) (dry|harden|get cold|cure)\b|\bdry it\b|\bdry fast\b|\blet it cure\b|\bhenna: let it dry\b/i,
  ],
  ['chill', /\bfreezer\b|\bice\b/i],
  ['vacuum', /\bvacuum\b/i],
  [
    'isolate',
    /\bout of the heap\b|\bapart from other washing\b|\baway from other things\b|\blift the wet piece off\b|\bbag it\b|\blift them apart\b|\ball pieces out\b|\bsheets off\b|\bcover off\b|\boff the metal\b|\bfurniture\b/i,
  ],
  ['rinseOutProduct', /\bbleached just now\b/i],
  [
    'hangToAir',
    /\bhang it (open|spread)\b|\bhang it open outdoors\b|\boutdoors, in wind\b|\blet it air\b|\bair it\b|\blay it flat outdoors\b/i,
  ],
  ['ventilate', /\bopen the window\b|\bwindows open\b|\bair the room\b/i],
  ['detergent', /\bdetergent\b/i],
  ['rewash', /\bwash it again\b/i],
  [
    'leaveAlone',
    /\bkeep it (dry|flat)\b|\bkept dry\b|\bleave (it|them) dry\b|\bkeep off\b|\bdo not touch\b|\bhands off\b|\btake the heat away\b|\bthe plastic off\b|\bpad beneath\b|\bfoam the same day\b|\bsmoulder\b/i,
  ],
];

/** Of use only while something wet is there to take up. */
const WHILE_WET: readonly AtOnceVerb[] = ['blot', 'absorb', 'keepWet', 'letDry', 'detergent', 'rewash'];
/** A flush wets it by itself, and what it wets is blotted; ice is of use on what has dried. */
const isForWet = (verbs: readonly AtOnceVerb[]): boolean =>
  verbs.some((verb) => WHILE_WET.includes(verb)) && !verbs.includes('coldFlush') && !verbs.includes('chill');

/** The line with its verbs; what wets the piece asks for water. */
export function withVerbs(line: Note) {
  const found = WORDS.flatMap(([verb, words]) => (words.test(line.text) ? [verb] : []));
  // To rinse a product out is worth doing however long it has been there.
  const late = found.includes('rinseOutProduct');
  const verbs = late ? found.filter((verb) => verb !== 'coldFlush' && verb !== 'blot') : found;
  const wets = verbs.includes('coldFlush') && !line.asks.includes('water');
  // Fat that feels dry may still be taken up: its line says how old it may be.
  const saysAge = line.when !== 'always' && line.when.ages !== undefined;
  const when =
    isForWet(verbs) && !saysAge ? { ...(line.when === 'always' ? {} : line.when), wet: true } : line.when;
  return { ...line, when, verbs, asks: wets ? [...line.asks, 'water' as const] : line.asks };
}
