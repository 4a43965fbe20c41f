import type { Day } from '../core/calendar/day';
import type { DayRange } from '../core/calendar/window';
import type { FlowKnown } from '../core/scale/flow-known';
import type { OpenLoss } from '../core/scale/losses';
import type { Scale } from '../core/scale/scale-of';
import type { NightsAhead } from '../core/weather/nights-ahead';
import type { Weather } from '../core/weather/weather-of';

/** An apiary's weather as it is known on a day. */
export interface ApiaryWeather extends Pick<Weather, 'days' | 'swarmWeather'> {
  readonly nights: NightsAhead;
}

/** As much of it as a round asks for. */
export type WeatherThere = Pick<ApiaryWeather, 'days' | 'swarmWeather'>;

/** What the scale under a colony says on a day. */
export interface ScaleNow extends FlowKnown {
  /** All of the season, in order of time. */
  readonly flows: Scale['flow'];
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

/** A flow that is on, with the colony whose scale shows it. */
export interface FlowShown {
  readonly from: Day;
  readonly strong: boolean;
  readonly gainKg: number | null;
  readonly name: string;
}

/** The flow that the scales of these colonies show: the one that has been on for longest. Null: none does. */
export function flowAt(
  { scales }: Measured,
  colonies: readonly { readonly id: string; readonly name: string }[],
): FlowShown | null {
  const flows = colonies.flatMap(({ id, name }) => {
    const scale = scales.get(id);
    return scale?.flow ? [{ ...scale.flow, gainKg: scale.gainKg, name }] : [];
  });
  return flows.sort((a, b) => a.from - b.from)[0] ?? null;
}

/** The main flow that methods reckon with: as it was entered, else the one that a scale shows to be on. */
export const flowReckoned = (entered: DayRange | null, byScale: FlowShown | null, today: Day): DayRange | null =>
  entered ?? (byScale && { from: byScale.from, to: today });
