/** The screens, in the order of the head; `within` says which addresses belong to each. */
export const PLACES = [
  { href: '/', name: 'Today', within: (path: string) => path === '/' },
  { href: '/hive', name: 'At the hive', within: (path: string) => path.startsWith('/hive') },
  { href: '/season', name: 'Season', within: (path: string) => path.startsWith('/season') },
  {
    href: '/colonies',
    name: 'Colonies',
    within: (path: string) => /^\/(colonies|apiaries|frame-plans)/.test(path),
  },
  { href: '/room', name: 'Room', within: (path: string) => path === '/room' },
  { href: '/cells', name: 'Cells', within: (path: string) => path === '/cells' },
  { href: '/cell-clock', name: 'Cell clock', within: (path: string) => path.startsWith('/cell-clock') },
  { href: '/data', name: 'Data', within: (path: string) => path.startsWith('/data') },
  { href: '/settings', name: 'Settings', within: (path: string) => path.startsWith('/settings') },
] as const;
