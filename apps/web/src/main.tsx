import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/atkinson-hyperlegible-mono';
import './theme/page.css';
import { ChakraProvider } from '@chakra-ui/react';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router/dom';
import { router } from './app.tsx';
import { system } from './theme/system.ts';

// The page allows only styles that carry the value it was served with.
const nonce = document.querySelector<HTMLMetaElement>('meta[property=csp-nonce]')?.nonce;
const cache = createCache({ key: 'af', ...(nonce ? { nonce } : {}) });

const root = document.getElementById('root');
if (!root) throw new Error('The page has no place for the application.');
createRoot(root).render(
  <StrictMode>
    <CacheProvider value={cache}>
      <ChakraProvider value={system}>
        <RouterProvider router={router} />
      </ChakraProvider>
    </CacheProvider>
  </StrictMode>,
);
