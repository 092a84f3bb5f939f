import type { ReadingRules } from '@feverfew/knowledge';

/** What is given of a piece besides its kind. */
interface MadeOf {
  readonly makes: readonly string[];
  readonly fibreIds: readonly string[];
}

/** The kind of piece, once its make and fibres are known: lined curtains are another kind than curtains. */
export function kindOf(itemId: string, made: MadeOf, { kindRules }: ReadingRules): string {
  const isOneOf = (list: readonly string[] | undefined, given: readonly string[]) =>
    list?.some((one) => given.includes(one)) ?? false;
  const rule = kindRules.find(
    ({ itemIds, makes, fibreIds }) =>
      itemIds.includes(itemId) && (isOneOf(makes, made.makes) || isOneOf(fibreIds, made.fibreIds)),
  );
  return rule?.isThen ?? itemId;
}
