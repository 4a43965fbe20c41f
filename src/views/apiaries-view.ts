import type { Day } from '../core/calendar/day';
import type { DayFit } from '../core/weather/weather-of';
import { flowWords } from '../words/scale';
import { dayAllows } from '../words/weather';
import type { AllApiaries } from './all-apiaries';

export interface ApiaryLine {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  readonly colonies: readonly { readonly id: string; readonly name: string }[];
  /** What today allows there; null: nothing is known of its weather. */
  readonly today: { readonly fit: DayFit; readonly words: string } | null;
  /** Colonies that stand on scales, with the flow that they show. */
  readonly scales: readonly { readonly colonyId: string; readonly name: string; readonly words: string }[];
}

/** Every apiary, with what its weather and its scales say today. */
export function apiariesView({ apiaries, colonies, measured }: AllApiaries, today: Day): readonly ApiaryLine[] {
  return apiaries.map(({ id, name, note }) => {
    const own = colonies.filter((one) => one.apiary.id === id).map(({ colony }) => colony);
    const day = measured?.weather.get(id)?.days.find(({ on }) => on === today);
    return {
      id,
      name,
      note,
      colonies: own.map((colony) => ({ id: colony.id, name: colony.name })),
      today: day ? { fit: day.fit, words: dayAllows(day) } : null,
      scales: own.flatMap((colony) => {
        const scale = measured?.scales.get(colony.id);
        return scale ? [{ colonyId: colony.id, name: colony.name, words: flowWords(scale) }] : [];
      }),
    };
  });
}
