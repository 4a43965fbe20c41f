import 'server-only';
import type { CalendarHolds, FreeTimeEntry, SchoolsEntry, SettingsEntry } from '../../core/facts/setting';
import { failure, type Issue, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import { allSizes, type Settings } from '../../core/settings/settings';
import { framesOf, type Hive } from '../../core/space/hive';
import type { Db } from '../../db/open';
import { loadSettings, saveSettings } from '../../db/repositories/settings';
import { framePlans, surveys } from '../../db/schema/tables';
import { speakUnits } from '../../words/measures';

/** Stores the settings, unless a hive of the book would be left with frames of a size that nobody knows. */
export function changeSettings(db: Db, settings: Settings): Result<object> {
  return db.transaction((tx) => {
    const known = new Set(allSizes(settings).map(({ id }) => id));
    const issues = (['broodSize', 'superSize'] as const).flatMap((key): Issue[] =>
      known.has(settings[key]) ? [] : [{ path: [key], code: 'unknown-reference', message: say('choose-a-size') }],
    );
    if (usedSizes(tx).some((id) => !known.has(id))) {
      const message = say('size-in-use');
      issues.push({ path: ['ownSizes'], code: 'in-use', message });
    }
    if (issues.length > 0) return failure(...issues);
    saveSettings(tx, settings);
    speakUnits(settings.units);
    return success({});
  });
}

/** Stores some of the settings; all others stay as they are, so that pages opened beside each other undo nothing of one another. */
export const changeSome = (
  db: Db,
  entry: SettingsEntry | FreeTimeEntry | SchoolsEntry | CalendarHolds,
): Result<object> => changeSettings(db, { ...loadSettings(db), ...entry } as Settings);

/** Every size of frame or box that some hive of the book has. */
function usedSizes(db: Db): readonly string[] {
  const hives: readonly Hive[] = [
    ...db
      .select({ hive: surveys.hive })
      .from(surveys)
      .all()
      .map(({ hive }) => hive),
    ...db
      .select({ units: framePlans.units })
      .from(framePlans)
      .all()
      .flatMap(({ units }) => units.map(({ hive }) => hive)),
  ];
  return hives.flatMap((hive) => [...hive.boxes, ...framesOf(hive)].map(({ size }) => size));
}
