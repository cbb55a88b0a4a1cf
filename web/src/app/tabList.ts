import { t } from '../words';
/** The tabs that work, in their order; Alt with a number turns to its tab. */
export const TABS = [
  { path: '/desk', name: t('app.desk') },
  { path: '/slate', name: t('common.slate') },
  { path: '/sets', name: t('app.sets') },
  { path: '/marking', name: t('app.marking') },
  { path: '/register', name: t('common.register') },
  { path: '/plan', name: t('common.plan') },
  { path: '/workbook', name: t('common.workbook') },
  { path: '/house', name: t('app.house-style') },
] as const;
