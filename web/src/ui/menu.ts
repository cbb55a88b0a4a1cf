import type { MenuProps } from '@mui/material/Menu';
import { openedLater } from './deferred';

/** A menu. */
export const Menu = openedLater<MenuProps>(() => import('@mui/material/Menu'));
