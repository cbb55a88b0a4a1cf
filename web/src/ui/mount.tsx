import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { QueryClientProvider, type QueryClient } from '@tanstack/react-query';
import { StrictMode, type ReactNode } from 'react';
import { createRoot } from 'react-dom/client';
import { askBeforeLosing } from '../api/sending';
import { LOCALE } from '../words';
import { Colours } from './Colours';
import { keepFocus } from './keepFocus';
import { watchPointer } from './pointed';
import { mountAnnouncer } from './useAnnounced';

/** Puts screens on the page, with everything that all of them need. */
export function mount(queries: QueryClient, screens: ReactNode) {
  // The page's security policy lets in only styles that carry its nonce.
  const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content;
  const styles = createCache({ key: 'b', nonce });
  document.documentElement.lang = LOCALE;
  watchPointer();
  keepFocus();
  mountAnnouncer();
  askBeforeLosing(queries);
  const root = document.getElementById('root');
  if (root) {
    createRoot(root).render(
      <StrictMode>
        <CacheProvider value={styles}>
          <Colours>
            <QueryClientProvider client={queries}>{screens}</QueryClientProvider>
          </Colours>
        </CacheProvider>
      </StrictMode>,
    );
  }
}
