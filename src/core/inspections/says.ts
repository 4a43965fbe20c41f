import type { YoungestBrood } from '../brood/youngest';
import type { Day } from '../calendar/day';
import type { CellPlace } from '../cells/place';
import type { CellStage } from '../cells/stage';
import { type Plain, sayer } from '../says/said';

interface Named {
  readonly label: string;
}

interface NamedOn extends Named {
  readonly on: Day;
}

/** What is said of what an inspection saw. */
export interface InspectionSays {
  'drone-brood': Plain;
  'several-eggs': Plain;
  'queen-none': Plain;
  'queen-virgin': Plain;
  'queen-caged': Plain;
  /** `place` null: where they hang was not noted, or does not matter. */
  cells: { readonly stage: CellStage; readonly count: number; readonly place: CellPlace | null };
  'no-cells': Plain;
  'cells-not-sought': Plain;
  'search-not-said': Plain;
  'no-cells-below': Plain;
  'eggs-seen': Plain;
  'eggs-none': Plain;
  'eggs-not-looked-for': Plain;
  'queen-seen': Plain;
  'queen-not-seen': Plain;
  'queen-not-sought': Plain;
  youngest: { readonly youngest: YoungestBrood };
  bound: Plain;
  'laying-room': { readonly days: number };
  'cells-not-looked-at': { readonly cells: readonly NamedOn[] };
  'cells-above': { readonly cells: readonly NamedOn[] };
  'cells-overdue': { readonly cells: readonly Named[] };
  'virgin-above': Plain;
  'cells-not-found': { readonly cells: readonly Named[] };
}

export const say = sayer<InspectionSays>('inspections');
