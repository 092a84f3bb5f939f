import { Box, Flex } from '@chakra-ui/react';
import { firstHand, lowerFirst, type Plan } from '@feverfew/contracts';
import { useHotkeys } from 'react-hotkeys-hook';
import { useLexicon } from '../../../app/useLexicon';
import { Button } from '../../../components/controls/controls';
import { LinkButton } from '../../../components/controls/LinkButton';
import { Notice } from '../../../components/notices/Notice';
import { useMay } from '../../../queries/deviceQueries';
import { SHORT } from '../../../theme/media';

interface FootProps {
  readonly plan: Plan | undefined;
  /** The run that is under way already. */
  readonly runId: string | null;
  readonly blocked: boolean;
  readonly pending: boolean;
  readonly error: string | null;
  readonly onStart: () => void;
  /** Who lives there is not known, and it matters: that is asked before anything starts. */
  readonly onAskFirst: (() => void) | null;
  /** Where the server did not answer. */
  readonly onRetry: (() => void) | null;
  /** Starts with no facts; the browser’s back brings the old ones again. */
  readonly onClear: (() => void) | null;
  /** Deletes a saved trouble without a run. */
  readonly onDelete: (() => void) | null;
}

/** What is wrong, or the one action; it stays in sight. */
export function Foot({
  plan,
  runId,
  blocked,
  pending,
  error,
  onStart,
  onAskFirst,
  onRetry,
  onClear,
  onDelete,
}: FootProps) {
  const say = useLexicon();
  const may = useMay('all');
  const mayStart = may && plan?.passes[0] !== undefined && runId === null && !blocked && !pending;
  const start = onAskFirst ?? onStart;
  useHotkeys('s', start, { enabled: mayStart });
  const first = plan?.passes[0];
  if (!error && !first && !onClear && !onDelete) return null;
  const hand = (plan && firstHand(plan.atOnce)) ?? (first ? lowerFirst(say.name(first.methodId)) : '');
  const name = hand.length > LONG ? 'Start' : `Start: ${hand}`;
  return (
    <Flex
      position="sticky"
      bottom={{ base: '4rem', md: '0' }}
      css={{ [SHORT]: { position: 'static' } }}
      zIndex={10}
      gap="0.5rem 1.25rem"
      justify="flex-end"
      align="center"
      marginInline={{ base: '-1rem', md: '-2rem' }}
      padding={{ base: '0.5rem 1rem', md: '0.5rem 2rem' }}
      bg="card"
      borderTop="1px solid"
      borderColor="line"
      wrap="wrap"
      data-print="hide"
    >
      {error && (
        <Box flex="1" minWidth="15rem">
          <Notice kind="danger" role="alert" word="Look again">
            {error}
          </Notice>
        </Box>
      )}
      {error && onRetry && <Button onClick={onRetry}>Try again</Button>}
      {onClear && (
        <Button
          variant="plain"
          fontWeight={400}
          color="soft"
          display={{ base: first || error ? 'none' : 'inline-flex', md: 'inline-flex' }}
          onClick={onClear}
        >
          Add another
        </Button>
      )}
      {onDelete && (
        <Button variant="plain" fontWeight={400} color="soft" onClick={onDelete}>
          Delete
        </Button>
      )}
      {first && !error && (
        <Box flex="1" display={{ base: 'none', md: 'block' }} color="soft" fontSize="small" textAlign="end">
          {LABEL_FIRST}
        </Box>
      )}
      {first &&
        (runId ? (
          <LinkButton
            to={`/runs/${runId}`}
            variant="action"
            size="large"
            width={{ base: '100%', md: 'auto' }}
          >
            Go on at the tub
          </LinkButton>
        ) : !may ? (
          <Box color="soft">This device may not start a treatment.</Box>
        ) : (
          <Button
            variant="action"
            size="large"
            width={{ base: '100%', md: 'auto' }}
            disabled={blocked || pending}
            onClick={start}
          >
            {onAskFirst ? 'One question first' : pending ? 'Starting …' : name}
          </Button>
        ))}
    </Flex>
  );
}

/** Said once a page. */
export const LABEL_FIRST = 'Product labels and local rules come first.';

/** A name longer than this does not fit the button. */
const LONG = 30;
