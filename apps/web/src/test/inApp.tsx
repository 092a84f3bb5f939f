import { ChakraProvider } from '@chakra-ui/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactElement } from 'react';
import { system } from '../theme/system';

/** What a component finds around it in the application; nothing is asked of a server. */
export function inApp(ui: ReactElement): ReactElement {
  const client = new QueryClient({ defaultOptions: { queries: { enabled: false } } });
  return (
    <QueryClientProvider client={client}>
      <ChakraProvider value={system}>{ui}</ChakraProvider>
    </QueryClientProvider>
  );
}

export const show = (ui: ReactElement) => render(inApp(ui));
