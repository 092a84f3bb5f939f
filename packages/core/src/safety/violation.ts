/** A way in which a finished plan could hurt a piece or a person. */
export const VIOLATION_CODES = [
  'forbiddenPairInVessel',
  'forbiddenPairUnrinsed',
  'forbiddenPairInPlan',
  'agentOnForbiddenFibre',
  'agentAgainstLabel',
  'agentNeverOffered',
  'agentSwitchedOff',
  'agentOnMetal',
  'strengthNotSafe',
  'boundsExceeded',
  'tooHot',
  'pHOutsideFibre',
  'pHNotAsSaid',
  'hotterThanSaid',
  'tooWet',
  'programmeTooStrong',
  'actionTooStrong',
  'heatBeforeLook',
  'dryingForbidden',
  'lookMissing',
  'hiddenTestMissing',
  'cautionMissing',
  'scaldCautionMissing',
  'unattended',
] as const;

export interface Violation {
  readonly code: (typeof VIOLATION_CODES)[number];
  readonly where: string;
}
