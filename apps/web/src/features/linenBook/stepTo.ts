import type { KeyboardEvent } from 'react';

/** How far apart two tops are that are still one row, px. */
const SAME_ROW_PX = 24;

/**
 * Arrow keys among the pieces on the shelves: left and right to the next, up and down to the nearest of the row above
 * or below.
 */
export function stepTo(event: KeyboardEvent, place: HTMLElement | null): void {
  const from = document.activeElement;
  if (!place || !(from instanceof HTMLElement) || !from.matches('[data-piece]')) return;
  const pieces = [...place.querySelectorAll<HTMLElement>('[data-piece]')];
  const at = pieces.indexOf(from);
  const target =
    event.key === 'ArrowRight'
      ? pieces[at + 1]
      : event.key === 'ArrowLeft'
        ? pieces[at - 1]
        : event.key === 'ArrowDown' || event.key === 'ArrowUp'
          ? nearestRow(from, pieces, event.key === 'ArrowDown' ? 1 : -1)
          : undefined;
  if (!target) return;
  event.preventDefault();
  target.focus();
}

function nearestRow(from: HTMLElement, pieces: readonly HTMLElement[], way: 1 | -1): HTMLElement | undefined {
  const here = from.getBoundingClientRect();
  const byNearness = pieces
    .map((piece) => ({ piece, box: piece.getBoundingClientRect() }))
    .filter(({ box }) => (box.top - here.top) * way > SAME_ROW_PX)
    .map(({ piece, box }) => ({
      piece,
      far: Math.abs(box.top - here.top) * 10 + Math.abs(box.left - here.left),
    }))
    .sort((a, b) => a.far - b.far);
  return byNearness[0]?.piece;
}
