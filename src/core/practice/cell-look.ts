import {
  DRONE_EMERGES,
  EGG_HATCHES,
  QUEEN_CELL_SEALED,
  QUEEN_EMERGES,
  WORKER_CELL_SEALED,
  WORKER_EMERGES,
} from '../biology/development';
import type { AgeSpread } from '../biology/figure';
import { type CellStage, STAGES } from '../cells/stage';
import { drawsOf } from './stream';

export const CASTES = ['queen', 'worker', 'drone'] as const;
export type Caste = (typeof CASTES)[number];

/** What a cell looks like, by numbers alone: how the drawing is made, and all that can be read from it. */
export interface CellLook {
  readonly caste: Caste;
  /** How far a queen cell is drawn down: 0 a cup, 1 its full length. */
  readonly wall: number;
  /** Degrees from upright (0) to flat on the floor (90). */
  readonly egg: { readonly lean: number } | null;
  /** Length as a share of what fills the cell; curl from straight (0) to a closed C (1). */
  readonly larva: { readonly length: number; readonly curl: number } | null;
  /** From none (0) to deep (1). */
  readonly jelly: number;
  /** Tone from pale wax (0) to brown (1); how much of the tip is bare down to the cocoon, 0 to 1. */
  readonly capping: { readonly tone: number; readonly bareTip: number } | null;
  /** A lid that is being cut; a round lid at the tip, hinged or gone; a hole in the side. */
  readonly end: 'lid-cut' | 'open-tip' | 'torn-side' | null;
  /** Small differences from cell to cell that say nothing: width about 1, slant in degrees. */
  readonly shape: { readonly width: number; readonly slant: number };
}

/** How one cell develops: on which days of its life, from the egg on, it is sealed and its bee leaves it. */
export interface Life {
  readonly sealed: number;
  readonly emerges: number;
}

const SPREADS: { readonly [C in Caste]: { readonly sealed: AgeSpread; readonly emerges: AgeSpread } } = {
  queen: { sealed: QUEEN_CELL_SEALED.value, emerges: QUEEN_EMERGES.value },
  worker: { sealed: WORKER_CELL_SEALED.value, emerges: WORKER_EMERGES.value },
  drone: { sealed: { early: 9, typical: 10, late: 11 }, emerges: DRONE_EMERGES.value },
};

/** Each cell keeps its own time, within a day of the usual. */
export function lifeOf(caste: Caste, seed: number): Life {
  const draws = drawsOf(seed, `life ${caste}`);
  const { sealed, emerges } = SPREADS[caste];
  // By one measure: who is early is early throughout.
  const pace = (draws.unit() + draws.unit()) / 2;
  const at = ({ early, late }: AgeSpread) => early + pace * (late - early);
  return { sealed: at(sealed), emerges: at(emerges) };
}

/** From this age on the tip is stripped down to the cocoon. */
const TIP_BARE_FROM = STAGES['sealed-ripe'].ages?.from ?? 0;
/** The lid is cut on her last day. */
const LID_CUT_BEFORE = 0.75;
const LID_CUT_FROM = STAGES['queen-moving'].ages?.from ?? 0;
const NOISE = { lean: 5, length: 0.03, tone: 0.05 };

const within = (value: number, from = 0, to = 1): number => Math.min(to, Math.max(from, value));

/** How long a larva is by its share of the days up to sealing: it grows ever faster. */
const GROWTH = 1.7;
const HATCHLING = 0.07;
export const lengthAt = (share: number): number => HATCHLING + (1 - HATCHLING) * within(share) ** GROWTH;

/**
 * A cell as it looks at an age, made from the age alone. Queens stay in their cells where they are held back; that is not drawn.
 *
 * @param age days since the egg was laid, a fraction of a day too; 0 or more
 * @param end what became of it once its time was over: it was left, or torn down at the side before
 */
export function cellLook(caste: Caste, age: number, seed: number, end: 'emerges' | 'torn-down' = 'emerges'): CellLook {
  const draws = drawsOf(seed, `look ${caste}`);
  const noise = (most: number) => draws.between(-most, most);
  const { sealed, emerges } = lifeOf(caste, seed);
  const shape = { width: 1 + noise(0.1), slant: noise(6) };
  const hatches = EGG_HATCHES.value;
  const blank = { caste, wall: 0.12, egg: null, larva: null, jelly: 0, capping: null, end: null, shape };
  if (age < hatches) return { ...blank, egg: { lean: within((age / hatches) * 90 + noise(NOISE.lean), 0, 90) } };
  if (age < sealed) {
    const share = (age - hatches) / (sealed - hatches);
    return {
      ...blank,
      wall: 0.18 + 0.7 * share,
      larva: { length: within(lengthAt(share) + noise(NOISE.length), 0.05, 1), curl: within(0.15 + 0.85 * share) },
      jelly: within(0.2 + 0.8 * share),
    };
  }
  const share = within((age - sealed) / (emerges - sealed));
  const bareTip = within((age - TIP_BARE_FROM) / (emerges - TIP_BARE_FROM), age > TIP_BARE_FROM ? 0.15 : 0);
  const capping = { tone: within(share + noise(NOISE.tone)), bareTip: caste === 'queen' ? bareTip : 0 };
  const closed = { ...blank, wall: 1, capping };
  if (end === 'torn-down') return { ...closed, end: 'torn-side' };
  if (age >= emerges) return { ...closed, capping: { ...capping, bareTip: 1 }, end: 'open-tip' };
  const lidCutFrom = Math.max(LID_CUT_FROM, emerges - LID_CUT_BEFORE);
  return caste === 'queen' && age >= lidCutFrom ? { ...closed, end: 'lid-cut' } : closed;
}

/** A dry cup: it has no age. */
export const dryCup = (seed: number): CellLook => {
  const draws = drawsOf(seed, 'cup');
  return {
    caste: 'queen',
    wall: draws.between(0.06, 0.16),
    egg: null,
    larva: null,
    jelly: 0,
    capping: null,
    end: null,
    shape: { width: draws.between(0.9, 1.1), slant: draws.between(-6, 6) },
  };
};

/** The finest stage that each kind of look can be told by. */
const FINEST = [
  'egg-upright',
  'egg-leaning',
  'egg-flat',
  'larva-small',
  'larva-large',
  'sealed-fresh',
  'sealed-ripe',
] as const;

/**
 * The stages that a cell of an age may be called by the core, the one that is told first: the finest whose days it lies in, and the plain one of
 * its group. On a day that lies in two, both are right.
 *
 * @param look whether what tells a fresh cell from a ripe one can be seen
 */
export function stagesOf(age: number, look: CellLook, isTipSeen = true): readonly CellStage[] {
  if (look.end === 'torn-side') return ['torn-down'];
  if (look.end === 'open-tip') return ['emerged'];
  const days = Math.floor(age);
  const group = look.egg ? 'egg' : look.larva ? 'larva' : look.capping ? 'sealed' : 'dry';
  if (group === 'dry') return ['cup-dry'];
  const fine = FINEST.filter((stage) => {
    const { ages, group: of } = STAGES[stage];
    return of === group && ages !== null && ages.from <= days && (ages.to === null || days <= ages.to);
  });
  if (group === 'larva') return fine;
  if (group === 'egg') return [...fine, 'egg'];
  const byTip: CellStage = (look.capping?.bareTip ?? 0) > 0 ? 'sealed-ripe' : 'sealed-fresh';
  if (!isTipSeen) return ['sealed'];
  const moving: readonly CellStage[] = look.end === 'lid-cut' ? ['queen-moving'] : [];
  return [...moving, ...(fine.includes(byTip as (typeof FINEST)[number]) ? [byTip] : []), 'sealed'];
}
