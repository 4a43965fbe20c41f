import type { Day } from '../core/calendar/day';
import type { Units } from '../core/units/units';
import type { NamedColony } from './all-apiaries';
import type { ApiarySky } from './sky';

/** What every screen may need of the book: its name on this device, the days of its checks, its colonies by name. */
export interface BookInfo {
  readonly bookId: string;
  /** What it is called where a device knows several. */
  readonly bookName: string;
  readonly isDemo: boolean;
  /** Who looks came in by a reader's link, and cannot write. */
  readonly isReader: boolean;
  readonly today: Day;
  /** In what measures are said. */
  readonly units: Units;
  /** How many checks have their best day on each day. */
  readonly due: readonly (readonly [Day, number])[];
  /** Days on which some hive is to be left shut. */
  readonly shut: readonly Day[];
  /** What the weather of each day allows, by the apiary. */
  readonly sky: readonly ApiarySky[];
  readonly colonies: readonly (NamedColony & { readonly apiaryId: string })[];
  /** Names that colonies had before, each with the colony that had it. */
  readonly formerNames: readonly NamedColony[];
}
