import { createTheme } from '@mui/material/styles';
import { PRINTED } from './printed';

/** Everything the screens are coloured with; no screen has a colour of its own. */
const ink = {
  desk: '#DCE3DA',
  tab: '#C8D2C8',
  page: '#FCFAF4',
  square: '#CBD8D6',
  text: '#1F2A44',
  quiet: '#4A5468',
  small: '#7A2E5D',
  action: '#24503F',
  right: '#2F6B52',
  edge: '#6A8679',
  now: '#FBF0D3',
  nowStrong: '#F3D795',
  nowEdge: '#B67809',
  nowText: '#7A4E06',
  slip: '#B4451F',
  slipPage: '#FBE6DC',
};

/** The same in the dark: light chalk on a dark page. */
const chalk: typeof ink = {
  desk: '#101A17',
  tab: '#22332D',
  page: '#16231F',
  square: '#2C4039',
  text: '#F4F1E6',
  quiet: '#B9C4BC',
  small: '#F0A8D0',
  action: '#8FD0B4',
  right: '#8FD0B4',
  edge: '#7B988B',
  now: '#3A3218',
  nowStrong: '#6B5618',
  nowEdge: '#F0BE5A',
  nowText: '#F0D9A0',
  slip: '#FF9B76',
  slipPage: '#4A2418',
};

/** The sizes of type, named by their use; a screen has no size of its own. */
export const SIZES = {
  /** Beside what it belongs to: marks, counts, help under a field. */
  note: '0.9rem',
  /** Buttons, tables and rows. */
  plain: '1rem',
  /** Sentences; what has no other size. */
  said: '1.125rem',
  /** The head of a part, and the sentence that matters on a page. */
  lead: '1.25rem',
  /** The head of a page, a sum, a fact. */
  head: '1.5rem',
  /** Read from a few steps away, on a tablet or the Board. */
  far: 'clamp(24px, 2.4vw, 40px)',
  /** Read from the back of the room. */
  farther: 'clamp(26px, 3.5vw, 60px)',
  /** One number or word that the whole room looks at. */
  great: 'clamp(48px, 9vw, 160px)',
};

declare module '@mui/material/styles' {
  interface Palette {
    ink: typeof ink;
  }
  interface PaletteOptions {
    ink: typeof ink;
  }
}

/** Screens, or windows drawn large, that are too low for everything at once. */
export const LOW = '@media screen and (max-height: 559px)';

const themeOf = (ink: typeof chalk, mode: 'light' | 'dark') =>
  createTheme({
    palette: {
      mode,
      ink,
      primary: { main: ink.action },
      secondary: { main: ink.small },
      error: { main: ink.slip },
      success: { main: ink.right },
      background: { default: ink.desk, paper: ink.page },
      text: { primary: ink.text, secondary: ink.quiet },
      divider: ink.square,
    },
    typography: {
      ...SIZES,
      fontFamily: 'Andika, sans-serif',
      fontSize: 16,
      button: { textTransform: 'none', fontSize: SIZES.plain },
      body1: { fontSize: SIZES.said },
      body2: { fontSize: SIZES.plain },
      caption: { fontSize: SIZES.note },
      h1: { fontFamily: '"Young Serif", serif', fontSize: SIZES.head, color: ink.action },
      h2: { fontSize: SIZES.lead, fontWeight: 700 },
      h6: { fontSize: SIZES.head },
    },
    shape: { borderRadius: 8 },
    components: {
      // Only browsers that fill in forms look for it.
      MuiSelect: { styleOverrides: { nativeInput: { display: 'none' } } },
      MuiCssBaseline: {
        styleOverrides: {
          'html, body, #root': { height: '100%' },
          body: {
            overflow: 'hidden',
            // A screen too low for a book and its bar is scrolled over.
            [LOW]: { overflow: 'auto' },
          },
          // Stronger than the components' own rules.
          ':focus-visible:not([tabindex="-1"])': {
            outline: `3px solid ${ink.text} !important`,
            outlineOffset: '2px !important',
          },
          // An element that got the focus only to keep it from being lost has no ring of its own.
          ':is(main, h1, h2)[tabindex="-1"]:focus': { outline: 'none' },
          // Within their frames, which would cut the ring off.
          'input:focus-visible, textarea:focus-visible, [tabindex="0"]:not(button, a):focus-visible':
            { outlineOffset: '-3px !important', borderRadius: 8 },
          ...PRINTED,
          '@media (prefers-reduced-motion: reduce)': {
            '*, *::before, *::after': {
              transition: 'none !important',
              animation: 'none !important',
            },
          },
        },
      },
      MuiButtonBase: { defaultProps: { disableRipple: true } },
      MuiButton: {
        defaultProps: { disableElevation: true, variant: 'outlined' },
        styleOverrides: {
          root: { minWidth: 0, minHeight: 40, padding: '4px 14px', lineHeight: 1.3 },
          outlined: {
            color: ink.text,
            borderColor: ink.edge,
            background: ink.page,
            '&[aria-pressed="true"]': {
              background: ink.action,
              color: ink.page,
              borderColor: ink.action,
              fontWeight: 700,
              // Own colours would not tell a pressed button.
              '@media (forced-colors: active)': {
                forcedColorAdjust: 'none',
                background: 'Highlight',
                color: 'HighlightText',
                borderColor: 'Highlight',
              },
            },
          },
          contained: {
            fontWeight: 700,
            '@media (forced-colors: active)': { border: '1px solid ButtonBorder' },
          },
        },
      },
      MuiDialog: { styleOverrides: { paper: { backgroundImage: 'none', borderRadius: 10 } } },
      MuiSnackbarContent: { styleOverrides: { root: { background: ink.text, color: ink.page } } },
    },
  });

export const theme = themeOf(ink, 'light');

/** For a system that is dark, and for the Board with the lights out. */
export const darkTheme = themeOf(chalk, 'dark');
