import { Box } from '@chakra-ui/react';
import { Search } from 'lucide-react';
import { lazy, Suspense, useEffect, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useOnDemand } from '../../app/shell/useOnDemand';
import { Button, Input } from '../../components/controls/controls';

/** Opens the one dialog from any of its buttons. */
const OPEN = 'feverfew:find';

/** A button for the one field for every word. */
export function FindButton({ compact = false }: { compact?: boolean }) {
  const words = compact ? 'none' : { base: 'none', lg: 'inline' };
  return (
    <Button
      color="soft"
      borderColor={compact ? 'transparent' : 'soft'}
      bg={compact ? 'transparent' : 'card'}
      minWidth="2.75rem"
      paddingInline={compact ? '0' : { base: '0', lg: '3' }}
      width={compact ? '2.75rem' : '100%'}
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

const load = () => import('./FindDialog');
const FindDialog = lazy(() => load().then((module) => ({ default: module.FindDialog })));

/** Opens the search, by "/" or by its buttons. It is fetched after the first page. */
export function FindOpener() {
  const { isOpen, isWanted, setOpen, show } = useOnDemand();
  useHotkeys(
    'slash, /',
    (event) => {
      event.preventDefault();
      show();
    },
    { useKey: true },
  );
  useEffect(() => {
    window.addEventListener(OPEN, show);
    let ahead: ReturnType<typeof setTimeout> | undefined;
    const loadAhead = () => {
      ahead = setTimeout(() => void load(), AHEAD_MS);
    };
    if (document.readyState === 'complete') loadAhead();
    else window.addEventListener('load', loadAhead, { once: true });
    return () => {
      window.removeEventListener(OPEN, show);
      window.removeEventListener('load', loadAhead);
      clearTimeout(ahead);
    };
  }, [show]);
  // Keys typed while the dialog loads go into its field and trigger no shortcut.
  const [query, setQuery] = useState('');
  const [entered, setEntered] = useState(false);
  const type = (text: string) => {
    setQuery(text);
    setEntered(false);
  };
  if (!isWanted) return null;
  return (
    <Suspense fallback={<EarlyField value={query} onType={type} onEnter={() => setEntered(true)} />}>
      <FindDialog
        open={isOpen}
        onOpen={setOpen}
        query={query}
        onQuery={type}
        entered={entered}
        onEntered={setEntered}
      />
    </Suspense>
  );
}

interface EarlyFieldProps {
  readonly value: string;
  readonly onType: (text: string) => void;
  readonly onEnter: () => void;
}

/** Takes the keys while the dialog is fetched. */
function EarlyField({ value, onType, onEnter }: EarlyFieldProps) {
  return (
    <Box position="fixed" insetInline="0" top="9vh" zIndex={2000} display="flex" justifyContent="center">
      <Input
        autoFocus
        width="min(90%, 36.25rem)"
        aria-label="Find anything"
        value={value}
        onChange={(event) => onType(event.currentTarget.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') onEnter();
        }}
      />
    </Box>
  );
}

/** So long after the page has loaded it has what it needs, over a slow line too. */
const AHEAD_MS = 8000;
