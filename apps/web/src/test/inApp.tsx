import { ChakraProvider } from '@chakra-ui/react';
import type { HouseholdSettings } from '@feverfew/contracts';
import type { Knowledge } from '@feverfew/knowledge';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactElement } from 'react';
import { MemoryRouter } from 'react-router';
import { keyOf } from '../queries/routeQuery';
import { system } from '../theme/system';
import { catalogueFor } from './catalogueFor';

/** What has come from the server before the component is there. */
interface Known {
  readonly house?: HouseholdSettings;
  readonly knowledge?: Knowledge;
}

/** What a component finds around it in the application; nothing is asked of a server. */
export function inApp(ui: ReactElement, { house, knowledge }: Known = {}): ReactElement {
  const client = new QueryClient({ defaultOptions: { queries: { enabled: false } } });
  if (house) client.setQueryData(keyOf('readHousehold'), house);
  if (knowledge) client.setQueryData(keyOf('readCatalogue'), catalogueFor(knowledge));
  return (
    <MemoryRouter>
      <QueryClientProvider client={client}>
        <ChakraProvider value={system}>{ui}</ChakraProvider>
      </QueryClientProvider>
    </MemoryRouter>
  );
}

export const show = (ui: ReactElement, known?: Known) => render(inApp(ui, known));
