import { type Finding, finding } from '../finding/finding.js';
import type { PlanContext } from './case/planContext.js';
import { HURRY_MIN } from './course/inTime.js';
import type { LaidOut } from './rounds/layOut.js';

type FirstRound = LaidOut['rounds'][number] | undefined;

/** What a deadline changes: what is not ready by then, and what is washed only later. */
export const timeFindings = (context: PlanContext, round: FirstRound): Finding[] => [
  ...hurryFindings(context, round),
  ...washLaterFindings(context, round),
  ...lateFindings(context, round),
];

/** What is to be ready within the hour or so: when to stop, and what then. */
function hurryFindings({ choices: { readyInMin }, item }: PlanContext, round: FirstRound): Finding[] {
  const isHurried = readyInMin !== null && readyInMin <= HURRY_MIN;
  return isHurried && !item.surfaceOnly && round ? [finding('stopInTime', {})] : [];
}

/** What is mostly washed is only treated where it is, for want of time. */
function washLaterFindings({ choices, rinsable, envelope }: PlanContext, round: FirstRound): Finding[] {
  const washes = round?.passes.some(({ phase }) => phase === 'wash' || phase === 'bath') ?? true;
  const wets = round?.drying != null;
  return choices.readyInMin !== null && rinsable && envelope.wetting.most === 'immersion' && wets && !washes
    ? [finding('washLater', {})]
    : [];
}

/** What cannot be foretold to the minute is still in time, min. */
const FREE_MIN = 15;

/** Hands, work, wash and the middle of drying against the time there is. */
function lateFindings({ choices: { readyInMin }, item }: PlanContext, round: FirstRound): Finding[] {
  if (readyInMin === null || !round) return [];
  const likelyMin = round.totalMin.likely + (round.drying?.minutes.likely ?? 0);
  if (likelyMin <= readyInMin + FREE_MIN) return [];
  return [finding('notInTime', { readyInMin, likelyMin: Math.round(likelyMin), inPlace: item.surfaceOnly })];
}
