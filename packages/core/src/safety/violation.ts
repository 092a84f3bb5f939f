/** A way in which a finished plan could hurt a piece or a person. */
export interface Violation {
  readonly code:
    | 'forbiddenPairInVessel'
    | 'forbiddenPairUnrinsed'
    | 'forbiddenPairInPlan'
    | 'agentOnForbiddenFibre'
    | 'agentAgainstLabel'
    | 'tooHot'
    | 'pHOutsideFibre'
    | 'tooWet'
    | 'programmeTooStrong'
    | 'actionTooStrong'
    | 'heatBeforeLook'
    | 'dryingForbidden'
    | 'lookMissing'
    | 'hiddenTestMissing'
    | 'cautionMissing'
    | 'scaldCautionMissing'
    | 'unattended';
  readonly at: string;
}
