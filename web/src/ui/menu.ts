import type { MenuProps } from '@mui/material/Menu';
import { deferred } from './deferred';

/** A menu, which is loaded once the view is there that may open it. */
export const Menu = deferred<MenuProps>(() => import('@mui/material/Menu'));
