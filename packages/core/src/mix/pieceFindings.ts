import { type Agent, WETTINGS } from '@feverfew/knowledge';
import { type Envelope, windowOf } from '../envelope/envelope.js';
import { type Finding, finding } from '../finding/finding.js';
import type { PHRange } from '../quantity/pHRange.js';

/**
 * What the piece says to the products themselves. Chlorine on a fibre it destroys is refused outright, the rest is
 * said.
 */
export function agentsOnPiece(
  agents: readonly Agent[],
  envelope: Envelope,
): { readonly refused: Finding[]; readonly against: Finding[] } {
  const refused: Finding[] = [];
  const against: Finding[] = [];
  for (const agent of agents)
    for (const chemistry of agent.chemistries) {
      const { verdict, limits } = windowOf(envelope, chemistry);
      const limit = limits[0];
      if (!limit || verdict === 'allowed') continue;
      if (verdict === 'never')
        (chemistry === 'chlorine' || limit.protects !== 'piece' ? refused : against).push(
          finding(
            'chemistryForbidden',
            { agentId: agent.id, chemistry, owner: limit.owner },
            limit.sourceIds,
          ),
        );
      const test = limits.find((one) => one.verdict === 'test');
      if (verdict !== 'never' && test)
        against.push(finding('hiddenTestFirst', { chemistry, owner: test.owner }, test.sourceIds));
    }
  return { refused, against };
}

/** What the piece says to the bath: too hot, too wet, too sour, too alkaline. */
export function bathOnPiece(
  pH: PHRange | null,
  startC: number,
  isBath: boolean,
  envelope: Envelope,
): Finding[] {
  const heat = envelope.tempC.limits[0];
  const wet = envelope.wetting.limits[0];
  const soaked = isBath && WETTINGS.indexOf(envelope.wetting.most) < WETTINGS.indexOf('immersion');
  return [
    ...(heat && startC > envelope.tempC.max + 0.5
      ? [
          finding(
            'hotterThanPiece',
            { atC: startC, maxC: envelope.tempC.max, owner: heat.owner },
            heat.sourceIds,
          ),
        ]
      : []),
    ...(wet && soaked
      ? [finding('wetterThanPiece', { most: envelope.wetting.most, owner: wet.owner }, wet.sourceIds)]
      : []),
    ...(pH ? pHOnPiece(pH, isBath, envelope) : []),
  ];
}

function pHOnPiece({ low, high }: PHRange, isBath: boolean, { pH }: Envelope): Finding[] {
  const facts = { low, high, min: pH.min, max: pH.max };
  const tooAlkaline = high > pH.max ? pH.limits.find((limit) => limit.max === pH.max) : undefined;
  const tooSour = low < pH.min ? pH.limits.find((limit) => limit.min === pH.min) : undefined;
  const briefly = !isBath && low >= pH.weakAcidBrieflyMin;
  return [
    ...(tooAlkaline
      ? [finding('pHOutside', { ...facts, owner: tooAlkaline.owner }, tooAlkaline.sourceIds)]
      : []),
    ...(tooSour && briefly
      ? [finding('onlyBrieflySour', { low, min: pH.min, owner: tooSour.owner }, tooSour.sourceIds)]
      : []),
    ...(tooSour && !briefly
      ? [finding('pHOutside', { ...facts, owner: tooSour.owner }, tooSour.sourceIds)]
      : []),
  ];
}
