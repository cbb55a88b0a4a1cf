import '@fontsource/andika/latin-400.css';
import '@fontsource/andika/latin-700.css';
import '@fontsource/young-serif/latin-400.css';
import { QueryClient } from '@tanstack/react-query';
import { BrowserRouter } from 'react-router';
import { App } from './app/App';
import { SheetStyles } from './paper/SheetStyles';
import { followClass } from './session/classes';
import { DeskProvider } from './session/DeskState';
import { BusyBar } from './ui/BusyBar';
import { mount } from './ui/mount';
import { NoticeProvider } from './ui/Notice';

// Bemble runs on this machine and is there even when the browser has no network.
const queries = new QueryClient({
  defaultOptions: {
    queries: { retry: false, networkMode: 'always' },
    mutations: { networkMode: 'always' },
  },
});
followClass(queries);

mount(
  queries,
  <>
    <SheetStyles />
    <BusyBar />
    <NoticeProvider>
      {/* Not in transitions: a new address is drawn before the next key is handled. */}
      <BrowserRouter useTransitions={false}>
        <DeskProvider>
          <App />
        </DeskProvider>
      </BrowserRouter>
    </NoticeProvider>
  </>,
);
