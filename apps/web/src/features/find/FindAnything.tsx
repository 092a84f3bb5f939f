import { Box, createListCollection, Dialog, Listbox, Portal } from '@chakra-ui/react';
import { Search } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate } from 'react-router';
import { useLexicon } from '../../app/useLexicon';
import { Button, Input } from '../../components/controls';
import { keepDraft } from '../../facts/factsDraft';
import { useCatalogue } from '../../queries/catalogueQueries';
import { usePieces } from '../../queries/pieceQueries';
import { type FoundHits, findEverything, type SearchHit } from './findView';

/** One field for every word: "/" opens it, arrows and Enter choose. */
export function FindAnything() {
  const [open, setOpen] = useState(false);
  useHotkeys(
    'slash, /',
    (event) => {
      event.preventDefault();
      setOpen(true);
    },
    { useKey: true },
  );
  return (
    <Dialog.Root open={open} onOpenChange={(details) => setOpen(details.open)} lazyMount unmountOnExit>
      <Dialog.Trigger asChild>
        <Button
          size="small"
          color="soft"
          borderColor="line"
          minWidth={{ base: '44px', md: '200px' }}
          minHeight={{ base: '44px', md: '32px' }}
          flexShrink={0}
          justifyContent={{ md: 'flex-start' }}
          fontWeight={400}
          aria-label="Find anything"
        >
          <Search size={18} strokeWidth={1.8} aria-hidden="true" />
          <Box as="span" display={{ base: 'none', md: 'inline' }}>
            Find anything
          </Box>
          <Box as="kbd" marginInlineStart="auto" display={{ base: 'none', md: 'inline' }}>
            /
          </Box>
        </Button>
      </Dialog.Trigger>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner alignItems="flex-start" paddingTop="9vh">
          <Dialog.Content width="min(100%, 620px)" aria-label="Find anything">
            <Finder onClose={() => setOpen(false)} />
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

const NONE: readonly never[] = [];
const NOTHING: FoundHits = { answers: [], nearest: [] };

function Finder({ onClose }: { onClose: () => void }) {
  const [query, setQuery] = useState('');
  const catalogue = useCatalogue().data;
  const pieces = usePieces().data ?? NONE;
  const say = useLexicon();
  const navigate = useNavigate();
  const found = useMemo(
    () => (catalogue ? findEverything(query, catalogue, pieces, say) : NOTHING),
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
    if (one.draft) keepDraft(one.draft);
    onClose();
    void navigate(one.to);
  };
  return (
    <Listbox.Root collection={collection} onValueChange={({ value }) => choose(value[0])}>
      <Listbox.Label>A trouble, a piece, a fibre, a product, a method, a screen</Listbox.Label>
      <Listbox.Input asChild autoHighlight>
        <Input
          value={query}
          autoFocus
          placeholder="red wine sofa"
          aria-label="Find anything"
          onChange={(event) => setQuery(event.currentTarget.value)}
        />
      </Listbox.Input>
      <Listbox.Content aria-label="Found" maxHeight="56vh">
        {found.nearest.length > 0 && (
          <Box color="soft" fontSize="14px" padding="4px 10px" role="status">
            Nothing like that; nearest:
          </Box>
        )}
        {shown.map((one) => (
          <Listbox.Item item={one} key={one.id}>
            <Listbox.ItemText>
              {one.draft ? <strong>{one.name}</strong> : one.name}
              <Box as="span" color="soft" fontSize="14px">
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
