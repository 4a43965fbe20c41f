/** What hangs or stands out of a comb and is no queen cell. */
export const NO_QUEEN_CELLS = ['play-cup', 'drone-brood', 'drawn-out'] as const;
export type NoQueenCell = (typeof NO_QUEEN_CELLS)[number];

export const NO_QUEEN_CELL_WORDS: { readonly [N in NoQueenCell]: { readonly name: string; readonly look: string } } = {
  'play-cup': {
    name: 'a play cup',
    look: 'like an acorn’s cup: dull, dry and empty. Bees keep a few all season. Polished, or with an egg, it counts.',
  },
  'drone-brood': {
    name: 'drone brood',
    look: 'capped in domes like bullets, in patches, wider than worker cells; it stands out of the comb and does not hang.',
  },
  'drawn-out': {
    name: 'worker brood drawn out',
    look: 'a few worker caps raised where the comb bends or bees had too much room; flat-lidded, pointing straight out.',
  },
};

export const stagePicturesPhrases = {
  title: 'Pictures of each stage',
  isNone: 'No queen cell',
};
