import { Box } from '@chakra-ui/react';
import { lazy, Suspense } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate } from 'react-router';
import { Button } from '../../components/controls/controls';
import { KEYS } from './keys';
import { useOnDemand } from './useOnDemand';

const KeysDialog = lazy(() => import('./KeysDialog').then((module) => ({ default: module.KeysDialog })));

/** A letter for each place, and a short list of keys on "?". */
export function Shortcuts() {
  const { isOpen, isWanted, setOpen, show } = useOnDemand();
  const navigate = useNavigate();
  useHotkeys('shift+slash, ?', show, { useKey: true });
  useHotkeys(
    KEYS.map(([key]) => key),
    (event) => {
      const target = KEYS.find(([key]) => key === event.key);
      if (target) void navigate(target[2]);
    },
  );
  return (
    <>
      <Button
        variant="plain"
        minHeight="2.125rem"
        fontSize="small"
        fontWeight={400}
        color="soft"
        aria-label="Keys"
        aria-haspopup="dialog"
        onClick={show}
      >
        ?
        <Box as="span" display={{ base: 'none', lg: 'inline' }}>
          Keys
        </Box>
      </Button>
      {isWanted && (
        <Suspense fallback={null}>
          <KeysDialog open={isOpen} onOpen={setOpen} />
        </Suspense>
      )}
    </>
  );
}
