import '@fontsource/andika/latin-400.css';
import '@fontsource/andika/latin-700.css';
import '@fontsource/young-serif/latin-400.css';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { askBeforeLosing } from './api/sending';
import { App } from './app/App';
import { BusyBar } from './ui/BusyBar';
import { NoticeProvider } from './ui/Notice';
import { keepFocus } from './ui/keepFocus';
import { mountAnnouncer } from './ui/useAnnounced';
import { watchPointer } from './ui/pointed';
import { SheetStyles } from './paper/SheetStyles';
import { followClass } from './session/classes';
import { DeskProvider } from './session/DeskState';
import { Colours } from './ui/Colours';
import { LOCALE } from './words';

// The page's security policy lets in only styles that carry its nonce.
const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content;
const styles = createCache({ key: 'b', nonce });
// Bemble runs on this machine and is there even when the browser has no network.
const queries = new QueryClient({
  defaultOptions: {
    queries: { retry: false, networkMode: 'always' },
    mutations: { networkMode: 'always' },
  },
});
document.documentElement.lang = LOCALE;
const root = document.getElementById('root');
watchPointer();
keepFocus();
mountAnnouncer();
askBeforeLosing(queries);
followClass(queries);

if (root) {
  createRoot(root).render(
    <StrictMode>
      <CacheProvider value={styles}>
        <Colours>
          <SheetStyles />
          <QueryClientProvider client={queries}>
            <BusyBar />
            <NoticeProvider>
              {/* Not in transitions: a new address is drawn before the next key is handled. */}
              <BrowserRouter useTransitions={false}>
                <DeskProvider>
                  <App />
                </DeskProvider>
              </BrowserRouter>
            </NoticeProvider>
          </QueryClientProvider>
        </Colours>
      </CacheProvider>
    </StrictMode>,
  );
}
