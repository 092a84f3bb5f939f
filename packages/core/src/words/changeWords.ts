import type { Change, ChangeCode, ChangeFacts } from '../whatIf/changesToTry.js';
import type { Lexicon } from './round/lexicon.js';

type Words = { readonly [Code in ChangeCode]: (facts: ChangeFacts[Code], say: Lexicon) => string };

const SIGNS = {
  wash40: 'its tag allowed a 40° machine wash',
  wash60: 'its tag allowed a 60° machine wash',
  oxygenOnly: 'its tag allowed oxygen bleach',
  anyBleach: 'its tag allowed any bleach',
} as const;

/** Each change as the condition of a sentence that starts with "if". */
const WORDS: Words = {
  buy: ({ agentIds }, say) => `you had ${agentIds.map(say.name).join(' and ')}`,
  enterStrength: ({ agentId, pct }, say) =>
    `the bottle of ${say.name(agentId)} were entered with its strength, ${pct} % or more`,
  switchOn: ({ agentId }, say) => `${say.name(agentId)} were switched on for this household`,
  followPosition: ({ positionId }, say) => `this plan followed “${say.name(positionId)}”`,
  soilGone: ({ componentId }, say) => `${say.name(componentId)} were already gone`,
  marksApart: ({ markId }, say) => `${say.name(markId)} were treated by itself`,
  withoutFibre: ({ fibreId, part }, say) =>
    `there were no ${say.name(fibreId)}${part === 'whole piece' ? '' : ` in the ${part}`}`,
  fibreKnown: ({ fibreId }, say) => `the unknown fibre turned out to be ${say.name(fibreId)}`,
  colourProven: () => 'a hidden spot had proven the colour fast',
  colourWhite: () => 'it were white',
  conditionSound: () => 'it were sound',
  noMetal: () => 'there were no metal on it',
  codeFound: ({ code }) => `the code underneath were ${code}`,
  labelSays: ({ sign }) => SIGNS[sign],
  stillWet: () => 'it were still wet',
  notTried: ({ agentId }, say) => `${say.name(agentId)} had not been on it`,
  largerVessel: ({ volumeL }, say) => `there were a plastic tub of ${say.volume(volumeL * 1000)}`,
  machine: () => 'there were a washing machine',
};

/** "If its tag allowed oxygen bleach and it were white." */
export function changeWords(changes: readonly Pick<Change, 'code' | 'facts'>[], say: Lexicon): string {
  const conditions = changes.map(({ code, facts }) =>
    (WORDS[code] as (facts: unknown, say: Lexicon) => string)(facts, say),
  );
  return `If ${conditions.join(' and ')}.`;
}

export const CHANGE_CODES = Object.keys(WORDS) as ChangeCode[];
