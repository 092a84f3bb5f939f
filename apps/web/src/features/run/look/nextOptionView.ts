import { type Cost, durationWords, type NextOption } from '@feverfew/contracts';
import { moneyText } from '../../../components/text/numbers';

/** "€0.42", "at least €0.42"; empty when nothing has a price. */
export function costText(cost: Cost | null, money: string): string {
  if (!cost || cost.isUnknown) return '';
  const sum = moneyText(cost.amount, money);
  return cost.isAtLeast ? `at least ${sum}` : sum;
}

/** Cost, time and odds of a way on, in one line; empty where nothing more is done. */
export function wayLine(way: NextOption, money: string): string {
  const time =
    way.totalMin.high > 0
      ? `${Math.round(way.handsOnMin)} min hands on, ${durationWords(way.totalMin.low, way.totalMin.high)} in all`
      : '';
  const left = way.leftPct
    ? `then ${Math.round(way.leftPct.low)}–${Math.round(way.leftPct.high)} % left`
    : '';
  const odds =
    way.oddsGone === null ? '' : `odds of a trace or less ${Math.round(way.oddsGone * 100)} in 100`;
  const rounds =
    way.way === 'repeat' && way.roundsLeft !== null
      ? `${way.roundsLeft} more ${way.roundsLeft === 1 ? 'round' : 'rounds'} the piece bears`
      : '';
  return [time, costText(way.cost, money), left, odds, rounds].filter((part) => part !== '').join(' · ');
}
