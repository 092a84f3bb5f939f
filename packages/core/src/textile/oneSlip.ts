/** True where one letter more, less, other, or two that changed places, make one word of the other. */
export function isOneSlip(word: string, other: string): boolean {
  const [short, long] = word.length <= other.length ? [word, other] : [other, word];
  if (long.length - short.length > 1 || short === long) return false;
  let at = 0;
  while (at < short.length && short[at] === long[at]) at += 1;
  if (short.length < long.length) return short.slice(at) === long.slice(at + 1);
  const after = short.slice(at + 1) === long.slice(at + 1);
  const swapped =
    short[at] === long[at + 1] && short[at + 1] === long[at] && short.slice(at + 2) === long.slice(at + 2);
  return after || swapped;
}
