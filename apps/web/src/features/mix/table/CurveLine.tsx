import { Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** Words and blanks of one sentence, on one line of writing. */
export function CurveLine({ children }: { children: ReactNode }) {
  return (
    <Flex gap="8px 10px" wrap="wrap" alignItems="last baseline">
      {children}
    </Flex>
  );
}
