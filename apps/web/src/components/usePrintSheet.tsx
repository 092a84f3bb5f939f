import { Box } from '@chakra-ui/react';
import { type ReactNode, useState } from 'react';
import { createPortal, flushSync } from 'react-dom';

/**
 * Puts a sheet of its own on paper instead of the page: `print` shows it to the printer alone, `sheet` goes into
 * the tree.
 */
export function usePrintSheet(): { print: (content: ReactNode) => void; sheet: ReactNode } {
  const [content, setContent] = useState<ReactNode>(null);
  const print = (next: ReactNode) => {
    flushSync(() => setContent(next));
    document.body.dataset.printing = 'sheet';
    window.print();
    delete document.body.dataset.printing;
    setContent(null);
  };
  return { print, sheet: content && createPortal(<Box data-print="only">{content}</Box>, document.body) };
}
