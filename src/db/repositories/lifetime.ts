import 'server-only';
import { and, eq, isNull } from 'drizzle-orm';
import { day } from '../../core/calendar/day';
import { endedOn } from '../../core/colony/ended-on';
import type { Lifetime } from '../../core/colony/time-of-fact';
import { methodNamed } from '../../core/methods/methods';
import type { Db } from '../open';
import { programmes, programmeUnits } from '../schema/tables';
import type { ColonyRow } from './standing-colony';

/**
 * From when to when a colony was there.
 *
 * @param besides a programme that is not counted, since its day is being corrected
 */
export function lifetimeOf(
  db: Db,
  { id, origin, startedOn, endedOn: putDown }: Pick<ColonyRow, 'id' | 'origin' | 'startedOn' | 'endedOn'>,
  besides: string | null = null,
): Lifetime {
  const unions = db
    .select({
      id: programmes.id,
      on: programmes.on,
      endedOn: programmes.endedOn,
      method: programmes.method,
      unit: programmeUnits.unit,
    })
    .from(programmeUnits)
    .innerJoin(programmes, eq(programmes.id, programmeUnits.programmeId))
    .where(and(eq(programmeUnits.colonyId, id), isNull(programmes.deletedAt)))
    .all()
    .filter((one) => one.id !== besides)
    .map(({ on, endedOn: givenUp, method, unit }) => ({
      queen: methodNamed(method).units.find(({ name }) => name === unit)?.queen ?? 'unchanged',
      programme: { on: day(on), endedOn: givenUp === null ? null : day(givenUp) },
    }));
  return { origin, startedOn, endedOn: endedOn(putDown === null ? null : day(putDown), unions) };
}
