import { Box, chakra, Flex } from '@chakra-ui/react';
import { ChevronDown } from 'lucide-react';
import { type ReactNode, useEffect, useState } from 'react';

const Head = chakra('button', {
  base: {
    display: 'flex',
    alignItems: 'center',
    gap: '2',
    width: '100%',
    minHeight: '3rem',
    paddingBlock: '1',
    textAlign: 'start',
    fontSize: 'body',
    '& svg': { transition: 'transform 160ms', flexShrink: 0, color: 'leaf' },
    '&[aria-expanded=true] svg': { transform: 'rotate(180deg)' },
  },
});

interface FoldProps {
  readonly title: string;
  /** What is in it, in a few words. */
  readonly summary?: string;
  /** A second line: what it is for. */
  readonly purpose?: string;
  /** Opens by itself, for what asks to be seen. */
  readonly wanted?: boolean;
  /** Printed in full, folded or not. */
  readonly printed?: boolean;
  readonly children: ReactNode;
}

/** Something one may ask for: its name and what is in it, the rest in place. */
export function Fold({ title, summary, purpose, wanted = false, printed = false, children }: FoldProps) {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    if (wanted) setOpen(true);
  }, [wanted]);
  return (
    <Box as="section" aria-label={title} borderTop="1px solid" borderColor="line">
      <Head type="button" aria-expanded={open} onClick={() => setOpen(!open)}>
        <Flex as="span" flex="1" minWidth="0" columnGap="2" wrap={purpose ? 'wrap' : 'nowrap'}>
          <Box as="span" color="leaf" fontWeight={650} flexShrink={summary === undefined ? 1 : 0}>
            {title}
          </Box>
          <Box
            as="span"
            color={purpose ? 'ink' : 'soft'}
            flex="1"
            minWidth="0"
            overflow="hidden"
            textOverflow="ellipsis"
            whiteSpace="nowrap"
          >
            {summary}
          </Box>
          {purpose && (
            <Box as="span" color="soft" fontSize="note" flexBasis="100%">
              {purpose}
            </Box>
          )}
        </Flex>
        <ChevronDown size={20} strokeWidth={1.8} aria-hidden="true" />
      </Head>
      {(open || printed) && (
        <Box paddingBottom="3.5" css={open ? {} : { '@media screen': { display: 'none' } }}>
          {children}
        </Box>
      )}
    </Box>
  );
}
