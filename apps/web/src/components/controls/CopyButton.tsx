import { Flex } from '@chakra-ui/react';
import copy from 'copy-to-clipboard';
import { useState } from 'react';
import { Button } from './controls';

/** Copies a text, also over plain http, where a browser keeps its own clipboard from pages. */
export function CopyButton({ text, children }: { text: () => string; children: string }) {
  const [said, setSaid] = useState('');
  const take = async () => setSaid((await copy(text())) ? 'Copied.' : 'This browser lets nothing be copied.');
  return (
    <Flex gap="3" align="center" display="inline-flex">
      <Button onClick={() => void take()}>{children}</Button>
      <span role="status">{said}</span>
    </Flex>
  );
}
