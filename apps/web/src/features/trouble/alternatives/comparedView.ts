import { type ComparedPosition, durationWords, effectRange } from '@feverfew/contracts';
import { costText } from '../../run/look/nextOptionView';

/** One thing two ways are held against each other by. */
export interface ComparedRow {
  readonly id: 'gone' | 'odds' | 'time' | 'cost' | 'risk';
  readonly title: string;
  /** What the left and the right end of its line mean. */
  readonly ends: readonly [string, string];
  readonly a: ComparedSide;
  readonly b: ComparedSide;
  readonly better: 'a' | 'b' | null;
  /** What the better side is: "more". */
  readonly word: string;
}

export interface ComparedSide {
  readonly text: string;
  readonly below: string;
  /** Where it lies on the line, 0–1; null where it has none. */
  readonly span: { readonly from: number; readonly to: number } | null;
}

/** What makes no difference to a person: five points of share, one mark of ten, a sixth of the time or money. */
const SAME_SHARE = 0.05;
const SAME_PART = 1 / 6;
const RISKS = ['low', 'fair', 'high'] as const;
const NO_WAY = '—';

/** The rows of two ways, those that differ and those that do not. */
export function comparedRows(
  a: ComparedPosition,
  b: ComparedPosition,
  money: string,
): { readonly rows: readonly ComparedRow[]; readonly same: readonly string[] } {
  const all = [goneRow(a, b), oddsRow(a, b), timeRow(a, b), ...costRow(a, b, money), riskRow(a, b)];
  const isSame = (row: ComparedRow) => row.a.text === row.b.text && row.a.below === row.b.below;
  return {
    rows: all.filter((row) => !isSame(row)),
    same: all.filter(isSame).map(({ title, a: { text } }) => `${title.toLowerCase()}: ${text}`),
  };
}

function goneRow(a: ComparedPosition, b: ComparedPosition): ComparedRow {
  const side = ({ gone }: ComparedPosition): ComparedSide => ({
    text: gone ? effectRange(gone) : NO_WAY,
    below: 'after all of it',
    span: gone && { from: gone.low, to: gone.high },
  });
  const by = middle(a.gone) - middle(b.gone);
  return {
    id: 'gone',
    title: 'How much goes',
    ends: ['all there', 'gone'],
    a: side(a),
    b: side(b),
    better: Math.abs(by) < SAME_SHARE ? null : by > 0 ? 'a' : 'b',
    word: 'more',
  };
}

function oddsRow(a: ComparedPosition, b: ComparedPosition): ComparedRow {
  const of = ({ oddsGone }: ComparedPosition) => Math.round((oddsGone ?? 0) * 10);
  const side = (one: ComparedPosition): ComparedSide => ({
    text: one.oddsGone === null ? NO_WAY : `${of(one)} of 10`,
    below: 'gone but for a trace',
    span: { from: 0, to: of(one) / 10 },
  });
  return {
    id: 'odds',
    title: 'Of ten such marks',
    ends: ['none', 'all'],
    a: side(a),
    b: side(b),
    better: of(a) === of(b) ? null : of(a) > of(b) ? 'a' : 'b',
    word: 'surer',
  };
}

function timeRow(a: ComparedPosition, b: ComparedPosition): ComparedRow {
  const end = Math.max(a.totalMin.high, b.totalMin.high, 1);
  const side = ({ totalMin, handsOnMin }: ComparedPosition): ComparedSide => ({
    text: durationWords(totalMin.low, totalMin.high),
    below: `${Math.round(handsOnMin)} min yours`,
    span: { from: totalMin.low / end, to: totalMin.high / end },
  });
  return {
    id: 'time',
    title: 'From now to dry',
    ends: ['now', durationWords(end, end)],
    a: side(a),
    b: side(b),
    better: less(middle(a.totalMin), middle(b.totalMin)),
    word: 'sooner',
  };
}

function costRow(a: ComparedPosition, b: ComparedPosition, money: string): ComparedRow[] {
  if (a.cost.isUnknown || b.cost.isUnknown) return [];
  const end = Math.max(a.cost.amount, b.cost.amount, 0.01);
  const side = ({ cost }: ComparedPosition): ComparedSide => ({
    text: costText(cost, money),
    below: '',
    span: { from: 0, to: cost.amount / end },
  });
  return [
    {
      id: 'cost',
      title: 'Cost',
      ends: ['nothing', costText({ amount: end, isAtLeast: false, isUnknown: false }, money)],
      a: side(a),
      b: side(b),
      better: less(a.cost.amount, b.cost.amount),
      word: 'cheaper',
    },
  ];
}

function riskRow(a: ComparedPosition, b: ComparedPosition): ComparedRow {
  const at = ({ worstRisk }: ComparedPosition) => (worstRisk ? RISKS.indexOf(worstRisk) + 1 : 0);
  const side = (one: ComparedPosition): ComparedSide => ({
    text: one.worstRisk ?? NO_WAY,
    below: '',
    span: { from: 0, to: at(one) / RISKS.length },
  });
  return {
    id: 'risk',
    title: 'Risk to the piece',
    ends: ['none', 'high'],
    a: side(a),
    b: side(b),
    better: at(a) === at(b) || at(a) * at(b) === 0 ? null : at(a) < at(b) ? 'a' : 'b',
    word: 'safer',
  };
}

const middle = (range: { readonly low: number; readonly high: number } | null): number =>
  range ? (range.low + range.high) / 2 : 0;

/** The side with less of it, unless they are about alike. */
const less = (a: number, b: number): 'a' | 'b' | null =>
  Math.abs(a - b) <= SAME_PART * Math.max(a, b) ? null : a < b ? 'a' : 'b';
