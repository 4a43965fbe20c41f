import 'server-only';
import { z } from 'zod';
import { formatDay } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import { isoDayField } from '../../core/facts/day-field';
import { idField, nameField } from '../../core/facts/fields';
import { settingsFields } from '../../core/facts/setting';
import { type Result, success } from '../../core/problems/issue';
import type { Db } from '../../db/open';
import { loadSettings, saveSettings } from '../../db/repositories/settings';
import { saveApiary } from './save-apiary';
import { saveColony } from './save-colony';

/** The three things that are asked before anything else. */
export const startEntry = z.strictObject({
  apiaryId: idField,
  apiaryName: nameField,
  swarmMonths: settingsFields.shape.swarmMonths,
  /** The time zone of the device that asked first; null: it did not say. */
  timeZone: settingsFields.shape.timeZone.default(null),
  colonyId: idField,
  colonyName: nameField,
  /** Since when the book is to know it; null: from today. */
  knownSince: isoDayField.nullable().default(null),
});

class Refused extends Error {
  constructor(readonly result: Result<never>) {
    super('refused');
  }
}

const NO_FLOW_NOTED = { mainFlowFrom: null, mainFlowTo: null, swarmMonths: null } as const;

/** Makes the first apiary and colony and says when swarms come: all of it or nothing. */
export function firstRun(db: Db, entry: z.infer<typeof startEntry>, now: Now): Result<{ id: string }> {
  const { apiaryId, apiaryName, swarmMonths, timeZone, colonyId, colonyName, knownSince } = entry;
  try {
    db.transaction((tx) => {
      orRefuse(saveApiary(tx, { ...NO_FLOW_NOTED, id: apiaryId, name: apiaryName, note: '' }, now), {
        name: 'apiaryName',
      });
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
      orRefuse(saveColony(tx, colony, now), { name: 'colonyName', startedOn: 'knownSince' });
      saveSettings(tx, { ...loadSettings(tx), swarmMonths, timeZone });
    });
  } catch (error) {
    if (error instanceof Refused) return error.result;
    throw error;
  }
  return success({ id: colonyId });
}

/** Leaves the transaction, undoing it, with the issues under the names that their fields have in this entry. */
function orRefuse(result: Result<unknown>, here: Readonly<Record<string, string>>): void {
  if (result.ok) return;
  const issues = result.issues.map((issue) => ({ ...issue, path: issue.path.map((step) => here[step] ?? step) }));
  throw new Refused({ ok: false, issues });
}
