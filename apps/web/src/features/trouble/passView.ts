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

const QUIET: readonly Finding['code'][] = ['schoolFollowed', 'notInCupboard'];

/** Remarks worth a line on the pass itself. */
export const passRemarks = (pass: Pick<RoundPass, 'findings'>, say: Lexicon): string[] =>
  pass.findings
    .filter((finding) => !QUIET.includes(finding.code) && !isClaim(finding.code))
    .map((finding) => findingWords(finding, say));

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

/** Heading where there is nothing to do: what stands in the way. */
export function emptyTitle({ findings }: Pick<Plan, 'findings'>): string {
  const says = (code: Finding['code']) => findings.some((finding) => finding.code === code);
  if (says('noCleaningHelps')) return 'No cleaning helps';
  return says('waterTestFirst') ? 'After the water test' : 'No home method';
}
