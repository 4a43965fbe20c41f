import 'server-only';
import { formatDay } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import { bareApiary } from '../../core/facts/apiary';
import type { StartEntry } from '../../core/facts/first-run';
import type { Result } from '../../core/problems/issue';
import type { Db } from '../../db/open';
import { loadSettings, saveSettings } from '../../db/repositories/settings';
import { allOrNothing } from '../all-or-nothing';
import { saveApiary } from './save-apiary';
import { saveColony } from './save-colony';

/** Makes the first apiary and colony and says when swarms come: all of it or nothing. */
export function firstRun(db: Db, entry: StartEntry, now: Now): Result<{ id: string }> {
  const { apiaryId, apiaryName, swarmMonths, timeZone, colonyId, colonyName, knownSince } = entry;
  const apiary = bareApiary(apiaryId, apiaryName);
  const colony = {
    id: colonyId,
    apiaryId,
    name: colonyName,
    stand: '',
    origin: 'established',
    parentColonyId: null,
    startedOn: knownSince ?? formatDay(now.today),
    endedOn: null,
    note: '',
    wanted: 'nothing',
  } as const;
  return allOrNothing(db, (tx) => {
    const place = named(saveApiary(tx, apiary, now), { name: 'apiaryName' });
    if (!place.ok) return place;
    const made = named(saveColony(tx, colony, now), { name: 'colonyName', startedOn: 'knownSince' });
    if (made.ok) saveSettings(tx, { ...loadSettings(tx), swarmMonths, timeZone });
    return made;
  });
}

/** The issues under the names that their fields have in this entry. */
function named<T>(result: Result<T>, here: Readonly<Record<string, string>>): Result<T> {
  if (result.ok) return result;
  return {
    ...result,
    issues: result.issues.map((one) => ({ ...one, path: one.path.map((step) => here[step] ?? step) })),
  };
}
