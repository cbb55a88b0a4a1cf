import '@fontsource/andika/latin-400.css';
import '@fontsource/andika/latin-700.css';
import '@fontsource/young-serif/latin-400.css';
import { LOCALE, learnWords } from './words';

// Everything else says its words as soon as it is loaded.
await learnWords().catch(() => undefined);
document.documentElement.lang = LOCALE;
await import('./app/root');
