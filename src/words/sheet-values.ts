import type { FieldCode } from '../core/spreadsheets/bring-in/fields';

type Synonyms = Readonly<Record<string, readonly string[]>>;

const LOOKED: Synonyms = {
  seen: ['yes', 'y', 'seen', 'x', '1', 'true', 'present', '✓', '✔', 'found', 'ok'],
  none: ['no', 'n', 'none', '0', 'false', 'not seen', 'absent', 'not found', 'nil', '✗'],
  'not-looked-for': ['not checked', 'unknown', 'did not look', 'not looked for'],
};
const YES_NO: Synonyms = { yes: ['y', 'x', '1', 'true', '✓', '✔'], no: ['n', '0', 'false', '✗'] };
const STAGES: Synonyms = {
  'cup-dry': ['cup', 'cups', 'play cup', 'play cups', 'dry cups', 'empty cup', 'empty'],
  egg: ['eggs', 'egg in cup', 'cup with egg'],
  'larva-small': ['small larvae', 'young larva'],
  'larva-large': ['charged', 'large larva', 'large larvae', 'big larva'],
  sealed: ['capped', 'closed', 'sealed cell', 'sealed cells'],
  emerged: ['hatched', 'open at the tip'],
  'torn-down': ['torn', 'opened at the side'],
};

/**
 * What words of a column commonly stand for, in small letters, beside the codes and what Ubbet itself calls them. What may mean *none* or
 * *not looked for* (a dash, a question mark) is asked about.
 */
export const VALUE_WORDS: { readonly [F in FieldCode]?: Synonyms } = {
  queen: LOOKED,
  eggs: LOOKED,
  droneBroodInWorkerCells: LOOKED,
  severalEggsPerCell: LOOKED,
  isByHelper: YES_NO,
  isToBreedFrom: YES_NO,
  takenDown: { yes: [...(YES_NO.yes ?? []), 'removed', 'destroyed'], no: [...(YES_NO.no ?? []), 'left', 'kept'] },
  thoroughness: {
    cleared: ['shaken', 'bees off', 'brushed', 'every frame shaken'],
    'bees-on': ['full', 'all frames', 'every frame', 'bees on', 'yes', 'y'],
    'tip-up': ['tipped', 'tip', 'quick', 'quick look', 'tipped up', 'part'],
    'not-searched': ['no', 'n', 'not looked for', 'none', 'not at all'],
  },
  cells: { ...STAGES, none: ['no', 'n', '0', 'none', 'nil', 'none seen'] },
  found: {
    ...STAGES,
    'not-found': ['gone', 'not found', 'not seen', 'missing'],
    removed: ['removed', 'destroyed', 'cut out'],
  },
  youngest: {
    eggs: ['egg', 'e'],
    'larvae-small': ['larva', 'larvae', 'l', 'young larvae'],
    sealed: ['capped'],
    none: ['no', 'no brood'],
  },
  temper: {
    calm: ['quiet', 'gentle', 'good', 'docile', 'nice', 'steady'],
    uneasy: ['nervous', 'running', 'runny', 'jumpy'],
    defensive: ['stinging', 'following', 'aggressive', 'hot', 'bad', 'angry', 'grumpy'],
  },
  stores: { room: ['room', 'ok', 'space'], nectar: ['nectar bound'], honey: ['honey bound'], pollen: ['pollen bound'] },
  drones: { flying: ['yes', 'y', 'seen', 'x'], none: ['no', 'n', '0'], 'sealed-only': ['sealed', 'sealed brood'] },
  food: { enough: ['ok', 'good', 'plenty', 'yes', 'y', 'full'], little: ['low', 'light', 'no', 'n', 'needs feeding'] },
  piping: { none: ['no', 'n'], tooting: ['toot'], quacking: ['quack'] },
  place: {
    bottom: ['bottom', 'bottom edge', 'lower edge'],
    edge: ['side', 'edge'],
    face: ['face', 'middle', 'centre', 'center', 'comb face'],
  },
  origin: {
    established: ['bought', 'there before', 'overwintered'],
    nuc: ['nuc', 'nucleus'],
    'prime-swarm': ['swarm', 'prime swarm'],
    cast: ['cast'],
    split: ['split', 'artificial swarm'],
    raised: ['own', 'home raised', 'home'],
    unknown: ['unknown'],
  },
};
