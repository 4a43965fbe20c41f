/** What a method's units are called on the screen. */
export const UNIT_WORDS: Readonly<Record<string, string>> = {
  nuc: 'nuc',
  parent: 'parent',
  'old-site': 'on the old site',
  top: 'top box',
  bottom: 'bottom box',
  both: 'both halves',
  'queenless-half': 'half without a queen',
  'queen-half': 'half with the queen',
  hive: 'hive',
  joined: 'joined to it',
};
