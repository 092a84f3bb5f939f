import { Box, createListCollection, Dialog, Listbox, Portal } from '@chakra-ui/react';
import { Search } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate } from 'react-router';
import { useLexicon } from '../../app/useLexicon';
import { Button, Input } from '../../components/controls';
import { addressOf } from '../../facts/draftAddress';
import { useCatalogue } from '../../queries/catalogueQueries';
import { usePieces } from '../../queries/pieceQueries';
import { type FoundHits, findEverything, type SearchHit } from './findView';

/** Opens the one dialog from wherever a button for it stands. */
const OPEN = 'feverfew:find';

/** A button for the one field for every word. */
export function FindButton({ compact = false }: { compact?: boolean }) {
  const words = compact ? 'none' : { base: 'none', lg: 'inline' };
  return (
    <Button
      color="soft"
      borderColor={compact ? 'transparent' : 'soft'}
      bg={compact ? 'transparent' : 'card'}
      minWidth="44px"
      paddingInline={compact ? '0' : { base: '0', lg: '12px' }}
      width={compact ? '44px' : '100%'}
      flexShrink={0}
      justifyContent={compact ? 'center' : { base: 'center', lg: 'flex-start' }}
      fontWeight={400}
      aria-label="Find anything"
      onClick={() => window.dispatchEvent(new Event(OPEN))}
    >
      <Search size={compact ? 22 : 18} strokeWidth={1.8} aria-hidden="true" />
      <Box as="span" display={words}>
        Find
      </Box>
      <Box as="kbd" marginInlineStart="auto" display={words}>
        /
      </Box>
    </Button>
  );
}

/** One field for every word: "/" opens it, arrows and Enter choose. */
export function FindDialog() {
  const [open, setOpen] = useState(false);
  useHotkeys(
    'slash, /',
    (event) => {
      event.preventDefault();
      setOpen(true);
    },
    { useKey: true },
  );
  useEffect(() => {
    const show = () => setOpen(true);
    window.addEventListener(OPEN, show);
    return () => window.removeEventListener(OPEN, show);
  }, []);
  return (
    <Dialog.Root open={open} onOpenChange={(details) => setOpen(details.open)} lazyMount unmountOnExit>
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
    onClose();
    void navigate(one.draft ? addressOf(one.draft) : one.to);
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
