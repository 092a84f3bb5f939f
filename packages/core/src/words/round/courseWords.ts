import type { Cloth, ClothCourse, Course, CoursePass, Method, Purpose } from '@feverfew/knowledge';
import { durationWords } from './durationWords.js';
import type { Lexicon } from './lexicon.js';

export const CLOTH_WORDS: Readonly<Record<Cloth, string>> = {
  white: 'white, sturdy',
  coloured: 'coloured, fast',
  synthetic: 'synthetic',
  delicate: 'delicate',
  protein: 'wool and silk',
  surface: 'carpet, seat, mattress',
  dryOnly: 'not to be wetted',
};

/** After “On …”. */
export const ON_CLOTH_WORDS: Readonly<Record<Cloth, string>> = {
  white: 'white, sturdy cloth',
  coloured: 'coloured, fast cloth',
  synthetic: 'synthetics',
  delicate: 'delicate things',
  protein: 'wool and silk',
  surface: 'a carpet, seat or mattress',
  dryOnly: 'what may not be wetted',
};

export const PURPOSE_WORDS: Readonly<Record<Purpose, string>> = {
  bulk: 'what lies on top',
  liquid: 'the liquid',
  loose: 'what is still loose',
  protein: 'the protein',
  fat: 'the fat',
  wax: 'the wax',
  film: 'the film',
  pigment: 'the pigment',
  colour: 'the colour',
  dye: 'the dye',
  looseDye: 'the loose dye',
  iron: 'the iron',
  lime: 'the lime',
  aluminium: 'the aluminium',
  salts: 'the salts',
  sugar: 'the sugar',
  smell: 'the smell',
  germs: 'the germs',
  residue: 'what the pass before leaves',
  solventLeft: 'the solvent',
  damp: 'the damp',
  yellow: 'the yellow',
  grey: 'the grey',
  scorch: 'the scorch',
  size: 'the size',
  larvae: 'the larvae',
  shape: 'its shape',
  dust: 'the dust',
};

export const BETWEEN_WORDS: Readonly<Record<CoursePass['after'], string | null>> = {
  none: null,
  blot: 'Blot.',
  short: 'A short rinse.',
  noFoam: 'Rinse all foam out.',
  full: 'Two full rinses.',
  damp: 'Plain damp cloth twice.',
  dryToTouch: 'Plain damp cloth twice, then dry to the touch.',
  airOut: 'Air it until nothing smells.',
  vacuum: 'Brush or vacuum it off.',
};

type Check = Extract<ClothCourse, { kind: 'course' }>['checks'][number];
const CHECK_WORDS: Readonly<Record<Check, string>> = {
  daylight: 'dry, in daylight, both sides',
  againstLight: 'against the light',
  waterDrop: 'a drop of water sinks in',
  smellDamp: 'smell it damp and warm',
  smellWarm: 'smell it warmed in the hand',
  feel: 'feel it dry',
  fromSide: 'from the side',
  scratch: 'scratch it',
  whiteCloth: 'press a white cloth on it',
  nextDay: 'again the next day',
  wetAndDry: 'wet and again dry',
  besideClean: 'next to something clean',
  strength: 'by a gentle pull: still strong',
};

type End = Extract<ClothCourse, { kind: 'honest' }>['next'];
export const COURSE_END_WORDS: Readonly<Record<End, string>> = {
  accept: 'Leave it as it is',
  professional: 'For a professional',
  dyePatch: 'Dye it over, or patch it',
  discard: 'Let it go',
  mend: 'Mend it',
  noHomeMethod: 'No way at home',
};

export const CONFIDENCE_WORDS: Readonly<Record<Course['confidence'], string>> = {
  high: 'the trade agrees on it',
  medium: 'the trade agrees on most of it',
  low: 'practice differs, results too',
};

const WORTH_SAYING_C = 30;

/** "30–40 °C, 15 to 30 min": how warm and how long a pass is, its own figures before those of its way. */
export function passFigures({ tempC, minutes }: CoursePass, method: Method, say: Lexicon): string {
  const temp = tempC ?? method.tempC;
  const time = minutes ?? method.dwellMin;
  // A dab at the room’s warmth is not worth a figure; a bath is, and what the course itself asks for.
  const warmth =
    tempC === null && method.wetting !== 'immersion' && method.tempC.min < WORTH_SAYING_C
      ? []
      : [temp.min === temp.max ? say.temp(temp.min) : `${say.temp(temp.min)} to ${say.temp(temp.max)}`];
  return [...warmth, durationWords(time.min, time.max)].join(', ');
}

export const betweenWords = ({ after }: CoursePass): string | null => BETWEEN_WORDS[after];

export const checkWords = (checks: readonly Check[]): string =>
  checks.map((check) => CHECK_WORDS[check]).join('; ');
