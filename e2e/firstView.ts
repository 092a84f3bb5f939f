import type { Page } from '@playwright/test';

/** What a person sees before any scrolling. */
export interface FirstView {
  /** Words: tokens with a letter in them, of text that is seen and not covered. */
  readonly words: number;
  /** The slate's lower edge, px; null where there is none. */
  readonly slateEnds: number | null;
  readonly width: number;
}

/** Counts the content of the window: the one counter for every page. */
export const firstView = (page: Page): Promise<FirstView> =>
  page.evaluate(() => {
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    let words = 0;
    while (walker.nextNode()) {
      const node = walker.currentNode;
      const holder = node.parentElement;
      if (!node.textContent?.trim() || !holder) continue;
      const range = document.createRange();
      range.selectNodeContents(node);
      const box = range.getBoundingClientRect();
      // What is only heard is cut to a point.
      const parts = [holder, holder.parentElement, holder.parentElement?.parentElement];
      if (parts.some((part) => part && part.getBoundingClientRect().width <= 1.5)) continue;
      if (box.width < 2 || box.bottom <= 0 || box.top >= innerHeight) continue;
      const x = Math.min(innerWidth - 1, Math.max(0, box.left + box.width / 2));
      const y = Math.min(innerHeight - 1, Math.max(0, box.top + Math.min(box.height / 2, 10)));
      const top = document.elementFromPoint(x, y);
      const isSeen = top !== null && (holder === top || holder.contains(top) || top.contains(holder));
      if (!isSeen) continue;
      // Of a text that runs on below the window, only the words that stand in it.
      for (const word of node.textContent?.matchAll(/\S*\p{L}\S*/gu) ?? []) {
        range.setStart(node, word.index);
        range.setEnd(node, word.index + word[0].length);
        if (range.getBoundingClientRect().top < innerHeight) words += 1;
      }
    }
    const slate = document.querySelector('[data-slate]')?.getBoundingClientRect();
    return { words, slateEnds: slate?.bottom ?? null, width: document.documentElement.scrollWidth };
  });
