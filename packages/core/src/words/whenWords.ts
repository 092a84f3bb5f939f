import type { Note } from '@feverfew/knowledge';
import { upperFirst } from '@feverfew/knowledge';
import type { Lexicon } from './round/lexicon.js';
import { CHEMISTRY_WORDS } from './round/vocabularyWords.js';

type When = Exclude<Note['when'], 'always'>;
type Words = { readonly [Key in keyof When]-?: (wanted: NonNullable<When[Key]>, say: Lexicon) => string };

const OR = new Intl.ListFormat('en-GB', { type: 'disjunction' });
/** More names than this are cut to the first ones: a look-up page is read, not searched. */
const MAX_NAMES = 3;

function oneOf<Id extends string>(ids: readonly Id[], nameOf: (id: Id) => string): string {
  const names = ids.slice(0, MAX_NAMES).map(nameOf);
  return OR.format(ids.length > MAX_NAMES ? [...names, 'the like'] : names);
}
const isSo = (wanted: boolean, words: string): string => (wanted ? words : `not ${words}`);

const IN_HOUSE = {
  asthma: 'asthma',
  pregnancy: 'a pregnancy',
  baby: 'a baby or small child',
  pets: 'pets',
} as const;
const AGES = { minutes: 'minutes', hours: 'hours', days: 'days', weeks: 'weeks', months: 'months' } as const;

const WORDS: Words = {
  wet: (wanted) => (wanted ? 'still wet' : 'dried in'),
  dryNow: () => 'dry to the touch',
  ages: (wanted) => `${oneOf(wanted, (age) => (age === 'unknown' ? 'unknown days' : AGES[age]))} old`,
  allOver: (wanted) => isSo(wanted, 'all over'),
  notOld: () => 'not days old',
  notAllOver: () => 'not all over',
  colours: (wanted) => oneOf(wanted, (colour) => colour),
  fast: () => 'its dye holds',
  fibreIds: (wanted, say) => oneOf(wanted, say.name),
  notFibreIds: (wanted, say) => `not ${oneOf(wanted, say.name)}`,
  itemIds: (wanted, say) => oneOf(wanted, say.name),
  notItemIds: (wanted, say) => `not ${oneOf(wanted, say.name)}`,
  markIds: (wanted, say) => oneOf(wanted, say.name),
  notMarkIds: (wanted, say) => `not ${oneOf(wanted, say.name)}`,
  states: (wanted) => oneOf(wanted, (state) => state),
  tagFromC: (wanted, say) => `its tag allows ${say.temp(wanted)} or more`,
  tagBelowC: (wanted, say) => `its tag allows less than ${say.temp(wanted)}`,
  tagTumbles: () => 'its tag allows a dryer',
  noWashOnTag: () => 'no tag allows a wash',
  noneOnIt: (wanted) => `with no ${oneOf(wanted, (one) => CHEMISTRY_WORDS[one])} in it`,
  stillThere: (wanted, say) => `${oneOf(wanted, say.name)} still in it`,
  untried: (wanted) => `${oneOf(wanted, (one) => CHEMISTRY_WORDS[one])} not tried yet`,
  metalFree: () => 'no metal parts',
  without: (wanted) => `no ${oneOf(wanted, (who) => IN_HOUSE[who])} in the house`,
  hardWater: (wanted) => (wanted ? 'hard water' : 'soft water'),
  drains: (wanted) => (wanted ? 'can be rinsed through' : 'cannot be rinsed through'),
  keptDry: (wanted) => (wanted ? 'kept from all water' : 'may be wetted'),
  white: (wanted) => isSo(wanted, 'white'),
  unwetted: (wanted) => (wanted ? 'before it is wetted' : 'once it is wet'),
  dryer: (wanted) => (wanted ? 'with a dryer' : 'without a dryer'),
  uses: (wanted) => `with ${oneOf(wanted, (one) => CHEMISTRY_WORDS[one])}`,
};

/**
 * For whom a line is, as the look-up pages put it before the line: "Wool or silk". A plan needs no such words, for it
 * says only the lines that hold.
 * @returns null where the line always holds
 */
export function whenWords(when: Note['when'], say: Lexicon): string | null {
  if (when === 'always') return null;
  const words = Object.entries(when).map(([key, wanted]) => {
    const said = WORDS[key as keyof When] as (wanted: unknown, say: Lexicon) => string;
    return said(wanted, say);
  });
  const text = words.join(', ');
  return upperFirst(text);
}
