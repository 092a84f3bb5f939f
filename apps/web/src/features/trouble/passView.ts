import {
  type Action,
  type Candidate,
  durationWords,
  type Finding,
  findingWords,
  isClaim,
  type Lexicon,
  type Measures,
  type Pass,
  type Plan,
  type RoundPass,
} from '@feverfew/contracts';
import { pourText } from '../../components/measureText';

/** The recipe in bold figures: amounts, water, temperature, dwell. */
export function recipeLine(actions: readonly Action[], say: Lexicon, measures: Measures): string {
  const mix = actions.find((action) => action.kind === 'mix');
  const dwell = actions.find((action) => action.kind === 'dwell')?.dwell;
  const amounts = (mix?.ingredients ?? [])
    .map((ingredient) => pourText(ingredient, measures, say))
    .join(' + ');
  return [amounts, mix ? waterPhrase(mix, say) : '', dwell ? durationWords(dwell.minMin, dwell.maxMin) : '']
    .filter(Boolean)
    .join(', ');
}

function waterPhrase(mix: Action, say: Lexicon): string {
  const warmth = mix.tempC ? (mix.tempC.target <= 25 ? 'cold' : `at ${say.temp(mix.tempC.target)}`) : '';
  if (mix.bath) return `in ${say.volume(mix.bath.waterL * 1000)} ${warmth}, ${mix.vessel?.name}`;
  return mix.waterML ? `with ${say.volume(mix.waterML)} water ${warmth}` : warmth;
}

export const timeLine = (handsOnMin: number, { low, high }: Pass['totalMin']): string =>
  `${handsOnMin} min of yours, ${durationWords(low, high)} in all`;

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
