import { addDays, type Day } from '../core/calendar/day';
import type { DayRange } from '../core/calendar/window';
import type { Choice, WhatIfAsked } from '../core/population/asked';
import { type ColonyBegun, colonyNow, swarmSeason } from '../core/population/colony-now';
import { FORAGE, MAIN_FLOW, MATING_SUCCEEDS } from '../core/population/figures';
import { methodsInOrder } from '../core/population/usual-choices';
import { queenYear } from '../core/queens/age';
import { allSizes, type Settings } from '../core/settings/settings';
import type { ColonyState } from '../core/state/fold';
import type { PlaceYear } from '../core/year/place-year';

/** So far ahead choices are followed. */
export const DAYS_AHEAD = 90;
/** Enough that shares do not jump from one reckoning to the next. */
export const RUNS = 1000;

export interface WhatIfView {
  readonly colony: { readonly id: string; readonly name: string };
  readonly begun: ColonyBegun;
  readonly asked: WhatIfAsked;
  readonly choices: readonly Choice[];
  /** The season and the flow were not noted, and are supposed. */
  readonly isFlowKnown: boolean;
}

interface Asked {
  readonly colony: { readonly id: string; readonly name: string };
  readonly state: ColonyState;
  readonly settings: Settings;
  /** How the year runs where it stands. */
  readonly year: PlaceYear;
  /** The main flow; null: not noted. */
  readonly flow: DayRange | null;
  /** When its queen emerged; null: not noted. */
  readonly emerged: DayRange | null;
}

/** What a comparison begins with: the colony as it was seen last, and three choices that come to mind. */
export function whatIfView({ colony, state, settings, year, flow, emerged }: Asked, today: Day): WhatIfView {
  const begun = colonyNow(state, queenYear(emerged, today), allSizes(settings));
  const last = addDays(today, DAYS_AHEAD - 1);
  const isAhead = flow !== null && flow.to >= today;
  return {
    colony,
    begun,
    isFlowKnown: isAhead,
    asked: {
      from: today,
      days: DAYS_AHEAD,
      seed: 1,
      runs: RUNS,
      season: swarmSeason(year, today) ?? { from: addDays(today, -1), to: addDays(today, -1) },
      colony: begun.colony,
      flow: [
        { from: today, to: last, kgPerDay: FORAGE.value },
        ...(isAhead ? [{ from: flow.from < today ? today : flow.from, to: flow.to, kgPerDay: MAIN_FLOW.value }] : []),
      ],
      matingSuccess: MATING_SUCCEEDS.value,
    },
    choices: methodsInOrder(begun.colony).map((choice) => ({
      choice,
      on: today,
      giveRoom: choice !== 'nothing',
      buysQueen: false,
    })),
  };
}
