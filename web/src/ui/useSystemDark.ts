import useMediaQuery from '@mui/material/useMediaQuery';

/** Whether the system asks for dark screens. */
export const useSystemDark = () => useMediaQuery('(prefers-color-scheme: dark)', { noSsr: true });
