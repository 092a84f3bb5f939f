import type { Lexicon, PieceFacts } from '@feverfew/contracts';

/** "wool 87 % + polyamide 13 %"; parts set apart by a semicolon. */
export function blendText(piece: Pick<PieceFacts, 'parts'>, say: Lexicon): string {
  return piece.parts
    .map((part) => {
      const fibres =
        part.fibres
          .map((share) =>
            share.sharePct === 100
              ? say.name(share.fibreId)
              : `${say.name(share.fibreId)} ${share.sharePct} %`,
          )
          .join(' + ') || 'fibres unknown';
      return piece.parts.length > 1 ? `${part.name} ${fibres}` : fibres;
    })
    .join('; ');
}
