import type { Chemistry, ForbiddenPair } from '@feverfew/knowledge';

/** What happens where two products meet in one vessel. */
export interface Meeting {
  /** Gas or heat that hurts people; other harm; or both only use each other up. */
  readonly kind: 'hurts' | 'apart' | 'cancel';
  /** As the knowledge puts it: "gives off chlorine gas"; null where an acid and an alkali only cancel out. */
  readonly happens: string | null;
}

interface Pair extends Pick<ForbiddenPair, 'a' | 'b' | 'happens'> {
  readonly fumes: boolean;
}

const ACIDS: readonly Chemistry[] = ['weakAcid', 'oxalicAcid'];
const ALKALIS: readonly Chemistry[] = ['mildAlkali', 'strongAlkali'];

/**
 * What happens where two products meet in one vessel; the worst of all their pairs.
 * @param one chemistries of one product
 * @param other chemistries of the other
 * @param pairs those of the knowledge that must keep apart
 * @returns null where they may meet
 * @example meetingOf(['weakAcid'], ['mildAlkali'], [])?.kind // 'cancel'
 */
export function meetingOf(
  one: readonly Chemistry[],
  other: readonly Chemistry[],
  pairs: readonly Pair[],
): Meeting | null {
  const among = (list: readonly Chemistry[], wanted: readonly Chemistry[]) =>
    list.some((chemistry) => wanted.includes(chemistry));
  const met = pairs.filter(
    ({ a, b }) => (one.includes(a) && other.includes(b)) || (one.includes(b) && other.includes(a)),
  );
  const worst = met.find(({ fumes }) => fumes) ?? met[0];
  if (worst) return { kind: worst.fumes ? 'hurts' : 'apart', happens: worst.happens };
  return (among(one, ACIDS) && among(other, ALKALIS)) || (among(one, ALKALIS) && among(other, ACIDS))
    ? { kind: 'cancel', happens: null }
    : null;
}
