import { EMPTY_FACTS, EMPTY_PIECE, MAX_CHARACTERS, TroubleFactsShape } from '@feverfew/contracts';
import type { Draft } from './factsDraft';

/**
 * What an address tells. Apart from what writes one: to check it takes the shapes of all facts, which a first page does
 * without.
 *
 * @returns null where the text is none of ours, was cut, or tells what no plan takes
 */
export function draftFromAddress(text: string | null): Draft | null {
  if (!text) return null;
  try {
    const bytes = Uint8Array.from(atob(text.replaceAll('-', '+').replaceAll('_', '/')), (letter) =>
      letter.charCodeAt(0),
    );
    const { pieceId, facts, said } = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
    const piece = { ...EMPTY_PIECE, ...facts.piece };
    return {
      pieceId: typeof pieceId === 'string' ? pieceId : null,
      ...(typeof said === 'string' ? { said: said.slice(0, MAX_CHARACTERS) } : {}),
      facts: TroubleFactsShape.parse({ ...EMPTY_FACTS, ...facts, piece }),
    };
  } catch {
    return null;
  }
}
