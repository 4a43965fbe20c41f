import { cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import Database from 'better-sqlite3';
import { drizzle } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { verbatim } from '../core/says/together';
import { openDatabase } from './open';
import { findFramePlan } from './repositories/frame-plans';
import { loadSettings } from './repositories/settings';
import {
  cells,
  formerPlaces,
  inspections,
  programmes,
  programmeUnits,
  revisions,
  settings,
  stepsDone,
} from './schema/tables';

const MIGRATIONS = resolve('src/db/migrations');

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'ubbet-'));
});
afterEach(() => rmSync(folder, { recursive: true }));

/** A data file as it was made when there were so many migrations. */
function madeBy(migrations: number, file: string): Database.Database {
  const old = join(folder, 'migrations');
  mkdirSync(join(old, 'meta'), { recursive: true });
  const journal = JSON.parse(readFileSync(join(MIGRATIONS, 'meta/_journal.json'), 'utf8'));
  const entries: readonly { readonly tag: string }[] = journal.entries.slice(0, migrations);
  for (const { tag } of entries) cpSync(join(MIGRATIONS, `${tag}.sql`), join(old, `${tag}.sql`));
  writeFileSync(join(old, 'meta/_journal.json'), JSON.stringify({ ...journal, entries }));
  const sqlite = new Database(file);
  migrate(drizzle(sqlite), { migrationsFolder: old });
  return sqlite;
}

describe('opening a data file', () => {
  it('keeps the steps of a frame plan as they were written, and knows the swarm months by the half of the world', () => {
    const file = join(folder, 'season.sqlite');
    const old = madeBy(9, file);
    const steps = [
      { kind: 'lift', text: 'Lift off the “super”.', frameIds: [] },
      { kind: 'close', text: 'Close up.', frameIds: ['f1'] },
    ];
    old.exec(`
      insert into apiary (id, name, note) values ('a1', 'Orchard', '');
      insert into colony (id, apiary_id, name, stand, origin, parent_colony_id, started_on, ended_on, note)
        values ('c1', 'a1', 'Clover', '', 'established', null, '2027-04-01', null, '');
      insert into setting (key, value) values ('hemisphere', '"south"'), ('leaveShutDays', '12');
    `);
    old
      .prepare(
        `insert into frame_plan (id, colony_id, method, on_day, units, frames_out, queen_frame_id, steps, done, finished_at, deleted_at)
         values ('p1', 'c1', 'demaree', '2027-05-10', '[]', '[]', null, ?, '[0]', null, null)`,
      )
      .run(JSON.stringify(steps));
    old.close();

    const { db, sqlite } = openDatabase(file);
    expect(findFramePlan(db, 'p1')?.steps).toEqual(steps.map((step) => ({ ...step, text: verbatim(step.text) })));
    expect(loadSettings(db)).toMatchObject({ swarmMonths: [10, 11, 12, 1], leaveShutDays: 12 });
    sqlite.close();
  });

  it('brings one of the first version up to date, and loses nothing', () => {
    const file = join(folder, 'season.sqlite');
    const old = madeBy(1, file);
    old.exec(`
      insert into apiary (id, name, note) values ('a1', 'Orchard', 'south');
      insert into colony (id, apiary_id, name, stand, origin, parent_colony_id, started_on, ended_on, note)
        values ('c1', 'a1', 'Clover', '', 'established', null, '2027-04-01', null, '');
      insert into inspection (id, colony_id, at_minute, thoroughness, queen, eggs, youngest, drone_brood_in_worker_cells,
          several_eggs_per_cell, stores, laying_room_days, note, deleted_at)
        values ('i1', 'c1', '2027-05-10T12:00', 'cleared', 'none', 'seen', null, 'none', 'none', 'room', 5, 'calm', null);
      insert into cell (id, colony_id, label, place, box, frame) values ('x1', 'c1', 'a', 'bottom', 1, 4);
      insert into cell_observation (id, inspection_id, cell_id, found, taken_down) values ('o1', 'i1', 'x1', 'egg', 0);
      insert into setting (key, value) values ('leaveShutDays', '12');
      insert into revision (id, entity, entity_id, revised_at, action, before)
        values ('r1', 'inspection', 'i1', '2027-05-11T08:00:00.000Z', 'corrected', '{}');
    `);
    old.close();

    const { db, sqlite } = openDatabase(file);
    expect(db.select().from(inspections).all()).toMatchObject([
      { id: 'i1', note: 'calm', layingRoomDays: 5, broodFrames: null, coveredSeams: null, drones: 'not-looked-for' },
    ]);
    expect(db.select().from(cells).all()).toMatchObject([{ id: 'x1', label: 'a', frame: 4, part: null }]);
    expect(db.select().from(settings).all()).toEqual([{ key: 'leaveShutDays', value: 12 }]);
    expect(db.select().from(revisions).all()).toHaveLength(1);
    expect(sqlite.pragma('foreign_key_check')).toEqual([]);
    sqlite.close();

    // A second time there is nothing to do.
    const again = openDatabase(file);
    expect(again.db.select().from(inspections).all()).toHaveLength(1);
    again.sqlite.close();
  });

  it('keeps programmes with all that hangs on them when their table is made anew', () => {
    const file = join(folder, 'season.sqlite');
    const old = madeBy(4, file);
    old.exec(`
      insert into apiary (id, name, note) values ('a1', 'Orchard', '');
      insert into colony (id, apiary_id, name, stand, origin, parent_colony_id, started_on, ended_on, note)
        values ('c1', 'a1', 'Clover', '', 'established', null, '2027-04-01', null, '');
      insert into programme (id, colony_id, method, on_day, second_thinning, only_sealed_brood_up, buys_queen, note)
        values ('p1', 'c1', 'demaree', '2027-05-10', 1, 0, 0, 'with help');
      insert into programme_unit (id, programme_id, unit, colony_id) values ('u1', 'p1', 'bottom', 'c1');
      insert into step_done (id, programme_id, step, at_minute) values ('s1', 'p1', 0, '2027-05-10T12:00');
    `);
    old.close();
    const { db, sqlite } = openDatabase(file);
    expect(db.select().from(programmes).all()).toMatchObject([{ id: 'p1', method: 'demaree', note: 'with help' }]);
    expect(db.select().from(programmeUnits).all()).toMatchObject([{ programmeId: 'p1', unit: 'bottom' }]);
    expect(db.select().from(stepsDone).all()).toHaveLength(1);
    db.insert(programmes)
      .values({
        ...(db.select().from(programmes).get() as typeof programmes.$inferSelect),
        id: 'p2',
        method: 'cell-nuc',
      })
      .run();
    sqlite.close();
  });

  it('turns corrections of a colony’s name and place into what it was called and where it stood', () => {
    const file = join(folder, 'season.sqlite');
    const old = madeBy(6, file);
    const was = (name: string, stand: string) =>
      `json_object('name', '${name}', 'apiaryId', 'a1', 'stand', '${stand}')`;
    old.exec(`
      insert into apiary (id, name, note) values ('a1', 'Orchard', '');
      insert into colony (id, apiary_id, name, stand, origin, parent_colony_id, started_on, ended_on, note)
        values ('c1', 'a1', 'Clover', 'hedge', 'established', null, '2027-04-01', null, 'gentle');
      insert into revision (id, entity, entity_id, revised_at, action, before) values
        ('r1', 'colony', 'c1', '2027-04-10T10:00:00Z', 'corrected', ${was('Nuc 3', '')}),
        ('r2', 'colony', 'c1', '2027-05-02T10:00:00Z', 'corrected', ${was('Clover', '')}),
        ('r3', 'colony', 'c1', '2027-05-03T10:00:00Z', 'corrected', ${was('Clover', 'hedge')});
    `);
    old.close();
    const { db, sqlite } = openDatabase(file);
    const former = db.select().from(formerPlaces).all();
    expect(former.map(({ until, name, stand }) => [until, name, stand])).toEqual([
      ['2027-04-10', 'Nuc 3', ''],
      ['2027-05-02', 'Clover', ''],
    ]);
    sqlite.close();
  });

  it('refuses what the schema does not know, whoever writes it', () => {
    const { sqlite } = openDatabase(join(folder, 'new.sqlite'));
    const insert = (values: string) => () =>
      sqlite.exec(`insert into programme (id, colony_id, method, on_day, second_thinning, only_sealed_brood_up, buys_queen, note)
        values (${values})`);
    expect(insert(`'p', 'nobody', 'demaree', '2027-05-10', 1, 0, 0, ''`)).toThrow(/FOREIGN KEY/);
    expect(insert(`'p', 'nobody', 'fried', '2027-05-10', 1, 0, 0, ''`)).toThrow(/CHECK/);
    expect(insert(`'p', 'nobody', 'demaree', 'May', 1, 0, 0, ''`)).toThrow(/CHECK/);
    sqlite.close();
  });
});
