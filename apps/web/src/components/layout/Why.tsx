import { Box, Popover, Portal } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { useCatalogue } from '../../queries/catalogueQueries';

/** A small door to a reason and its source. */
export function Why({
  label,
  title,
  children,
  sourceIds,
  trigger,
}: {
  label: string;
  title: string;
  children: ReactNode;
  sourceIds: readonly string[];
  trigger: ReactNode;
}) {
  return (
    <Popover.Root lazyMount unmountOnExit>
      <Popover.Trigger asChild aria-label={label}>
        {trigger}
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content>
            <Popover.Body>
              <Popover.Title>{title}</Popover.Title>
              {children}
              <SourceList ids={sourceIds} />
            </Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}

/** Grounds that are no publication one could open. */
const NOT_PUBLISHED: ReadonlySet<string> = new Set(['commonPractice', 'label', 'memory']);

export function SourceList({ ids }: { ids: readonly string[] }) {
  const { data } = useCatalogue();
  const sources = ids.flatMap((id) => data?.sources.filter((source) => source.id === id) ?? []);
  return (
    <Box fontSize="small" color="soft" marginTop="2.5">
      Source:{' '}
      {sources
        .map(
          (source) =>
            source.title +
            (source.consulted || NOT_PUBLISHED.has(source.kind) ? '' : ' (recalled, not opened)'),
        )
        .join('; ') || 'not given'}
      .
    </Box>
  );
}
