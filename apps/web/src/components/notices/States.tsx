import { Box, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { Button } from '../controls/controls';
import { Notice } from './Notice';

/** A sign of progress, shown only where a load takes longer than a glance. */
export function Loading({ what }: { what: string }) {
  return (
    <Box role="status" color="soft" padding="6" opacity="0" animation="appear 120ms linear 300ms forwards">
      Fetching {what} …
    </Box>
  );
}

/** What went wrong and what to do next. */
export function Failed({ error, onRetry }: { error: Error; onRetry: () => void }) {
  return (
    <Box padding="4" maxWidth="40rem" role="alert">
      <Notice kind="danger" word="That did not work">
        {error.message}
      </Notice>
      <Flex gap="3" marginTop="3" wrap="wrap">
        <Button onClick={onRetry}>Try again</Button>
        {/* A fresh page: this one may be broken. */}
        <a href="/">
          <Button as="span">To Today</Button>
        </a>
      </Flex>
    </Box>
  );
}

export function Empty({ children }: { children: ReactNode }) {
  return (
    <Box color="soft" paddingBlock="3.5">
      {children}
    </Box>
  );
}
