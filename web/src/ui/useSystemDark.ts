import useMediaQuery from '@mui/material/useMediaQuery';

/** Whether the system asks for dark screens; print is never dark. */
export const useSystemDark = () =>
  useMediaQuery('screen and (prefers-color-scheme: dark)', { noSsr: true });

/** Whether the view is being printed just now. */
export const useIsPrinted = () => !useMediaQuery('screen', { noSsr: true });
