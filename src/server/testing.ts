import { day } from '../core/calendar/day';
import { endOfDay, type Now } from '../core/calendar/now';
import { inspection } from '../core/colony/testing';
import type { InspectionEntry } from '../core/facts/entry';
import type { ProgrammeStart } from '../core/facts/programme-start';
import type { Result } from '../core/problems/issue';
import { type Book, openDatabase, openImage } from '../db/open';
import { apiaries, colonies } from '../db/schema/tables';
import { larkvaleSeason } from '../demo/larkvale';
import { insertAllFacts } from './season/season-facts';

/** An id by its number. */
export const id = (n: number) => `01970000-0000-7000-8000-${String(n).padStart(12, '0')}`;

/** The end of the demo's day. */
export const DEMO_NOW: Now = {
  today: day('2027-05-16'),
  minute: endOfDay(day('2027-05-16')),
  instant: '2027-05-16T18:00:00.000Z',
};

/** Books as they are when a test begins, made once: to make one takes longer than most tests. */
const images = new Map<'empty' | 'demo', Buffer>();

function imageOf(of: 'empty' | 'demo'): Buffer {
  const known = images.get(of);
  if (known) return known;
  const opened = openDatabase(':memory:');
  if (of === 'demo') opened.db.transaction((tx) => insertAllFacts(tx, larkvaleSeason()));
  const image = opened.sqlite.serialize();
  opened.sqlite.close();
  images.set(of, image);
  return image;
}

/** A book of its own with the demo's season in it. */
export const demoBook = (): Book => openImage(imageOf('demo'));

/** A book of its own with nothing in it. */
export const emptyBook = (): Book => openImage(imageOf('empty'));

/** A book of its own with one apiary, Orchard, and colonies in it since April 2027, by name and id. */
export function bookOf(apiaryId: string, named: Readonly<Record<string, string>>): Book {
  const opened = emptyBook();
  const { db } = opened;
  db.insert(apiaries)
    .values({ id: apiaryId, name: 'Orchard', note: '', mainFlowFrom: null, mainFlowTo: null, swarmMonths: null })
    .run();
  for (const [name, colonyId] of Object.entries(named)) {
    db.insert(colonies)
      .values({
        id: colonyId,
        apiaryId,
        name,
        stand: '',
        origin: 'established',
        parentColonyId: null,
        startedOn: '2027-04-01',
        endedOn: null,
        note: '',
      })
      .run();
  }
  return opened;
}

/** An inspection as it is entered, for tests: as one that is known, with the queen looked for and not seen. */
export function anEntry({
  at = '2027-05-10T12:00',
  ...over
}: Partial<InspectionEntry> & Pick<InspectionEntry, 'id' | 'colonyId'>): InspectionEntry {
  const { on: _, to: __, ...look } = inspection({ at, queen: 'none' });
  return { ...look, temper: 'not-noted', food: 'not-looked-for', to: null, until: null, cells: [], ...over };
}

/** A method as it is begun, for tests: without anything that only some methods have. */
export const aStart = (
  over: Partial<ProgrammeStart> & Pick<ProgrammeStart, 'id' | 'colonyId' | 'method' | 'on'>,
): ProgrammeStart => ({
  at: null,
  to: null,
  secondThinning: true,
  onlySealedBroodUp: false,
  queenShakenDown: false,
  stepsDone: false,
  buysQueen: false,
  turnsDaily: false,
  note: '',
  keptCellIds: [],
  newColony: null,
  stand: null,
  withColonyId: null,
  gift: null,
  ...over,
});

/** `stored`, or what was wrong where: `missing hive.boxes`. */
export const codes = (result: Result<unknown>) =>
  result.ok ? 'stored' : result.issues.map(({ path, code }) => `${code} ${path.join('.')}`);
