import { type Catalogue, type HouseholdSettings, hardnessClasses, type Measures } from '@feverfew/contracts';
import { tempText } from '../../components/text/measureText';
import { toolWord } from './ToolsEditor';
import { WHO_LIVES_HERE } from './WhoLivesHere';

/** Products a plan takes only where the house says so; each with what is said of it and in a word. */
export const OFFERED = [
  {
    key: 'allowChlorine',
    label: 'Chlorine bleach may be offered (sturdy white cotton and linen with “any bleach” only)',
    word: 'chlorine bleach',
  },
  { key: 'allowAmmonia', label: 'Household ammonia may be offered (open window, gloves)', word: 'ammonia' },
  {
    key: 'allowOxalic',
    label: 'Oxalic acid may be offered for rust (poisonous, locked away)',
    word: 'oxalic acid',
  },
  { key: 'boraxSold', label: 'Borax is sold to households in our country', word: 'borax' },
] as const;

/** What each part of a house is set to, in a few words. */
export function houseSummary({ household, measures }: HouseholdSettings, catalogue: Catalogue) {
  const { taps, hardnessMgL, vessels, hasMachine, tools, ownMeasures, hasScale, positions } = household;
  const lives = WHO_LIVES_HERE.filter(({ key }) => household[key]).map(({ word }) => word);
  const strong = OFFERED.filter(({ key }) => household[key]).map(({ word }) => word);
  const own = catalogue.disputes.filter(({ id }) => positions[id] !== undefined).length;
  const [hardness] = hardnessMgL >= 0 ? hardnessClasses(hardnessMgL) : [];
  return {
    water: list([
      `hot ${degrees(taps.hotC, measures)}`,
      ...(hardness ? [hardness.name] : []),
      ...(taps.kettleL > 0 ? [`kettle ${taps.kettleL} L`] : ['no kettle']),
    ]),
    vessels: list([...vessels.map(({ name }) => name), ...(hasMachine ? ['machine'] : ['no machine'])]),
    measures: list([
      ...tools.map(toolWord),
      ...ownMeasures.map(({ name }) => name),
      ...(hasScale ? ['scale'] : []),
    ]),
    lives: list(lives) || 'no one at risk',
    offered: list(strong) || 'only what is mild',
    views: own === 0 ? 'as usual' : `${own} of our own`,
    shown: `°${measures.temperature}, ${measures.system === 'metric' ? 'litres, grams' : 'quarts, ounces'}`,
  };
}

const list = (words: readonly string[]): string => words.join(', ');
const degrees = (tempC: number, measures: Measures): string =>
  Number.isFinite(tempC) ? tempText(tempC, measures) : '?';
