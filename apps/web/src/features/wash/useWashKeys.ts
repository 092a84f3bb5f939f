import type { WashView } from '@feverfew/contracts';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Arranging } from './useArranging';

const DIGITS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'];

/**
 * Keys of the wash: ↑↓ go through the pieces, Space or Enter lifts the current one (a button of its own), a digit puts
 * it into that drum, 0 into a drum of its own, Backspace out of this wash, Esc puts it back.
 */
export function useWashKeys(wash: WashView, { lifted, lift, put }: Arranging): void {
  useHotkeys(
    'up, down',
    (event) => {
      const rows = [...document.querySelectorAll<HTMLElement>('[data-piece]')];
      const at = rows.indexOf(document.activeElement as HTMLElement);
      const next = rows[event.key === 'ArrowDown' ? at + 1 : Math.max(0, at - 1)];
      if (!next) return;
      event.preventDefault();
      next.focus();
    },
    { enabled: wash.pieces.length > 0 },
  );
  useHotkeys(
    [...DIGITS, '0', 'backspace'],
    (event) => {
      if (!lifted) return;
      event.preventDefault();
      if (event.key === '0') put(lifted.id, 'own');
      else if (event.key === 'Backspace') put(lifted.id, 'heap');
      else {
        const to = Number(event.key) - 1;
        if (wash.answers[lifted.id]?.[to]?.may) put(lifted.id, to);
      }
    },
    { useKey: true, enabled: lifted !== null },
  );
  useHotkeys('escape', () => lift(null), { enabled: lifted !== null });
}
