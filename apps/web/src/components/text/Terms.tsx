import { Box, Popover, Portal } from '@chakra-ui/react';
import type { Catalogue } from '@feverfew/contracts';
import { Fragment, type ReactNode } from 'react';
import { useCatalogue } from '../../queries/catalogueQueries';
import { SourceList } from '../layout/Why';
import { splitAtTerms } from './splitAtTerms';

type Term = Catalogue['words'][number];

/** A text that explains each word of the trade on tap, at its first use. */
export function Terms({ children }: { children: ReactNode }) {
  const words = useCatalogue().data?.words;
  if (typeof children !== 'string' || !words) return <>{children}</>;
  return (
    <>
      {splitAtTerms(children, words).map(({ text, term }, place) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the pieces of one text, in its order
        <Fragment key={place}>{term ? <Explained term={term}>{text}</Explained> : text}</Fragment>
      ))}
    </>
  );
}

/** Large enough for a thumb, without moving the lines above and below. */
function Explained({ term, children }: { term: Term; children: string }) {
  return (
    <Popover.Root lazyMount unmountOnExit>
      <Popover.Trigger asChild>
        <Box
          as="button"
          display="inline-block"
          paddingBlock="3.5"
          marginBlock="-0.875rem"
          paddingInline="0.3125rem"
          marginInline="-0.3125rem"
          minWidth={{ base: '2.75rem', md: '1.5rem' }}
          lineHeight="inherit"
          textAlign="start"
          textDecoration="underline dotted"
          textUnderlineOffset="4px"
          data-term={term.id}
        >
          {children}
        </Box>
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content>
            <Popover.Body>
              <Popover.Title>{term.name}</Popover.Title>
              {term.line}
              <SourceList ids={term.sourceIds} />
            </Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}
