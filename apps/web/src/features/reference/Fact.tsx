import { Box, chakra, Flex } from '@chakra-ui/react';
import type { Catalogue } from '@feverfew/contracts';
import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../../components/controls/controls';
import { Terms } from '../../components/text/Terms';
import { useCatalogue } from '../../queries/catalogueQueries';
import { sourcesText } from './sourcesText';

/** On the box of a sheet: where its facts come from is shown on screen, or only in print. */
export const SOURCES_SHOWN = 'data-sources';

/** Where a fact comes from, in as few words as it takes; the whole title on hover. */
export function Sources({ ids }: { ids: readonly string[] }) {
  const { data } = useCatalogue();
  const sources = sourcesOf(ids, data);
  return (
    <Box
      as="span"
      fontSize="caption"
      color="soft"
      fontStyle="italic"
      css={{ [`[${SOURCES_SHOWN}=off] &`]: { '@media screen': { display: 'none' } } }}
      title={sources.map((source) => source.title).join('; ')}
    >
      {sources.map(sourcesText).join('; ')}
    </Box>
  );
}

const sourcesOf = (ids: readonly string[], catalogue: Catalogue | undefined) =>
  [...new Set(ids)].flatMap((id) => catalogue?.sources.filter((source) => source.id === id) ?? []);

/** One fact with its source. */
export function Fact({
  term,
  sourceIds,
  children,
}: {
  term: string;
  sourceIds: readonly string[];
  children: ReactNode;
}) {
  return (
    <Flex gap="2px 0.875rem" paddingBlock="1.5" borderBottom="1px solid" borderColor="line" wrap="wrap">
      <Box flex="0 0 9.375rem" color="soft">
        {term}
      </Box>
      <Box flex="1 1 15rem">
        <Terms>{children}</Terms> <Sources ids={sourceIds} />
      </Box>
    </Flex>
  );
}

const Plain = chakra(Link, {
  base: { textDecoration: 'underline', textUnderlineOffset: '3px', paddingBlock: { base: '3', md: '0' } },
});

/** A name that leads to its own sheet. */
export function See({ family, id, children }: { family: string; id: string; children: ReactNode }) {
  return <Plain to={`/reference/${family}/${id}`}>{children}</Plain>;
}

/** Names one after the other, each leading to its sheet. */
export function SeeAll({
  family,
  ids,
  nameOf,
  none = 'none',
  most = ids.length,
}: {
  family: string;
  ids: readonly string[];
  nameOf: (id: string) => string;
  none?: string;
  /** So many at first; the others on tap. */
  most?: number;
}) {
  const [isWhole, setWhole] = useState(false);
  if (ids.length === 0) return <>{none}</>;
  // One name more takes no more room than the button would.
  const isCut = !isWhole && ids.length > most + 1;
  return (
    <>
      {(isCut ? ids.slice(0, most) : ids).map((id, index) => (
        <span key={id}>
          {index > 0 && ', '}
          <See family={family} id={id}>
            {nameOf(id)}
          </See>
        </span>
      ))}
      {isCut && (
        <Button variant="plain" size="small" padding="0 0.375rem" onClick={() => setWhole(true)}>
          and {ids.length - most} more
        </Button>
      )}
    </>
  );
}
