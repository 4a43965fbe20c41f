import { figure } from '../biology/figure';
import { LEAVE_SHUT_DAYS, MATING_FAILED } from '../biology/mating';
import { FRAME_SIZES, type FrameSize } from '../space/frame-size';
import { DEFAULT_NECTAR, type RoomFigures } from '../space/nectar';
import { METRIC, type Units } from '../units/units';
import type { ApiaryYear } from '../year/apiary-year';
import { type PlaceYear, placeYear } from '../year/place-year';
import { type FreeTime, USUAL_WEEK } from './free-time';
import type { Schools } from './schools';
import {
  BROOD_FOR_DEMAREE,
  BROOD_FOR_NUC,
  BROOD_FOR_SPLIT,
  INTERLEAVE_NIGHT,
  MAIN_FLOW_NEAR,
  ONLY_SEALED_UP_NIGHT,
  SEAMS_FOR_DEMAREE,
} from './strength';

/** Swarms come from April to July in most of the north, and from October to January in the south: a first guess. */
export const NORTHERN_SWARM_MONTHS: readonly number[] = [4, 5, 6, 7];
export const SOUTHERN_SWARM_MONTHS: readonly number[] = [10, 11, 12, 1];

const ROUTINE = 'days-between';
export const BUILD_UP_INTERVAL = figure('routine-in-build-up', 14, ROUTINE, 'caution');
export const AFTER_SEASON_INTERVAL = figure('routine-after-the-swarm-season', 21, ROUTINE, 'caution');

/** One cell for the queen, one in hand. */
export const KEPT_CELLS_AT_MOST = figure('cells-kept-at-most', 2, 'cells', 'caution');

export const WAY_MINUTES = figure('minutes-there-and-back', 20, 'minutes', 'setting');

export const CALENDAR_SHOWS = ['checks', 'rounds', 'both'] as const;
/** What the calendar that other programs read holds: each check, the planned rounds, or both. */
export type CalendarShows = (typeof CALENDAR_SHOWS)[number];

/** What the keeper may change. Every value has a default. */
export interface Settings extends Schools, FreeTime {
  /** Months of the year, 1 to 12, in which swarms come. */
  readonly swarmMonths: readonly number[];
  /** Days after the latest emergence for which a hive with a virgin is left shut. */
  readonly leaveShutDays: number;
  /** Days after which a mating counts as failed. */
  readonly matingFailedDays: number;
  /** A fixed number of days between looks in the swarm season; null: by the hidden-cell rule. */
  readonly fixedIntervalDays: number | null;
  /** Frames of brood below which a method does not fit. */
  readonly leastBroodNuc: number;
  readonly leastBroodSplit: number;
  readonly leastBroodDemaree: number;
  /** Seams covered by bees below which a Demaree or interleaving does not fit. */
  readonly leastSeamsDemaree: number;
  /** A Demaree wants the main flow within this many days. */
  readonly mainFlowNearDays: number;
  /** Interleaving wants the next five nights at this or more, °C. */
  readonly interleaveNightC: number;
  /** With nights under this in the next five only sealed brood goes up in a Demaree, °C. */
  readonly onlySealedUpNightC: number;
  /** What a hive stores in a day on a light and on a strong flow, kg. */
  readonly lightFlowKg: number;
  readonly strongFlowKg: number;
  /** Frame size of a new brood box and of a new super, by its id. */
  readonly broodSize: string;
  readonly superSize: string;
  /** Frame sizes that the keeper has added. */
  readonly ownSizes: readonly FrameSize[];
  /** The keeper's time zone, by its IANA name; null: that of the machine that Ubbet runs on. */
  readonly timeZone: string | null;
  /** In what measures are said; stored they are in SI. */
  readonly units: Units;
  /** Cells are thinned once more a week after a method, unless the keeper says otherwise. */
  readonly secondThinning: boolean;
  /** To an apiary and back, where it has no way of its own, min. */
  readonly wayMinutes: number;
  /** The road from one apiary straight to another, min; of pairs that are not among them it is not known. */
  readonly roadMinutes: readonly { readonly a: string; readonly b: string; readonly minutes: number }[];
  /** Minutes by what is done at a hive, as the keeper says; what is not among them is learned, or as usual. */
  readonly workMinutes: { readonly [kind: string]: number };
  /** Where the hives stand, degrees: for sunset. Null: not known. */
  readonly latitude: number | null;
  readonly longitude: number | null;
  readonly calendarShows: CalendarShows;
  /** Rounds in the calendar remind of themselves. */
  readonly calendarReminds: boolean;
}

export const DEFAULT_SETTINGS: Settings = {
  swarmMonths: NORTHERN_SWARM_MONTHS,
  leaveShutDays: LEAVE_SHUT_DAYS.value,
  matingFailedDays: MATING_FAILED.value,
  fixedIntervalDays: null,
  leastBroodNuc: BROOD_FOR_NUC.value,
  leastBroodSplit: BROOD_FOR_SPLIT.value,
  leastBroodDemaree: BROOD_FOR_DEMAREE.value,
  leastSeamsDemaree: SEAMS_FOR_DEMAREE.value,
  mainFlowNearDays: MAIN_FLOW_NEAR.value,
  interleaveNightC: INTERLEAVE_NIGHT.value,
  onlySealedUpNightC: ONLY_SEALED_UP_NIGHT.value,
  lightFlowKg: DEFAULT_NECTAR.light,
  strongFlowKg: DEFAULT_NECTAR.strong,
  broodSize: 'national-deep',
  superSize: 'national-super',
  ownSizes: [],
  cellsKept: 1,
  earlyFirst: 'room',
  schoolsAsked: [],
  timeZone: null,
  units: METRIC,
  secondThinning: true,
  freeWeek: USUAL_WEEK,
  away: [],
  extraHours: [],
  wayMinutes: WAY_MINUTES.value,
  roadMinutes: [],
  workMinutes: {},
  latitude: null,
  longitude: null,
  calendarShows: 'checks',
  calendarReminds: true,
};

/** What each setting may be, both ends included. */
export const SETTING_LIMITS = {
  leaveShutDays: { min: 5, max: 21 },
  matingFailedDays: { min: 21, max: 42 },
  fixedIntervalDays: { min: 3, max: 14 },
  leastBroodNuc: { min: 2, max: 12 },
  leastBroodSplit: { min: 3, max: 16 },
  leastBroodDemaree: { min: 4, max: 20 },
  leastSeamsDemaree: { min: 4, max: 24 },
  mainFlowNearDays: { min: 0, max: 42 },
  interleaveNightC: { min: 4, max: 18 },
  onlySealedUpNightC: { min: 0, max: 15 },
  lightFlowKg: { min: 0.1, max: 3 },
  strongFlowKg: { min: 0.5, max: 8 },
  wayMinutes: { min: 0, max: 600 },
  latitude: { min: -66, max: 66 },
  longitude: { min: -180, max: 180 },
  cellsKept: { min: 1, max: KEPT_CELLS_AT_MOST.value },
} as const;

/** The year of an apiary: its days as entered, else its months, else those of the book. */
export const yearAt = (
  apiary: {
    readonly swarmMonths?: readonly number[] | null | undefined;
    readonly year?: ApiaryYear | null | undefined;
  },
  ofBook: Pick<Settings, 'swarmMonths'>,
): PlaceYear => placeYear(apiary.swarmMonths ?? ofBook.swarmMonths, apiary.year ?? null);

/** The settings as they hold at a place, with its year. */
export interface SettingsHere extends Settings {
  readonly yearHere?: PlaceYear;
}

/** The year that is reckoned with: that of the place, else by the months of the book. */
export const yearHere = (settings: Pick<SettingsHere, 'yearHere' | 'swarmMonths'>): PlaceYear =>
  settings.yearHere ?? placeYear(settings.swarmMonths, null);

/** Every frame size that a hive of this book can have. */
export const allSizes = ({ ownSizes }: Pick<Settings, 'ownSizes'>): readonly FrameSize[] => [
  ...FRAME_SIZES,
  ...ownSizes,
];

/** What room is reckoned with in this book. */
export const roomFigures = (settings: Settings): RoomFigures => ({
  sizes: allSizes(settings),
  nectarKg: { light: settings.lightFlowKg, strong: settings.strongFlowKg },
});
