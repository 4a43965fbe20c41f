import type { SeasonFacts } from '../../formats/season-file';
import { byTime, namesOf } from '../names';
import { type Sheet, sheetOf } from '../sheet';

const MINUTES_AN_HOUR = 60;
const two = (n: number): string => String(n).padStart(2, '0');
const minuteOfDay = (on: string, minute: number): string =>
  `${on}T${two(Math.floor(minute / MINUTES_AN_HOUR))}:${two(minute % MINUTES_AN_HOUR)}`;

/** Every reading of a hive scale, kg. */
export function weightsSheet(facts: SeasonFacts): Sheet {
  const names = namesOf(facts);
  const rows = facts.scaleDays.flatMap(({ colonyId, on, readings }) =>
    readings.map(([minute, kg]) => ({ colonyId, at: minuteOfDay(on, minute), kg })),
  );
  return sheetOf(
    [
      { head: 'apiary', of: ({ colonyId }) => names.apiaryOf(colonyId) },
      { head: 'colony', of: ({ colonyId }) => names.colony(colonyId) },
      { head: 'at', of: ({ at }) => at },
      { head: 'weight-kg', of: ({ kg }) => kg },
      { head: 'colony-id', of: ({ colonyId }) => colonyId },
    ],
    byTime(rows),
  );
}

/** Every hour of weather that is known or was foretold, as last told. */
export function weatherSheet(facts: SeasonFacts): Sheet {
  const names = namesOf(facts);
  const rows = facts.weatherDays.flatMap(({ apiaryId, on, hours }) =>
    hours.map((hour) => ({ ...hour, apiaryId, at: minuteOfDay(on, hour.hour * MINUTES_AN_HOUR) })),
  );
  return sheetOf(
    [
      { head: 'apiary', of: ({ apiaryId }) => names.apiary(apiaryId) },
      { head: 'at', of: ({ at }) => at },
      { head: 'temperature-C', of: ({ tempC }) => tempC },
      { head: 'rain-mm', of: ({ rainMm }) => rainMm },
      { head: 'wind-m/s', of: ({ windMs }) => windMs },
      { head: 'told-at', of: ({ toldAt }) => toldAt },
      { head: 'told-by', of: ({ source }) => source },
    ],
    byTime(rows),
  );
}
