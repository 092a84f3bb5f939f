import type { Lexicon, PieceFacts } from '@feverfew/contracts';

type Part = PieceFacts['parts'][number];

/** "wool 87 % + polyamide 13 %". */
export const fibresText = (part: Part, say: Lexicon): string =>
  part.fibres
    .map((share) =>
      share.sharePct === 100 ? say.name(share.fibreId) : `${say.name(share.fibreId)} ${share.sharePct} %`,
    )
    .join(' + ') || 'fibres unknown';

/** The fibres of all parts; parts set apart by a semicolon. */
export const blendText = (piece: Pick<PieceFacts, 'parts'>, say: Lexicon): string =>
  piece.parts
    .map((part) => (piece.parts.length > 1 ? `${part.name} ${fibresText(part, say)}` : fibresText(part, say)))
    .join('; ');
