import CssBaseline from '@mui/material/CssBaseline';
import { ThemeProvider } from '@mui/material/styles';
import type { ReactNode } from 'react';
import { darkTheme, theme } from '../theme';
import { useSystemDark } from './useSystemDark';

/** Colours all screens, in the dark where the system is. */
export function Colours({ children }: { children: ReactNode }) {
  const dark = useSystemDark();
  return (
    <ThemeProvider theme={dark ? darkTheme : theme}>
      <CssBaseline enableColorScheme />
      {children}
    </ThemeProvider>
  );
}
