import type { HeapPiece, LoadView, WashView } from '@feverfew/contracts';
import {
  type Lexicon,
  lengthWords,
  loadAnswerWords,
  noDrumWords,
  type PieceNames,
} from '@feverfew/contracts';
import { decimal, moneyText } from '../../components/text/numbers';

/** "bath towels, 4"; one alone has no number. */
export const pieceTitle = ({ name, count }: Pick<HeapPiece, 'name' | 'count'>): string =>
  count === 1 ? name : `${name}, ${count}`;

export const kilos = (massG: number): string => decimal(massG / 1000);

/** Capital at the head of a sentence. */

const NUMBER_WORDS = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine', 'Ten'];

/** "Three drums", "One drum". */
export const drumsTitle = (count: number): string =>
  `${NUMBER_WORDS[count] ?? count} ${count === 1 ? 'drum' : 'drums'}`;

/** How good the sorting is, in the words of the head. */
export function provenText({ loads, proven, atMostFewer, arranged, settings }: WashView): string {
  if (loads.length === 0) return '';
  if (arranged) return 'as you arranged them';
  if (settings.best > 0) return proven ? 'the best for this wish: proven' : 'the best that was found';
  return atMostFewer > 0
    ? `at most ${atMostFewer} fewer ${atMostFewer === 1 ? 'is' : 'are'} possible`
    : 'the fewest possible: proven';
}

/** All loads together: time one after another, energy, water, and money if prices are entered. */
export function sumText(loads: readonly LoadView[], money: string): string {
  const sum = (of: (load: LoadView) => number) => loads.reduce((all, load) => all + of(load), 0);
  const costs = loads.map(({ cost }) => cost);
  const known = costs.filter((cost): cost is number => cost !== null);
  const cost =
    known.length === 0
      ? []
      : [
          moneyText(
            known.reduce((all, one) => all + one, 0),
            money,
          ),
        ];
  return [
    lengthWords(sum(({ minutes }) => minutes)),
    `${decimal(sum(({ kWh }) => kWh))} kWh`,
    `${Math.round(sum(({ waterL }) => waterL))} L`,
    ...cost,
  ].join(', ');
}

/** The arrangement with a piece in another load, in a drum of its own, or out of this wash. */
export function moved(
  { loads, settings }: Pick<WashView, 'loads' | 'settings'>,
  pieceId: string,
  to: number | 'own' | 'heap',
): { arrangement: string[][]; leftOut: string[] } {
  const without = loads.map(({ pieceIds }) => pieceIds.filter((id) => id !== pieceId));
  const leftOut = settings.leftOut.filter((id) => id !== pieceId);
  const kept = without.map((ids, index) => (index === to ? [...ids, pieceId] : ids));
  return {
    arrangement: [...kept, ...(to === 'own' ? [[pieceId]] : [])].filter((ids) => ids.length > 0),
    leftOut: to === 'heap' ? [...leftOut, pieceId] : leftOut,
  };
}

/** Minutes of a hand before any drum: marks that come first. */
export const handMinutes = (first: WashView['byHandFirst']): number =>
  first.reduce((sum, { handsOnMin }) => sum + (handsOnMin ?? 0), 0);

/** Number of the load a piece is in; null = it stays out. */
export function shownLoadOf(loads: readonly LoadView[], pieceId: string): number | null {
  const at = loads.findIndex(({ pieceIds }) => pieceIds.includes(pieceId));
  return at < 0 ? null : at;
}

/** What every drum says to the lifted piece, as it is read out. */
export const answersAloud = (wash: WashView, lifted: HeapPiece, name: PieceNames, say: Lexicon): string =>
  [
    `Lifted ${lifted.name}.`,
    ...(wash.answers[lifted.id] ?? []).map((answer, index) => {
      const drum = `Drum ${index + 1}`;
      if (shownLoadOf(wash.loads, lifted.id) === index) return `${drum}: is here.`;
      return answer.may
        ? `${drum}: may join. ${loadAnswerWords(answer, say)}`
        : `${drum}: may not. ${noDrumWords(answer.why, name, say)}`;
    }),
  ].join(' ');
