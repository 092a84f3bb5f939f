import type { Agent, Dose } from '@feverfew/knowledge';

/** Upper end of a dose per litre: cut where this product is what moves the pH, whole where it is not. */
export function maxDose(
  { low, high }: Extract<Dose, { per: 'litre' }>['amount'],
  { compositionSetsPH }: Pick<Agent, 'compositionSetsPH'>,
  doseMost: number,
): number {
  return compositionSetsPH ? low + (high - low) * doseMost : high;
}
