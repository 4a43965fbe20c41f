import type { Day } from '../core/calendar/day';
import { mayGo } from '../core/colony/may-swarm';
import type { OpenLoss } from '../core/scale/losses';
import { noFitDay } from '../core/schedule/fit-days';
import type { ColonyOnDay } from '../core/schedule/standing';
import type { ColonyState } from '../core/state/fold';
import { flowWords, lossWords } from '../words/scale';
import { flightsWords, noFitDayWords, swarmRiskWords } from '../words/weather';
import type { AllApiaries } from './all-apiaries';
import { type Measured, NOTHING_MEASURED, type WeatherThere } from './measured';

/** A sudden loss on the scale, as a question. */
export interface LossView {
  readonly colonyId: string;
  /** Local minute. */
  readonly at: string;
  readonly words: string;
  readonly isToBeLookedAt: boolean;
}

/** What weather and scale have to say of a colony on a day. */
export interface MeasuredNotes {
  /** Of its virgin; null: it has none, or the weather is not known. */
  readonly flights: string | null;
  /** What is due first cannot be done in its window for weather; null: it can, or it is not known. */
  readonly noFitDay: string | null;
  readonly losses: readonly LossView[];
  /** Null: it stands on no scale. */
  readonly flow: string | null;
}

export const lossViews = (colonyId: string, losses: readonly OpenLoss[]): readonly LossView[] =>
  losses.map((loss) => ({ colonyId, at: loss.at, words: lossWords(loss), isToBeLookedAt: loss.isToBeLookedAt }));

export function measuredNotes(
  { id, apiaryId }: { readonly id: string; readonly apiaryId: string },
  { flights, today }: Pick<ColonyState, 'flights' | 'today'>,
  onDay: Pick<ColonyOnDay, 'shut' | 'due' | 'lead'>,
  { weather, scales }: Measured = NOTHING_MEASURED,
): MeasuredNotes {
  const scale = scales.get(id);
  // What is to be left shut waits for its days, not for the weather.
  const lead = onDay.shut !== null && onDay.due.length === 0 ? null : onDay.lead;
  const noDay = lead && noFitDay(lead.check, weather.get(apiaryId)?.days ?? [], today);
  return {
    flights: flights && flightsWords(flights),
    noFitDay: noDay && noFitDayWords(noDay),
    losses: lossViews(id, scale?.losses ?? []),
    flow: scale ? flowWords(scale) : null,
  };
}

/** Which colonies of an apiary may swarm on its next day of swarm weather; null: none, or there is no such day. */
export function swarmRisk(
  colonies: readonly { readonly colony: { readonly name: string }; readonly state: ColonyState }[],
  weather: WeatherThere | null,
  today: Day,
): string | null {
  const on = weather?.swarmWeather.find((one) => one >= today);
  const names = colonies.filter(({ state }) => mayGo(state)).map(({ colony }) => colony.name);
  return on === undefined || names.length === 0 ? null : swarmRiskWords(on, names);
}

/** The same for every apiary that has such a day. */
export const swarmRisks = ({ colonies, apiaries, measured }: AllApiaries, today: Day): readonly string[] =>
  apiaries.flatMap(({ id }) => {
    const own = colonies.filter(({ apiary }) => apiary.id === id);
    return swarmRisk(own, measured?.weather.get(id) ?? null, today) ?? [];
  });
