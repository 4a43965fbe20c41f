import type { Day } from '../core/calendar/day';
import { isSealed } from '../core/cells/stage';
import type { ColonyState } from '../core/colony/fold';
import { lays } from '../core/colony/queen-state';
import { mayStillHoldQueen } from '../core/colony/track-cells';
import { noFitDay } from '../core/schedule/fit-days';
import type { CheckOnDay } from '../core/schedule/standing';
import { flowWords, lossWords } from '../words/scale';
import { flightsWords, noFitDayWords, swarmRiskWords } from '../words/weather';
import { type Measured, NOTHING_MEASURED } from './measured';
import type { Yard, YardColony } from './yard';

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

export function measuredNotes(
  { id, apiaryId }: { readonly id: string; readonly apiaryId: string },
  { flights, today }: Pick<ColonyState, 'flights' | 'today'>,
  lead: CheckOnDay | null,
  { weather, scales }: Measured = NOTHING_MEASURED,
): MeasuredNotes {
  const scale = scales.get(id);
  const noDay = lead && noFitDay(lead.check, weather.get(apiaryId)?.days ?? [], today);
  return {
    flights: flights && flightsWords(flights),
    noFitDay: noDay && noFitDayWords(noDay),
    losses: (scale?.losses ?? []).map((loss) => ({
      colonyId: id,
      at: loss.at,
      words: lossWords(loss),
      isToBeLookedAt: loss.isToBeLookedAt,
    })),
    flow: scale ? flowWords(scale) : null,
  };
}

/** Sealed cells, and a queen or virgins who may go with a swarm. */
function mayGo({ state }: YardColony): boolean {
  const live = state.liveCells.filter((cell) => mayStillHoldQueen(cell, state.today));
  return live.some(({ lastStage }) => isSealed(lastStage)) && (lays(state.queen) || live.length > 1);
}

/** Of each apiary with swarm weather from today on: which of its colonies may swarm then. */
export function swarmRisks({ colonies, apiaries, measured }: Yard, today: Day): readonly string[] {
  return apiaries.flatMap(({ id }) => {
    const names = colonies.filter((one) => one.apiary.id === id && mayGo(one)).map(({ colony }) => colony.name);
    const on = measured?.weather.get(id)?.swarmWeather.find((one) => one >= today);
    return on === undefined || names.length === 0 ? [] : [swarmRiskWords(on, names)];
  });
}
