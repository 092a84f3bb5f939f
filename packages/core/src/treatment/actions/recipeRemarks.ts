import { WATER_ID } from '@feverfew/knowledge';
import { settledTemp } from '../../bath/heat/heatTheBath.js';
import { neutralisedClaim as claimOf, neutralised } from '../../bath/solution/neutralised.js';
import { type Finding, finding } from '../../finding/finding.js';
import { wallOf } from '../../household/vesselWall.js';
import { toPct } from '../../quantity/rounding.js';
import type { EligibleMethod } from '../assess/assessMethod.js';
import type { PlanContext } from '../case/planContext.js';
import type { Action } from '../plan/action.js';
import { aimedDwell } from '../recipe/aimedDwell.js';

/** What a person should know about the amounts and the bath. */
export const recipeRemarks = (
  eligible: EligibleMethod,
  actions: readonly Action[],
  context: PlanContext,
): Finding[] => [...bigPours(actions), ...bathRemarks(eligible, actions, context)];

/** What the water comes to in the tub, before the piece goes in, whole °C. */
function reachedIn({ vessel, bath }: Action, household: PlanContext['household']): number | null {
  const own = household.vessels.find((candidate) => candidate.id === vessel?.id);
  return own && bath
    ? Math.floor(settledTemp(bath.waterL, bath.shares.tempC, [wallOf(own, bath.waterL, household)]) + 0.05)
    : null;
}

/** Acid and soda in one recipe: what they leave of each other. */
function neutralisedClaim({ ingredients, pH }: Action, knowledge: PlanContext['knowledge']): Finding[] {
  const pours = ingredients
    .filter((one) => one.massG !== null || one.volumeML !== null)
    .map(({ agentId, massG, volumeML, strengthPct }) => ({
      agentId,
      massG,
      volumeML: massG === null ? volumeML : null,
      strengthPct,
    }));
  const left = neutralised(pours, knowledge);
  return left ? [claimOf(left, pH?.likely ?? 7)] : [];
}

/** Kettles it takes, and how much longer a cool bath needs. */
function bathRemarks(
  { method, standIn, window }: EligibleMethod,
  steps: readonly Action[],
  context: PlanContext,
): Finding[] {
  const { household, knowledge } = context;
  const mix = steps.find((action) => action.kind === 'mix');
  const shares = mix?.bath?.shares;
  const best = mix?.vessel && mix.bath ? reachedIn(mix, household) : null;
  const short = best !== null && best < window.tempC.target - 1;
  const aim = mix?.outlook?.oxygen ? aimedDwell({ method, standIn, window }, context) : null;
  return [
    ...(mix ? neutralisedClaim(mix, knowledge) : []),
    ...(shares && shares.kettles > 0 && !short
      ? [
          finding('kettlesNeeded', {
            hotC: household.taps.hotC,
            toC: window.tempC.target,
            kettles: shares.kettles,
            litres: shares.kettleL,
          }),
        ]
      : []),
    ...(short && best !== null
      ? [finding('tapTooCool', { wantedC: window.tempC.target, reachedC: best })]
      : []),
    ...(aim && aim.minutes > method.dwellMin.min
      ? [
          finding(
            'longerForCool',
            {
              minutes: aim.minutes,
              tempC: window.tempC.target,
              sharePct: toPct(aim.share),
            },
            ['memory'],
          ),
        ]
      : []),
  ];
}

/** More of one thing than a household usually has. */
const BIG_POUR = { mL: 1000, g: 400 } as const;

function bigPours(steps: readonly Action[]): Finding[] {
  return steps
    .flatMap((action) => action.ingredients)
    .flatMap(({ agentId, massG, volumeML }) => {
      const unit = massG === null ? 'mL' : 'g';
      const amount = massG ?? volumeML ?? 0;
      return agentId !== WATER_ID && amount > BIG_POUR[unit]
        ? [finding('bigPour', { agentId, amount, unit })]
        : [];
    });
}
