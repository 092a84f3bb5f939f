import { Box } from '@chakra-ui/react';
import { type ReactNode, useState } from 'react';
import { createPortal, flushSync } from 'react-dom';

/** Paper a sheet is laid out for. */
export type Paper = 'A4' | 'A5' | 'A6';

/**
 * Puts a sheet of its own on paper instead of the page: `print` shows it to the printer alone, `sheet` goes into
 * the tree.
 */
export function usePrintSheet(): { print: (content: ReactNode, paper?: Paper) => void; sheet: ReactNode } {
  const [content, setContent] = useState<ReactNode>(null);
  const print = (next: ReactNode, paper: Paper = 'A4') => {
    const onPaper = (
      <>
        <style>{`@page { size: ${paper}; margin: ${paper === 'A6' ? 6 : 9}mm; }`}</style>
        {next}
      </>
    );
    flushSync(() => setContent(onPaper));
    document.body.dataset.printing = 'sheet';
    window.print();
    delete document.body.dataset.printing;
    setContent(null);
  };
  return { print, sheet: content && createPortal(<Box data-print="only">{content}</Box>, document.body) };
}
