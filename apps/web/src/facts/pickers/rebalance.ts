import type { PieceFacts } from '@feverfew/contracts';

type Fibres = PieceFacts['parts'][number]['fibres'];

/** One share moved by a slider: the others give or take in proportion, whole percents, always 100 together. */
export function rebalance(fibres: Fibres, index: number, sharePct: number): Fibres {
  const own = Math.min(100 - (fibres.length - 1), Math.max(1, Math.round(sharePct)));
  if (fibres.length === 1) return fibres.map((share) => ({ ...share, sharePct: 100 }));
  const others = fibres.filter((_, place) => place !== index);
  const total = others.reduce((sum, share) => sum + share.sharePct, 0);
  let left = 100 - own;
  const shares = others.map((share, place) => {
    const after = others.length - place - 1;
    const wanted =
      total > 0
        ? Math.round(((100 - own) * share.sharePct) / total)
        : Math.round((100 - own) / others.length);
    const given = after === 0 ? left : Math.min(left - after, Math.max(1, wanted));
    left -= given;
    return { ...share, sharePct: given };
  });
  return fibres.map((share, place) =>
    place === index ? { ...share, sharePct: own } : (shares[place < index ? place : place - 1] ?? share),
  );
}
