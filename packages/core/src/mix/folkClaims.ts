import { type Method, OXYGEN_POOR_BELOW_C, USUAL_LIQUOR_L_PER_KG } from '@feverfew/knowledge';
import { bathVolume } from '../bath/bathVolume.js';
import { bleachRate } from '../bath/oxygen/oxygenActivity.js';
import { neutralisedClaim as claimOf, type Neutralised } from '../bath/solution/neutralised.js';
import { softeningSoda } from '../bath/water/hardness.js';
import { type Finding, finding } from '../finding/finding.js';
import type { KnowledgeIndex } from '../lookup/knowledgeIndex.js';
import { toPct, toTenth } from '../quantity/rounding.js';

/** What a folk claim is judged by. Amounts in g or mL per litre of the mix. */
export interface ClaimBasis {
  readonly waterL: number;
  readonly totalL: number;
  readonly tempC: number;
  readonly hardnessMgL: number;
  readonly amounts: readonly {
    readonly agentId: string;
    readonly massG: number;
    readonly volumeML: number;
  }[];
  readonly neutralised: Neutralised | null;
  readonly likelyPH: number | null;
  readonly outlook: {
    readonly startC: number;
    readonly afterHourC: number;
    readonly below40Min: number | null;
  } | null;
  readonly dryMassG: number | null;
  readonly index: KnowledgeIndex;
  readonly methods: readonly Method[];
}

type Claim = (basis: ClaimBasis) => Finding | null;

const neutralisedClaim: Claim = ({ neutralised, likelyPH }) =>
  neutralised && claimOf(neutralised, likelyPH ?? 7);

/** Folk claims that numbers answer, each shown where it arises. */
const FOLK_CLAIMS: readonly Claim[] = [
  neutralisedClaim,
  sodaSoftens,
  coldOxygen,
  moreProduct,
  filledHigher,
  hotAfterHour,
];

export const folkClaims = (basis: ClaimBasis): Finding[] =>
  FOLK_CLAIMS.flatMap((claim) => claim(basis) ?? []);

/** Baking soda in a hard-water bath, with nothing sour in it: meant to soften. */
function sodaSoftens({ amounts, neutralised, hardnessMgL, waterL, index }: ClaimBasis): Finding | null {
  const softened = amounts.map((one) => index.agents.get(one.agentId)?.softensWater);
  if (!softened.includes('believed') || softened.includes('truly') || neutralised) return null;
  if (!(hardnessMgL >= HARD_ENOUGH && waterL >= 2)) return null;
  const { anhydrousG, crystalsG } = softeningSoda(hardnessMgL, waterL);
  return finding(
    'claimSodaSoftens',
    {
      hardnessMgL,
      waterL: toTenth(waterL),
      sodaG: toTenth(anhydrousG),
      crystalsG: toTenth(crystalsG),
    },
    ['chemHandbook'],
  );
}

/** Softer water than this needs no softener, mg/L. */
const HARD_ENOUGH = 120;

function coldOxygen({ amounts, tempC, index }: ClaimBasis): Finding | null {
  const oxygen = amounts.some((one) => index.agents.get(one.agentId)?.chemistries.includes('percarbonate'));
  if (!oxygen || tempC >= OXYGEN_POOR_BELOW_C) return null;
  const { low, likely, high } = bleachRate(tempC);
  return finding(
    'claimColdOxygen',
    {
      tempC,
      lowPct: toPct(low),
      highPct: toPct(high),
      hours: Math.round(2 / likely),
    },
    ['memory'],
  );
}

/** This many times what any recipe here pours at most is more than needed. Common practice, no source. */
const MORE_THAN_USUAL = 1.5;

function moreProduct({ amounts, totalL, methods, waterL }: ClaimBasis): Finding | null {
  if (waterL < 2) return null;
  for (const { agentId, massG, volumeML } of amounts) {
    const doses = methods.flatMap((method) =>
      method.agents.flatMap(({ agentId: id, dose }) =>
        id === agentId && dose.per === 'litre' ? [dose] : [],
      ),
    );
    const unit = doses[0]?.unit;
    if (!unit) continue;
    const usual = Math.max(...doses.map((dose) => dose.amount.high));
    const perL = (unit === 'g' ? massG : volumeML) / totalL;
    if (perL > usual * MORE_THAN_USUAL)
      return finding(
        'claimMoreProduct',
        { agentId, perL: toTenth(perL), usualPerL: usual, unit, times: toTenth(perL / usual) },
        ['commonPractice'],
      );
  }
  return null;
}

/** Fuller than needed by this much is worth a word. Common practice, no source. */
const CLEARLY_FULLER = 1.3;

function filledHigher({ dryMassG, waterL, amounts }: ClaimBasis): Finding | null {
  if (dryMassG === null || amounts.length === 0) return null;
  const neededL = bathVolume(dryMassG, USUAL_LIQUOR_L_PER_KG).waterL;
  if (waterL < neededL * CLEARLY_FULLER) return null;
  return finding('claimFilledHigher', {
    waterL: toTenth(waterL),
    neededL,
    weakerPct: Math.round(100 * (1 - neededL / waterL)),
  });
}

function hotAfterHour({ outlook }: ClaimBasis): Finding | null {
  if (!outlook || outlook.below40Min === null || outlook.startC - outlook.afterHourC < 5) return null;
  return finding(
    'claimHotAfterHour',
    {
      startC: outlook.startC,
      afterC: outlook.afterHourC,
      belowC: 40,
      minutes: outlook.below40Min,
    },
    ['heatHandbook', 'memory'],
  );
}
