import {
  type Candidate,
  durationWords,
  type Finding,
  findingWords,
  isClaim,
  type Lexicon,
  type Pass,
  type Plan,
  type RoundPass,
} from '@feverfew/contracts';

export const timeLine = (handsOnMin: number, { low, high }: Pass['totalMin']): string =>
  `${handsOnMin} min of yours, ${durationWords(low, high)} in all`;

/** "30–45 min in all, risk fair." */
export const durationLine = ({ low, high }: Pass['totalMin'], risk: Pass['risk']): string =>
  `${durationWords(low, high)} in all, risk ${risk}.`;

/** Said where the choice is made: at the view followed, at the name, at the vessel. */
const ELSEWHERE: readonly Finding['code'][] = ['positionFollowed', 'notInCupboard', 'kettlesNeeded'];
/** Changes the work at the step: a line on it. All else is under Why. */
const LOUD: readonly Finding['code'][] = [
  'ownDyeAtRisk',
  'standsIn',
  'bigPour',
  'dilutedFirst',
  'gradeUnknown',
  'tapTooCool',
];

type Remarked = Pick<RoundPass, 'findings'>;

const remarksOf = ({ findings }: Remarked, say: Lexicon, isLoud: boolean): string[] =>
  findings
    .filter(({ code }) => !ELSEWHERE.includes(code) && !isClaim(code) && LOUD.includes(code) === isLoud)
    .map((finding) => findingWords(finding, say));

/** Remarks that stand on the step itself. */
export const passRemarks = (pass: Remarked, say: Lexicon): string[] => remarksOf(pass, say, true);

/** Remarks behind Why. */
export const quietRemarks = (pass: Remarked, say: Lexicon): string[] => remarksOf(pass, say, false);

/** Waits for the hidden water test alone: not barred, only not yet open. */
export const isWaiting = ({ findings }: Candidate): boolean =>
  findings.some((finding) => finding.code === 'afterWaterTest');

/** Losers worth showing: those that wait for a test, then ruled out, then those that add nothing. */
export function losers(candidates: readonly Candidate[]): Candidate[] {
  return [
    ...candidates.filter(isWaiting),
    ...candidates.filter((candidate) => candidate.verdict === 'ruledOut' && !isWaiting(candidate)),
    ...candidates.filter((candidate) => candidate.verdict === 'spare' || candidate.verdict === 'noUse'),
  ];
}

/** Heading if there is nothing to do: the obstacle. */
export function emptyTitle({ findings }: Pick<Plan, 'findings'>): string {
  const says = (code: Finding['code']) => findings.some((finding) => finding.code === code);
  if (says('noCleaningHelps')) return 'No cleaning helps';
  if (says('soakedWithFuel') || says('soakedWithDryingOil') || says('fluorideOnIt')) return 'Out of use';
  if (says('rottenInside')) return 'Throw it away';
  return says('waterTestFirst') ? 'After the water test' : 'No home method';
}
