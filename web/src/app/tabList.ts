/** The tabs that work, in their order; Alt with a number turns to its tab. */
export const TABS = [
  { path: '/desk', name: 'Desk' },
  { path: '/slate', name: 'Slate' },
  { path: '/sets', name: 'Sets' },
  { path: '/marking', name: 'Marking' },
  { path: '/register', name: 'Register' },
  { path: '/plan', name: 'Plan' },
  { path: '/workbook', name: 'Workbook' },
  { path: '/house', name: 'House style' },
] as const;
