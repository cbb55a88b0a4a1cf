import '@fontsource/andika/latin-400.css';
import '@fontsource/andika/latin-700.css';
import { QueryClient } from '@tanstack/react-query';
import { SheetStyles } from '../paper/SheetStyles';
import { mount } from '../ui/mount';
import { NoticeProvider } from '../ui/Notice';
import { SeatApp } from './SeatApp';

// The teacher's machine may be reached where the browser believes to have no network.
const queries = new QueryClient({
  defaultOptions: {
    queries: { retry: false, networkMode: 'always', refetchOnWindowFocus: false },
    mutations: { networkMode: 'always' },
  },
});

mount(
  queries,
  <>
    <SheetStyles />
    <NoticeProvider>
      <SeatApp />
    </NoticeProvider>
  </>,
);
