import type { WaterShares } from '../bath/waterShares.js';
import type { Lexicon } from './round/lexicon.js';

/** Part of a kettle, up to each of these shares of it. */
const PARTS = [
  [0.2, 'a small part'],
  [0.29, 'a quarter'],
  [0.42, 'a third'],
  [0.58, 'half'],
  [0.71, 'two thirds'],
  [0.88, 'three quarters'],
  [0.97, 'most'],
  [1.05, 'all'],
] as const;

/**
 * Boiling water as it is poured: litres first, and how much of the kettle that is. "1.1 L just boiled (two thirds of your
 * 1.7 L kettle)"; of more than one, "1.7 L just boiled, then 0.6 L".
 */
export function kettleWords({ kettleL, kettleHoldsL }: WaterShares, say: Lexicon): string {
  const volume = (litres: number) => say.volume(Math.round(litres * 10) * 100);
  if (!kettleHoldsL) return `${volume(kettleL)} just boiled`;
  const part = PARTS.find(([most]) => kettleL / kettleHoldsL <= most)?.[1];
  if (part) return `${volume(kettleL)} just boiled (${part} of your ${volume(kettleHoldsL)} kettle)`;
  const whole = Math.floor(kettleL / kettleHoldsL + 1e-9);
  const rest = kettleL - whole * kettleHoldsL;
  const pours = [...Array.from({ length: whole }, () => kettleHoldsL), ...(rest > 0.05 ? [rest] : [])];
  return `${volume(pours[0] ?? kettleL)} just boiled, then ${pours.slice(1).map(volume).join(', then ')}`;
}

/** Cold, hot tap and kettle in the order of pouring; what is hardly a sip is left out. */
export function sharesWords(shares: WaterShares, say: Lexicon): string {
  const part = (litres: number, from: string) =>
    litres > 0.005 ? [`${say.volume(litres * 1000)} ${from}`] : [];
  return [
    ...part(shares.coldL, 'cold'),
    ...part(shares.hotTapL, 'from the hot tap'),
    ...(shares.kettleL > 0.005 ? [kettleWords(shares, say)] : []),
  ].join(', then ');
}
