import useMediaQuery from '@mui/material/useMediaQuery';
import { t } from '../words';

/** Whether the system asks for dark screens. */
export const useSystemDark = () =>
  useMediaQuery(t('ui.prefers-color-scheme-dark'), { noSsr: true });
