import { Box, createListCollection, Dialog, Listbox, Portal } from '@chakra-ui/react';
import { useEffect, useMemo, useRef } from 'react';
import { useNavigate } from 'react-router';
import { useLexicon } from '../../app/useLexicon';
import { Input } from '../../components/controls/controls';
import { addressOf } from '../../facts/draftAddress';
import { useCatalogue } from '../../queries/catalogueQueries';
import { usePieces } from '../../queries/pieceQueries';
import { findEverything, NOTHING_FOUND, type SearchHit } from './findView';

interface FindDialogProps {
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  /** What is typed, also before this was there. */
  readonly query: string;
  readonly onQuery: (query: string) => void;
  /** Enter was pressed before there was an answer to take. */
  readonly entered: boolean;
  readonly onEntered: (entered: boolean) => void;
}

/** One field for every word: arrows and Enter choose. */
export function FindDialog({ open, onOpen, onQuery, onEntered, ...typed }: FindDialogProps) {
  const close = () => {
    onOpen(false);
    onQuery('');
    onEntered(false);
  };
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(details) => (details.open ? onOpen(true) : close())}
      lazyMount
      unmountOnExit
    >
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner alignItems="flex-start" paddingTop="9vh">
          <Dialog.Content width="min(100%, 38.75rem)" aria-label="Find anything">
            <Finder {...typed} onQuery={onQuery} onEntered={onEntered} onClose={close} />
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

const NONE: readonly never[] = [];

interface FinderProps extends Omit<FindDialogProps, 'open' | 'onOpen'> {
  readonly onClose: () => void;
}

function Finder({ query, onQuery, entered, onEntered, onClose }: FinderProps) {
  const catalogue = useCatalogue().data;
  const pieces = usePieces().data ?? NONE;
  const say = useLexicon();
  const navigate = useNavigate();
  const highlighted = useRef<string | null>(null);
  const found = useMemo(
    () => (catalogue ? findEverything(query, catalogue, pieces, say) : NOTHING_FOUND),
    [query, catalogue, pieces, say],
  );
  const shown = useMemo(() => [...found.answers, ...found.nearest], [found]);
  const collection = useMemo(
    () =>
      createListCollection({
        items: shown,
        itemToValue: (one: SearchHit) => one.id,
        itemToString: (one: SearchHit) => one.name,
      }),
    [shown],
  );
  const choose = (id: string | undefined) => {
    const one = shown.find((candidate) => candidate.id === id);
    if (!one) return;
    onClose();
    void navigate(one.draft ? addressOf(one.draft) : one.to);
  };
  // An Enter pressed before the answer was there takes it as soon as it is.
  const awaited = entered ? shown[0]?.id : undefined;
  useEffect(() => {
    if (awaited !== undefined) choose(awaited);
  });
  return (
    <Listbox.Root
      collection={collection}
      onValueChange={({ value }) => choose(value[0])}
      onHighlightChange={({ highlightedValue }) => {
        highlighted.current = highlightedValue;
      }}
    >
      <Listbox.Label>A trouble, a piece, a fibre, a product, a method, a screen</Listbox.Label>
      <Listbox.Input asChild autoHighlight>
        <Input
          value={query}
          autoFocus
          placeholder="red wine sofa"
          aria-label="Find anything"
          onChange={(event) => onQuery(event.currentTarget.value)}
          onKeyDown={(event) => {
            // The list highlights its first row a moment after the words have changed.
            const isBehind = !shown.some((one) => one.id === highlighted.current);
            if (event.key === 'Enter' && isBehind) onEntered(true);
          }}
        />
      </Listbox.Input>
      <Listbox.Content aria-label="Found" maxHeight="56vh">
        {found.nearest.length > 0 && (
          <Box color="soft" fontSize="small" padding="0.25rem 0.625rem" role="status">
            Nothing like that; nearest:
          </Box>
        )}
        {shown.map((one) => (
          <Listbox.Item item={one} key={one.id}>
            <Listbox.ItemText>
              {one.draft ? <strong>{one.name}</strong> : one.name}
              <Box as="span" color="soft" fontSize="small">
                {' '}
                · {one.kind}
              </Box>
            </Listbox.ItemText>
          </Listbox.Item>
        ))}
        {query.trim() !== '' && shown.length === 0 && (
          <Listbox.Empty>Nothing by that word. Try another, or what it looks like.</Listbox.Empty>
        )}
      </Listbox.Content>
    </Listbox.Root>
  );
}
