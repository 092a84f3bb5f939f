import { Box, type BoxProps } from '@chakra-ui/react';
import { useEffect, useRef } from 'react';
import { useLocation } from 'react-router';

interface PageHeadingProps extends BoxProps {
  /** Name of the page in the window; the same as the heading where it is text. */
  readonly title: string;
  /** Heard, not seen: the page shows the same in another way. */
  readonly unseen?: boolean;
  /** A change of it counts as navigation: the focus moves there. */
  readonly at?: string;
}

/** The heading of a page: names the window, and takes the focus after a move, so that a reader goes on there. */
export function PageHeading({ title, unseen = false, at = '', children, ...look }: PageHeadingProps) {
  const heading = useRef<HTMLHeadingElement>(null);
  const { key, pathname } = useLocation();
  useEffect(() => {
    document.title = `${title} — Feverfew`;
  }, [title]);
  const first = useRef(key === 'default');
  // biome-ignore lint/correctness/useExhaustiveDependencies: a move is a change of the address or of its content
  useEffect(() => {
    // The first page a window opens keeps its focus where the browser has it.
    if (!first.current) heading.current?.focus({ preventScroll: at === '' });
    first.current = false;
  }, [pathname, at]);
  return (
    <Box as="h1" ref={heading} tabIndex={-1} srOnly={unseen} fontSize="display.small" {...look}>
      {children ?? title}
    </Box>
  );
}
