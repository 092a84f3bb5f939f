import { Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** Words and blanks of one sentence, on one line of writing. */
export function CurveLine({ children }: { children: ReactNode }) {
  return (
    <Flex gap="0.5rem 0.625rem" wrap="wrap" alignItems="last baseline">
      {children}
    </Flex>
  );
}
