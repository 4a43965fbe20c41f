const under = (pattern: RegExp) => (path: string) => pattern.test(path);

/**
 * The places, in the order of the head; `within` says which addresses belong to each, `isAtThumb`
 * which stand at the thumb on a phone; the others are under *more* there. Only those that exist are shown.
 */
export const PLACES = [
  { href: '/', name: 'Today', within: under(/^\/($|days|rounds|free-time|swarm-out)/), isAtThumb: true },
  { href: '/hive', name: 'At the hive', within: under(/^\/hive/), isAtThumb: true },
  { href: '/season', name: 'Season', within: under(/^\/season/), isAtThumb: true },
  {
    href: '/colonies',
    name: 'Colonies',
    within: under(/^\/(colonies|frame-plans|programmes|room|cells)/),
    isAtThumb: true,
  },
  { href: '/apiaries', name: 'Apiaries', within: under(/^\/apiaries/), isAtThumb: false },
  { href: '/cell-clock', name: 'Learn', within: under(/^\/(cell-clock|methods|practice)/), isAtThumb: false },
] as const;
export type PlaceName = (typeof PLACES)[number]['name'];

/** What is set up once and looked at seldom: in a menu. */
export const MENU = [
  { href: '/data', name: 'Data' },
  { href: '/settings', name: 'Settings' },
  { href: '/free-time', name: 'When you are free' },
  { href: '/paper', name: 'On paper' },
  { href: '/phone', name: 'Your phone' },
] as const;

/** Views of one place, as tabs under its title. */
export const VIEWS = {
  season: [
    { href: '/season', name: 'Sheet' },
    { href: '/season/plan', name: 'Plan' },
    { href: '/season/what-if', name: 'What if' },
    { href: '/season/looking-back', name: 'Looking back' },
  ],
  apiaries: [
    { href: '/apiaries', name: 'All apiaries' },
    { href: '/apiaries/kit', name: 'Kit' },
  ],
  colonies: [
    { href: '/colonies', name: 'All colonies' },
    { href: '/colonies/queens', name: 'Queens' },
    { href: '/room', name: 'Room' },
    { href: '/cells', name: 'Cells' },
  ],
  learn: [
    { href: '/cell-clock', name: 'Cell clock' },
    { href: '/methods', name: 'Methods' },
    { href: '/practice', name: 'Practice' },
  ],
} as const;

/** Every screen that can be gone to from anywhere. */
export const ALL_PLACES: readonly { readonly href: string; readonly name: string }[] = [
  ...PLACES.filter(({ name }) => name !== 'Learn' && name !== 'Colonies'),
  ...VIEWS.colonies.map(({ href, name }) => ({ href, name: name === 'All colonies' ? 'Colonies' : name })),
  ...VIEWS.learn,
  { href: '/season/plan', name: 'Plan of the season' },
  { href: '/season/what-if', name: 'What if' },
  { href: '/apiaries/kit', name: 'Kit' },
  { href: '/swarm-out', name: 'A swarm is out' },
  ...MENU,
];
