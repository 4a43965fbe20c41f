import type { FailureCode } from '../../core/methods/failures';
import type { MethodName } from '../../core/methods/method';
import { methodNamed } from '../../core/methods/methods';
import { measured } from '../measures';
import { addBox } from './add-box';
import { addSuper } from './add-super';
import { afterSwarm } from './after-swarm';
import { cellNuc } from './cell-nuc';
import { demaree } from './demaree';
import { evenSplit } from './even-split';
import { giveCell } from './give-cell';
import { giveEggs } from './give-eggs';
import { hiveSwarm } from './hive-swarm';
import { honeyBound } from './honey-bound';
import { interleave } from './interleave';
import { nucSwarm } from './nuc-swarm';
import { oldSiteSwarm } from './old-site-swarm';
import { openSides } from './open-sides';
import { partDemaree } from './part-demaree';
import { pollenBound } from './pollen-bound';
import { queenSplit } from './queen-split';
import { requeenMated } from './requeen-mated';
import { testComb } from './test-comb';
import { unite } from './unite';
import { verticalSplit } from './vertical-split';
import { walkAway } from './walk-away';

type Texts = Readonly<Record<string, string>>;

/** The words of any method. */
interface MethodWords {
  readonly title: string;
  readonly fitsWhen: string;
  readonly suits: string;
  readonly ifItFails: string;
  readonly lifting: string | null;
  readonly kit: Texts;
  readonly steps: Texts;
  readonly units: Readonly<Record<string, { readonly gets: string; readonly stands: string }>>;
  readonly schools: Texts;
}

const WORDS: { readonly [M in MethodName]: MethodWords } = {
  'add-box': addBox,
  'add-super': addSuper,
  'after-swarm': afterSwarm,
  'cell-nuc': cellNuc,
  demaree,
  'even-split': evenSplit,
  'give-cell': giveCell,
  'give-eggs': giveEggs,
  'hive-swarm': hiveSwarm,
  'honey-bound': honeyBound,
  interleave,
  'nuc-swarm': nucSwarm,
  'old-site-swarm': oldSiteSwarm,
  'open-sides': openSides,
  'part-demaree': partDemaree,
  'pollen-bound': pollenBound,
  'queen-split': queenSplit,
  'requeen-mated': requeenMated,
  'test-comb': testComb,
  unite,
  'vertical-split': verticalSplit,
  'walk-away': walkAway,
};

/** How a method fails, and what then. */
export const FAILURE_WORDS: { readonly [F in FailureCode]: { readonly sign: string; readonly remedy: string } } = {
  'cells-on-top-late': {
    sign: 'Cells in the top box later than day 8',
    remedy: 'A virgin may be up there: find her or take the box away from the hive.',
  },
  'cells-again-below': {
    sign: 'Cells again in the bottom box',
    remedy: 'Do it a second time, or make an artificial swarm.',
  },
  'no-eggs-of-the-swarm': {
    sign: 'No eggs by the end of the window',
    remedy: 'Test frame, or unite it with another colony.',
  },
  'no-eggs-came': {
    sign: 'No eggs by the last day of the window',
    remedy:
      'Give a test frame the same day and read it three to five days later: cells on it mean no queen. Or give a bought mated queen, a ripe cell from another colony, or unite.',
  },
  'drone-layer': {
    sign: 'Scattered drone brood or several eggs to a cell',
    remedy: 'Laying workers or a drone layer: do not unite as it is; ask an experienced keeper.',
  },
  'caged-queen-not-taken': {
    sign: 'She is dead or cells are started',
    remedy: 'There may be another queen: search, then try again or unite.',
  },
  'eggs-in-cups-anyway': {
    sign: 'Eggs in cups anyway',
    remedy: 'Room alone is too late now: choose a method against swarming.',
  },
  'cells-on-test-frame': {
    sign: 'Cells on it',
    remedy: 'There is no queen. Let it raise one from them, or break them down and give a queen or a ripe cell.',
  },
  fighting: {
    sign: 'Fighting in front of it',
    remedy:
      'Separate them. Unite them again through a fresh sheet of newspaper, towards evening, when a flow is on or both have been fed.',
  },
  'cells-in-neither-half': {
    sign: 'Cells in neither half',
    remedy: 'The split has failed: give eggs, a queen, or put the halves together again.',
  },
};

/** A method as it is read: everything in its order. */
export interface MethodSaid {
  readonly title: string;
  readonly fitsWhen: string;
  readonly suits: string;
  readonly ifItFails: string;
  readonly lifting: string | null;
  readonly kit: readonly string[];
  readonly steps: readonly string[];
  readonly units: readonly { readonly name: string; readonly gets: string; readonly stands: string }[];
  readonly failures: readonly { readonly sign: string; readonly remedy: string }[];
  readonly schools: readonly string[];
}

export const methodTitle = (name: MethodName): string => WORDS[name].title;

/** What is said of a method. */
export function methodSaid(name: MethodName): MethodSaid {
  const { kit, steps, units, failures, schools } = methodNamed(name);
  const words = WORDS[name];
  const each = (codes: readonly string[], said: Texts) => codes.map((code) => measured(said[code] as string));
  return {
    ...words,
    kit: each(
      kit.map(({ code }) => code),
      words.kit,
    ),
    steps: each(steps, words.steps),
    units: units.map(({ name: unit }) => {
      const { gets, stands } = words.units[unit] as { gets: string; stands: string };
      return { name: unit, gets: measured(gets), stands: measured(stands) };
    }),
    failures: failures.map((code) => FAILURE_WORDS[code]),
    schools: each(schools, words.schools),
  };
}
