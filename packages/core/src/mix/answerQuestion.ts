import type { Knowledge } from '@feverfew/knowledge';
import { dilute } from '../bath/dilute.js';
import { minutesUntil, timeConstant } from '../bath/heat/bathCooling.js';
import { topUp } from '../bath/heat/heatTheBath.js';
import { CP_COTTON } from '../bath/mixHotAndCold.js';
import { openedPeroxide, peroxideToVolumes } from '../bath/oxygen/availableOxygen.js';
import { sizeOf } from '../bath/solution/pour.js';
import { areaVolume } from '../bath/spotVolume.js';
import { type WaterShares, waterShares } from '../bath/waterShares.js';
import type { Finding } from '../finding/finding.js';
import type { Household } from '../household/household.js';
import { toolsFor } from '../household/measureTool.js';
import { type SnappedVolume, snapToTools } from '../household/snapToTools.js';
import { toolsOf } from '../household/toolsOf.js';
import { shapeOf } from '../household/vesselWall.js';
import { agentById } from '../lookup/agentById.js';
import { DomainError, requireWithin } from '../quantity/domainError.js';
import type { LikelyRange } from '../quantity/likelyRange.js';
import { judgeMix } from './judgeMix.js';
import { EMPTY_MIX } from './mix.js';
import { questionCautions } from './questionCautions.js';
import { readPour } from './readPour.js';
import { SPOT_WETNESS, type TableQuestion } from './tableQuestion.js';

export interface Measured {
  readonly volumeML: number;
  readonly massG: number | null;
  readonly snapped: SnappedVolume | null;
}

type AnswerBody =
  | { readonly kind: 'dilute'; readonly product: Measured; readonly water: Measured }
  | { readonly kind: 'spot'; readonly totalML: number; readonly product: Measured; readonly water: Measured }
  | {
      readonly kind: 'scale';
      readonly share: number;
      readonly items: readonly (Measured & {
        readonly agentId: string;
        readonly amount: number;
        readonly unit: string;
      })[];
    }
  | { readonly kind: 'blend'; readonly shares: WaterShares }
  /** Peroxide left in an opened bottle, % w/v, and the volumes it was sold as. */
  | { readonly kind: 'opened'; readonly pct: LikelyRange; readonly volumes: number }
  | {
      readonly kind: 'raise';
      readonly kettleL: number;
      readonly hotL: number;
      readonly kettles: number;
      readonly totalL: number;
      /** Strength afterwards against before, 0–1. */
      readonly dilution: number;
      /** Of the hot tap instead, L; null when the tap is not hot enough. */
      readonly tapL: number | null;
    }
  /** What must not be mixed is not scaled either. */
  | { readonly kind: 'refused'; readonly findings: readonly Finding[] }
  | {
      readonly kind: 'cool';
      readonly minutes: LikelyRange | null;
      readonly tauMin: LikelyRange;
      readonly roomC: number;
    };

/** An answer with what is to be minded before it is poured. */
export type TableAnswer = AnswerBody & { readonly cautionIds: readonly string[] };

type Answers = {
  readonly [Kind in TableQuestion['kind']]: (
    question: Extract<TableQuestion, { kind: Kind }>,
    household: Household,
    knowledge: Knowledge,
  ) => AnswerBody;
};

const ANSWERS: Answers = {
  dilute: ({ fromPct, toPct, finalML }, household) => {
    const { stockML, waterML } = dilute(fromPct, toPct, finalML);
    return { kind: 'dilute', product: measured(stockML, household), water: measured(waterML, household) };
  },
  spot: ({ productParts, waterParts, areaCm2, wet }, household) => {
    requireWithin('productParts', productParts, 0.1, 100);
    requireWithin('waterParts', waterParts, 0, 1000);
    const totalML = areaVolume(areaCm2, SPOT_WETNESS[wet]);
    const share = productParts / (productParts + waterParts);
    return {
      kind: 'spot',
      totalML,
      product: measured(totalML * share, household),
      water: measured(totalML * (1 - share), household),
    };
  },
  scale: ({ items, fromL, toL }, household, knowledge) => {
    requireWithin('fromL', fromL, 0.05, 500);
    requireWithin('toL', toL, 0.05, 500);
    const share = toL / fromL;
    const pours = items.map((item) => ({ ...item, amount: item.amount * share }));
    const { refused } = judgeMix(
      { ...EMPTY_MIX, waterML: Math.min(400_000, toL * 1000), pours },
      household,
      knowledge,
    );
    if (refused.length > 0) return { kind: 'refused', findings: refused };
    return {
      kind: 'scale',
      share,
      items: pours.map((scaled) => {
        const agent = agentById(knowledge, scaled.agentId);
        const size = sizeOf(readPour(scaled, agent, household), agent);
        return {
          agentId: scaled.agentId,
          amount: scaled.amount,
          unit: scaled.unit,
          volumeML: size.volumeML,
          massG: agent.form === 'liquid' ? null : size.massG,
          snapped: snapToTools(Math.max(0.1, size.volumeML), toolsOf(agent.id, household)),
        };
      }),
    };
  },
  opened: ({ pct, months }) => ({
    kind: 'opened',
    pct: openedPeroxide(pct, months),
    volumes: peroxideToVolumes(pct),
  }),
  blend: ({ waterL, wantedC }, { taps }) => ({ kind: 'blend', shares: waterShares(waterL, wantedC, taps) }),
  raise: ({ waterL, clothG, fromC, toC }, { taps }) => {
    const clothKJPerK = (requireWithin('clothG', clothG, 0, 30_000) / 1000) * CP_COTTON;
    const kettle = topUp(waterL, fromC, toC, clothKJPerK, taps.kettleL);
    if (!kettle)
      throw new DomainError('outOfRange', { quantity: 'toC', value: String(toC), min: fromC, max: 94 });
    const tap = topUp(waterL, fromC, toC, clothKJPerK, 0, taps.hotC);
    return {
      kind: 'raise',
      kettleL: taps.kettleL,
      hotL: kettle.hotL,
      kettles: kettle.kettles,
      totalL: kettle.totalL,
      dilution: kettle.dilution,
      tapL: tap?.hotL ?? null,
    };
  },
  cool: ({ vesselId, lid, waterL, startC, wantedC }, { vessels, roomC }) => {
    const vessel = vessels.find((candidate) => candidate.id === vesselId);
    if (!vessel)
      throw new DomainError('unknownReference', {
        path: 'vesselId',
        message: 'There is no such vessel here.',
      });
    requireWithin('waterL', waterL, 0.2, Math.max(0.3, vessel.volumeL));
    const tauMin = timeConstant({
      shape: shapeOf(vessel),
      material: vessel.material,
      lid,
      waterL,
      textileKg: 0,
      startC: requireWithin('startC', startC, 0, 95),
      roomC,
    });
    const minutesFor = (tau: number) => minutesUntil(startC, roomC, tau, wantedC);
    const [low, likely, high] = [minutesFor(tauMin.low), minutesFor(tauMin.likely), minutesFor(tauMin.high)];
    return {
      kind: 'cool',
      roomC,
      tauMin,
      minutes: low === null || likely === null || high === null ? null : { low, likely, high },
    };
  },
};

/**
 * Answers one question of the table exactly, and in the household's own measures.
 * @throws DomainError outOfRange (quantity and range), cannotStrengthen, unknownReference
 */
export function answerQuestion(
  question: TableQuestion,
  household: Household,
  knowledge: Knowledge,
): TableAnswer {
  const answer = ANSWERS[question.kind] as (
    question: TableQuestion,
    household: Household,
    knowledge: Knowledge,
  ) => AnswerBody;
  return {
    ...answer(question, household, knowledge),
    cautionIds: questionCautions(question, household, knowledge),
  };
}

function measured(volumeML: number, { tools, ownMeasures }: Household): Measured {
  return {
    volumeML,
    massG: null,
    snapped: volumeML >= 0.1 ? snapToTools(volumeML, toolsFor(tools, ownMeasures, null)) : null,
  };
}
