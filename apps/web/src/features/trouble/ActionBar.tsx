import { Box, Flex } from '@chakra-ui/react';
import type { Plan } from '@feverfew/contracts';
import { Button } from '../../components/controls';
import { Notice } from '../../components/Notice';

interface ActionBarProps {
  readonly plan: Plan | undefined;
  readonly chosen: number;
  readonly blocked: boolean;
  readonly pending: boolean;
  readonly error: string | null;
  readonly onStart: (rungIndex: number) => void;
}

/** What is wrong, or the way to the tub; it stays in sight. */
export function ActionBar({ plan, chosen, blocked, pending, error, onStart }: ActionBarProps) {
  const rungs = plan?.ladder.length ?? 0;
  if (!error && rungs === 0) return null;
  return (
    <Flex
      position="sticky"
      bottom="0"
      gap="12px"
      justifyContent="flex-end"
      alignItems="center"
      padding="12px 26px"
      bg="card"
      borderTop="1px solid"
      borderColor="line"
      wrap="wrap"
    >
      {error && (
        <Box flex="1" minWidth="240px">
          <Notice kind="danger" word="Look again">
            {error}
          </Notice>
        </Box>
      )}
      {rungs > 0 && (
        <Button
          variant="action"
          size="large"
          width={{ base: '100%', md: 'auto' }}
          disabled={blocked || pending}
          onClick={() => onStart(chosen)}
        >
          {pending ? 'Starting …' : chosen === 0 ? 'Start' : `Start with step ${chosen + 1}`}
        </Button>
      )}
    </Flex>
  );
}
