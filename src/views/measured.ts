import type { Day } from '../core/calendar/day';
import type { FlowKnown } from '../core/scale/flow-known';
import type { OpenLoss } from '../core/scale/losses';
import type { NightsAhead } from '../core/weather/nights-ahead';
import type { Weather } from '../core/weather/weather-of';

/** An apiary's weather as it is known on a day. */
export interface ApiaryWeather extends Pick<Weather, 'days' | 'swarmWeather'> {
  readonly nights: NightsAhead;
}

/** What the scale under a colony says on a day. */
export interface ScaleNow extends FlowKnown {
  /** Sudden losses that may have been swarms, and are not settled. */
  readonly losses: readonly OpenLoss[];
}

/** What devices, files and the keeper say of weather and weights. */
export interface Measured {
  /** By the apiary; those of which nothing is known are not among them. */
  readonly weather: ReadonlyMap<string, ApiaryWeather>;
  /** By the colony; those without a scale are not among them. */
  readonly scales: ReadonlyMap<string, ScaleNow>;
}

export const NOTHING_MEASURED: Measured = { weather: new Map(), scales: new Map() };

/** The coldest of the next five nights at an apiary, °C; null: not all of them are known. */
export const coldestAt = ({ weather }: Measured, apiaryId: string): number | null =>
  weather.get(apiaryId)?.nights.coldestC ?? null;

/** The flow of colonies at an apiary by their scales: the one that has been on for longest. Null: none is. */
export function flowAt(
  { scales }: Measured,
  colonyIds: readonly string[],
): { readonly from: Day; readonly strong: boolean; readonly gainKg: number | null } | null {
  const flows = colonyIds.flatMap((id) => {
    const scale = scales.get(id);
    return scale?.flow ? [{ ...scale.flow, gainKg: scale.gainKg }] : [];
  });
  return flows.sort((a, b) => a.from - b.from)[0] ?? null;
}
