import type { Finding, FindingCode, FindingFacts } from '../finding/finding.js';
import type { Lexicon } from './round/lexicon.js';

export type ClaimCode = Extract<FindingCode, `claim${string}`>;
type Working = {
  readonly [Code in ClaimCode]: (facts: FindingFacts[Code], say: Lexicon) => readonly string[];
};

/** The arithmetic behind each folk claim, shown on demand. A claim without its working does not compile. */
const WORKING: Working = {
  claimNeutralised: ({ acidId, sodaId, acidLeftPct, sodaLeftPct, carbonDioxideL, pH }, say) => [
    'Acid and soda react one for one. 6.99 g baking soda use up the acid of 100 mL vinegar of 5 %.',
    `Here: ${acidLeftPct} % of the ${say.name(acidId)} and ${sodaLeftPct} % of the ${say.name(sodaId)} are left, ` +
      `${carbonDioxideL} L of carbon dioxide bubble off (at 20 °C).`,
    `What stays is sodium salt in water, about pH ${pH.toFixed(1)}. The foam lifts a little loose dirt; there is ` +
      `no cleaning in it beyond that.`,
  ],
  claimSodaSoftens: ({ hardnessMgL, waterL, sodaG, crystalsG }, say) => [
    `Your water: ${hardnessMgL} mg/L of hardness as CaCO₃, in ${say.volume(waterL * 1000)}.`,
    `Washing soda takes it out as carbonate, gram for gram by formula: ${hardnessMgL} mg/L × ${waterL} L × 1.059 = ` +
      `${sodaG} g, or ${crystalsG} g of soda crystals.`,
    'Baking soda makes the water supersaturated on paper; how fast anything falls out is not known. So no ' +
      'percentage is given for it.',
  ],
  claimColdOxygen: ({ tempC, lowPct, highPct, hours }, say) => [
    `Rate of bleaching against temperature by Arrhenius, 50 to 80 kJ/mol (from memory): ${lowPct}–${highPct} % at ` +
      `${say.temp(tempC)}, 100 % at ${say.temp(40)}.`,
    `Two hours at ${say.temp(40)} become about ${hours} hours. Without an activator a cold bath is for colours ` +
      `that bear no heat, and for patience.`,
  ],
  claimMoreProduct: ({ agentId, perL, usualPerL, unit, times }, say) => [
    `In this mix: ${perL} ${unit} ${say.name(agentId)} per litre. The recipes here go up to ${usualPerL} ${unit} ` +
      `per litre.`,
    `Past that a bath is limited by time and heat, not by strength. ${times} times as much has to be rinsed out ` +
      `again, and what stays in the cloth stiffens and greys it.`,
  ],
  claimFilledHigher: ({ waterL, neededL, weakerPct }, say) => [
    `${say.volume(neededL * 1000)} is twelve litres for each kilogram of dry cloth: it covers the piece.`,
    `With ${say.volume(waterL * 1000)} the same powder is spread over more water: ${neededL} / ${waterL} = ` +
      `${100 - weakerPct} % of the strength. More water needs more product, or the bath is weak.`,
  ],
  claimHotAfterHour: ({ startC, afterC, belowC, minutes }, say) => [
    `A bath cools towards the room: fast at first, then slowly. From ${say.temp(startC)} to about ` +
      `${say.temp(afterC)} in an hour here.`,
    `It is below ${say.temp(belowC)} after about ${minutes} min. A lid, more water, or hot water added keeps it ` +
      `warm; a kitchen varies by a factor of 1.4.`,
  ],
};

export const isClaim = (code: FindingCode): code is ClaimCode => code in WORKING;

/** How a claim's figure comes about, line by line; empty for other findings. */
export function workingWords({ code, facts }: Finding, say: Lexicon): readonly string[] {
  return isClaim(code)
    ? (WORKING[code] as (facts: Finding['facts'], say: Lexicon) => readonly string[])(facts, say)
    : [];
}
