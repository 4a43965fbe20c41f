import type { ColonyOrigin, QueenWanted } from '../core/colony/facts';
import type { Settings } from '../core/settings/settings';
import type { ColonyState } from '../core/state/fold';
import type { ApiaryYear } from '../core/year/apiary-year';
import type { Measured } from './measured';

export interface ApiaryEntry {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  readonly mainFlowFrom: string | null;
  readonly mainFlowTo: string | null;
  /** Months in which swarms come there; null: as in the settings. */
  readonly swarmMonths: readonly number[] | null;
  /** The days of its year, as entered; null: none were. */
  readonly year: ApiaryYear | null;
  /** There and back, min; null: as in the settings. */
  readonly wayMinutes: number | null;
  /** Since when brood disease is suspected there; null: it is not. */
  readonly diseaseSuspectedSince: string | null;
}

export interface ColonyEntry {
  readonly id: string;
  readonly apiaryId: string;
  readonly name: string;
  readonly stand: string;
  readonly origin: ColonyOrigin;
  readonly parentColonyId: string | null;
  readonly startedOn: string;
  readonly endedOn: string | null;
  readonly note: string;
  readonly wanted: QueenWanted;
}

export interface StandingColony {
  readonly colony: ColonyEntry;
  readonly apiary: ApiaryEntry;
  readonly state: ColonyState;
}

/** Why a colony cannot be worked out: reckoning it threw, did not come to an end, or gave what cannot be. */
export type WhyUnreckoned = 'threw' | 'too-long' | 'nonsense';

/** A standing colony that cannot be worked out. Its entries are as they were made. */
export interface UnreckonedColony {
  readonly colony: ColonyEntry;
  readonly apiary: ApiaryEntry;
  readonly why: WhyUnreckoned;
}

/** All apiaries and standing colonies, as they are on one day. */
export interface AllApiaries {
  readonly apiaries: readonly ApiaryEntry[];
  /** In order of apiary and name. Ended colonies and those that have not begun yet are left out. */
  readonly colonies: readonly StandingColony[];
  /** Those that cannot be worked out; absent: there are none. */
  readonly unreckoned?: readonly UnreckonedColony[];
  readonly settings: Settings;
  /** Weather and scales; absent where nothing of them is taken along. */
  readonly measured?: Measured;
}

export interface NamedColony {
  readonly id: string;
  readonly name: string;
}
