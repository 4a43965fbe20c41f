import { type Day, formatDay } from '../core/calendar/day';
import { clockText } from '../core/calendar/minute';
import { grouped } from '../core/grouped';
import { colonyOfVisit } from '../core/rounds/to-visit';
import { morningPhrases } from '../words/morning';
import type { Pack } from './pack';

/** What a phone says in the morning of a day on which there is a round. */
export interface Morning {
  /** `YYYY-MM-DD` */
  readonly on: string;
  readonly words: string;
}

/** Where the service worker finds them: it has no pack of its own. */
export const MORNINGS_CACHE = 'ubbet-mornings';
export const MORNINGS = '/mornings.json';
/** By this name the browser wakes it. */
export const MORNING_TAG = 'ubbet-morning';

/** The first hour at which it speaks, and the first at which it does not any more. */
const FROM_HOUR = 5;
const TO_HOUR = 12;

/** A line for each day on which there are rounds, as far as they are planned. */
export function morningsOf({
  plan,
  apiaries,
  colonies,
}: Pick<Pack, 'plan' | 'apiaries' | 'colonies'>): readonly Morning[] {
  const nameOf = new Map(colonies.map(({ colony }) => [colony.id, colony.name]));
  const placeOf = new Map(apiaries.map(({ id, name }) => [id, name]));
  const withHives = (plan?.rounds ?? []).filter(({ checks }) => checks.length > 0);
  return [...grouped(withHives, ({ on }) => on)].map(([on, rounds]) => ({
    on: formatDay(on as Day),
    words: rounds
      .map(({ apiary, checks, hours }) => {
        const ids = new Set(checks.map(colonyOfVisit));
        const names = [...ids].flatMap((id) => nameOf.get(id) ?? []);
        return morningPhrases.round(hours ? clockText(hours.from) : null, placeOf.get(apiary) ?? '', names);
      })
      .join('\n'),
  }));
}

/**
 * What is to be said now; null: nothing. In the morning only, and once a day.
 *
 * @param now local minute, `YYYY-MM-DDTHH:mm`
 * @param saidOn the last day on which it was said
 */
export function morningNow(mornings: readonly Morning[], now: string, saidOn: string | null): Morning | null {
  const [today, hour] = [now.slice(0, 10), Number(now.slice(11, 13))];
  if (saidOn === today || hour < FROM_HOUR || hour >= TO_HOUR) return null;
  return mornings.find(({ on }) => on === today) ?? null;
}
