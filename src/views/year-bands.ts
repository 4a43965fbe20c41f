import { addDays, type Day } from '../core/calendar/day';
import type { DayRange } from '../core/calendar/window';
import { yearAt } from '../core/settings/settings';
import { spansOf, type YearSpanKind } from '../core/year/apiary-year';
import { inSeason, seasonPart } from '../core/year/beekeeping-year';
import { joinedYear, type PlaceYear, placeYear, type SeasonPart } from '../core/year/place-year';
import { YEAR_BAND_NAMES } from '../words/year';
import type { AllApiaries } from './all-apiaries';

/** A part of an apiary's year. */
export interface YearBand {
  readonly id: string;
  readonly label: string;
  readonly from: Day;
  readonly to: Day;
  readonly kind: Exclude<SeasonPart, 'rest'> | Exclude<YearSpanKind, 'swarm-season' | 'flow'>;
}

/** The year of all apiaries together. */
export function yearOfAll({ apiaries, settings }: Pick<AllApiaries, 'apiaries' | 'settings'>): PlaceYear {
  return apiaries.length === 0
    ? placeYear(settings.swarmMonths, null)
    : joinedYear(apiaries.map((apiary) => yearAt(apiary, settings)));
}

/** The parts of a place's year within some days, and what else was entered of it. */
export function yearBands(year: PlaceYear, { from, to }: DayRange): readonly YearBand[] {
  const bands: YearBand[] = [];
  for (let on = from; on <= to; on = addDays(on, 1)) {
    const kind = seasonPart(on, year);
    const last = bands.at(-1);
    if (kind === 'rest') continue;
    if (last?.kind === kind && last.to === addDays(on, -1)) bands[bands.length - 1] = { ...last, to: on };
    else bands.push({ id: `${kind} ${on}`, kind, label: YEAR_BAND_NAMES[kind], from: on, to: on });
  }
  const others = (['dearth', 'autumn-flow'] as const).flatMap((kind) =>
    spansOf(year.entered, kind).flatMap((span): YearBand[] => {
      const there = inSeason(span, { from, to });
      return there ? [{ id: `${kind} ${there.from}`, kind, label: YEAR_BAND_NAMES[kind], ...there }] : [];
    }),
  );
  return [...bands, ...others];
}
