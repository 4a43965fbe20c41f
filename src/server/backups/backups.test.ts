import {
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { addDays, formatDay } from '../../core/calendar/day';
import { backupFiles, makeBackup } from '../../db/backups/backup-files';
import { type Book, openDatabase } from '../../db/open';
import { larkvaleSeason } from '../../demo/larkvale';
import { differsWords } from '../../words/backups';
import { writesOf } from '../book-version';
import { saveInspection } from '../entries/save-inspection';
import { wipeSeason } from '../season/replace-season';
import { insertAllFacts, readAllFacts } from '../season/season-facts';
import { anEntry, codes, DEMO_NOW, id } from '../testing';
import { backUpByHand, bringBack, listBackups, lookInBackup, takeFolder } from './backups';
import { noteWrite } from './note-write';

const now = DEMO_NOW;
const later = (minutes: number) => ({
  ...now,
  instant: new Date(Date.parse(now.instant) + minutes * 60_000).toISOString(),
});
let folder: string;
let opened: Book;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'ubbet-backups-'));
  opened = openDatabase(join(folder, 'season.sqlite'));
  opened.db.transaction((tx) => insertAllFacts(tx, larkvaleSeason()));
});
afterEach(() => {
  opened.sqlite.close();
  rmSync(folder, { recursive: true, force: true });
});
const names = () => backupFiles(opened.file).map(({ reason, at }) => `${reason} ${at.slice(0, 16)}`);
const nameOf = (result: ReturnType<typeof backUpByHand>) => (result.ok ? result.value.backup : '');

describe('a backup', () => {
  it('is whole, its owner’s alone, and listed with what is in it', () => {
    const name = nameOf(backUpByHand(opened, now));
    const path = join(folder, 'backups', name);
    expect(statSync(path).mode & 0o077).toBe(0);
    expect(readdirSync(join(folder, 'backups'))).toEqual([name]);
    const [line] = listBackups(opened).list;
    expect(line).toMatchObject({ reason: 'by-hand', counts: { colonies: 21 } });
  });

  it('is made before everything is taken out, and brought back; which is undone in the same way', () => {
    const before = readAllFacts(opened.db);
    const wiped = wipeSeason(opened, now);
    if (!wiped.ok) throw new Error('not wiped');
    expect(readAllFacts(opened.db).colonies).toEqual([]);
    const back = bringBack(opened, wiped.value.backup, later(1));
    expect(readAllFacts(opened.db)).toEqual(before);
    if (!back.ok) throw new Error('not brought back');
    expect(bringBack(opened, back.value.backup, later(2)).ok).toBe(true);
    expect(readAllFacts(opened.db).colonies).toEqual([]);
    expect(names()).toEqual([
      'before-restore 2027-05-16T18:02',
      'before-restore 2027-05-16T18:01',
      'before-wipe 2027-05-16T18:00',
    ]);
  });

  it('says what is in it and what bringing it back would change', () => {
    const name = nameOf(backUpByHand(opened, now));
    const colonyId = readAllFacts(opened.db).colonies[0]?.id as string;
    expect(codes(saveInspection(opened.db, anEntry({ id: id(900), colonyId, at: '2027-05-16T15:00' }), now))).toBe(
      'stored',
    );
    const look = lookInBackup(opened, name);
    if (!look.ok) throw new Error('not looked');
    expect(look.value.counts.colonies).toBe(21);
    expect(look.value.last.length).toBeGreaterThan(3);
    expect(differsWords(look.value.differs)).toEqual(['Would be gone: 1 inspection.']);
  });

  it('of a book that was written more often is an older state, which devices notice', () => {
    const name = nameOf(backUpByHand(opened, now));
    for (let i = 0; i < 3; i++) noteWrite(opened, now);
    const written = writesOf(opened);
    bringBack(opened, name, later(1));
    expect(writesOf(opened)).toBeLessThan(written);
  });

  it('that is damaged, or none, is said and changes nothing', () => {
    const name = nameOf(backUpByHand(opened, now));
    writeFileSync(join(folder, 'backups', name), 'no book');
    const before = readAllFacts(opened.db);
    expect(listBackups(opened).list[0]?.counts).toBeNull();
    expect(codes(bringBack(opened, name, later(1)))).toEqual(['invalid name']);
    expect(codes(bringBack(opened, '../../etc/passwd', later(1)))).toEqual(['not-found name']);
    expect(codes(lookInBackup(opened, '../season.sqlite'))).toEqual(['not-found name']);
    expect(readAllFacts(opened.db)).toEqual(before);
  });

  it('goes to the folder of the keeper’s choice, which has to be there and be writable', () => {
    const stick = join(folder, 'stick');
    expect(takeFolder(opened, 'stick')).toMatchObject({ ok: false, issues: [{ path: ['folder'] }] });
    expect(takeFolder(opened, opened.file)).toMatchObject({ ok: false });
    expect(takeFolder(opened, join(folder, 'no', 'such'))).toMatchObject({ ok: false });
    expect(takeFolder(opened, stick)).toEqual({ ok: true, value: { folder: stick } });
    nameOf(backUpByHand(opened, now));
    expect(readdirSync(stick).filter((name) => name.endsWith('.sqlite'))).toHaveLength(1);
    takeFolder(opened, null);
    expect(listBackups(opened)).toMatchObject({ isUsual: true, list: [] });
  });

  it('goes to the usual folder while the stick is out, and never to the place that the stick had', () => {
    const stick = join(folder, 'stick');
    takeFolder(opened, stick);
    const first = nameOf(backUpByHand(opened, now));
    renameSync(stick, join(folder, 'pocket'));
    // As some systems leave it.
    mkdirSync(stick);
    expect(listBackups(opened)).toMatchObject({ isUsual: true, missing: stick, list: [] });
    const second = nameOf(backUpByHand(opened, later(1)));
    expect([readdirSync(stick), readdirSync(join(folder, 'backups'))]).toEqual([[], [second]]);
    rmSync(stick, { recursive: true });
    renameSync(join(folder, 'pocket'), stick);
    const there = listBackups(opened);
    expect([there.missing, there.list.map(({ name }) => name)]).toEqual([null, [second, first]]);
  });

  it('is made though what was chosen is damaged, and what was left half written is swept', () => {
    writeFileSync(join(folder, 'season.backups.json'), '{ "folder"');
    mkdirSync(join(folder, 'backups'));
    writeFileSync(join(folder, 'backups', 'season.2027-05-01T18-00-00-000Z.daily.sqlite.half'), 'cut off');
    writeFileSync(join(folder, 'backups', 'letter.half'), 'Dear');
    const name = nameOf(backUpByHand(opened, now));
    expect(readdirSync(join(folder, 'backups')).sort()).toEqual(['letter.half', name].sort());
    expect(readdirSync(folder)).toContain('season.backups.json.damaged');
  });

  it('is thinned by the calendar, and nothing else in the folder is touched', () => {
    mkdirSync(join(folder, 'backups'));
    writeFileSync(join(folder, 'backups', 'letter.txt'), 'Dear bees');
    for (let ago = 40; ago >= 0; ago--) {
      const today = addDays(now.today, -ago);
      makeBackup(opened, 'daily', { instant: `${formatDay(today)}T18:00:00.000Z` });
    }
    // Seven days, the Sundays of three weeks before, and the last days of April (April has the fourth week too).
    expect(names().length).toBeLessThanOrEqual(7 + 4 + 2);
    expect(names()[0]).toBe('daily 2027-05-16T18:00');
    expect(readFileSync(join(folder, 'backups', 'letter.txt'), 'utf8')).toEqual('Dear bees');
  });

  it('is made of itself once a day that something was written', async () => {
    const written = async (instant: string) => {
      noteWrite(opened, { ...now, instant });
      await new Promise((resolve) => setImmediate(resolve));
    };
    await written('2027-05-16T09:00:00.000Z');
    await written('2027-05-16T18:00:00.000Z');
    await written('2027-05-17T09:00:00.000Z');
    expect(names()).toEqual(['daily 2027-05-17T09:00', 'daily 2027-05-16T09:00']);
  });
});
