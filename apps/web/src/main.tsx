import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bitter';
import { ChakraProvider } from '@chakra-ui/react';
import { QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { registerServiceWorker } from './app/offline/appUpdate';
import { router } from './app/routes';
import { applyColourMode } from './app/shell/colourMode';
import { queryClient } from './queries/queryClient';
import { system } from './theme/system';

applyColourMode();

const root = document.getElementById('root');
if (!root) throw new Error('no root element');
createRoot(root).render(
  <StrictMode>
    <ChakraProvider value={system}>
      <QueryClientProvider client={queryClient}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </ChakraProvider>
  </StrictMode>,
);

// Late on purpose: registering must not compete with the first page load, even on a slow connection.
window.addEventListener('load', () => setTimeout(() => void registerServiceWorker(), 4000), { once: true });
