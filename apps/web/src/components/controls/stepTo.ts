import type { KeyboardEvent } from 'react';

/** How far apart two tops are that are still one row, px. */
const SAME_ROW_PX = 24;

/**
 * Arrow keys on the shelves: left and right to the next thing, up and down to the nearest of the next row.
 */
export function stepTo(event: KeyboardEvent, place: HTMLElement | null): void {
  const from = document.activeElement;
  if (!place || !(from instanceof HTMLElement) || !from.matches('[data-on-shelf]')) return;
  const things = [...place.querySelectorAll<HTMLElement>('[data-on-shelf]')];
  const at = things.indexOf(from);
  const target =
    event.key === 'ArrowRight'
      ? things[at + 1]
      : event.key === 'ArrowLeft'
        ? things[at - 1]
        : event.key === 'ArrowDown' || event.key === 'ArrowUp'
          ? nearestRow(from, things, event.key === 'ArrowDown' ? 1 : -1)
          : undefined;
  if (!target) return;
  event.preventDefault();
  target.focus();
}

function nearestRow(from: HTMLElement, things: readonly HTMLElement[], way: 1 | -1): HTMLElement | undefined {
  const here = from.getBoundingClientRect();
  const byNearness = things
    .map((thing) => ({ thing, box: thing.getBoundingClientRect() }))
    .filter(({ box }) => (box.top - here.top) * way > SAME_ROW_PX)
    .map(({ thing, box }) => ({
      thing,
      far: Math.abs(box.top - here.top) * 10 + Math.abs(box.left - here.left),
    }))
    .sort((a, b) => a.far - b.far);
  return byNearness[0]?.thing;
}
