import 'server-only';
import { addDays, type Day } from '../../core/calendar/day';
import { nightsAhead } from '../../core/weather/nights-ahead';
import { weatherOf } from '../../core/weather/weather-of';
import type { Book } from '../../db/open';
import { nightsSaid } from '../../db/repositories/weather';
import type { ApiaryWeather } from '../../views/measured';
import { workedOut } from '../worked-out';
import { hoursAt } from './hours';

/** The ruler reaches so far back and ahead, and swarm weather asks for the days before. */
const AROUND = { back: 12, ahead: 31 } as const;

/** An apiary's weather about a day; null: nothing is known of it, or it cannot be worked out. */
export function weatherAt(opened: Book, apiaryId: string, today: Day): ApiaryWeather | null {
  const days = { from: addDays(today, -AROUND.back), to: addDays(today, AROUND.ahead) };
  const hours = hoursAt(opened, apiaryId, today, days);
  const said = nightsSaid(opened.db, apiaryId);
  return workedOut(() => weatherBy(hours, said, today), null);
}

function weatherBy(
  hours: ReturnType<typeof hoursAt>,
  said: ReturnType<typeof nightsSaid>,
  today: Day,
): ApiaryWeather | null {
  if (hours.length === 0) {
    const nights = nightsAhead([], said, today);
    return nights.nights.some(({ by }) => by !== null) ? { days: [], swarmWeather: [], nights } : null;
  }
  const { days: known, swarmWeather, nextNights } = weatherOf(hours, [], today);
  return { days: known, swarmWeather, nights: nightsAhead(nextNights, said, today) };
}
