import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { addDays, formatDay } from '../../core/calendar/day';
import type { ColonyFact } from '../../core/facts/colony';
import { backupFiles } from '../../db/backups/backup-files';
import { type Book, openDatabase } from '../../db/open';
import { storedReadings } from '../../db/repositories/scale';
import { nightsSaid, storedHours } from '../../db/repositories/weather';
import { answerOf } from '../../words/issues';
import { loadApiaries } from '../all-apiaries';
import { loadColony } from '../colony-page';
import { saveColony } from '../entries/save-colony';
import { saveInspection } from '../entries/save-inspection';
import { answerLoss } from '../scale/answer-loss';
import { scaleAt } from '../scale/colony-scale';
import { takeScale } from '../scale/take-scale';
import { insertAllFacts, readAllFacts } from '../season/season-facts';
import { anEntry, bookOf, id, DEMO_NOW as now } from '../testing';
import { sayNights } from '../weather/say-nights';
import { takeWeather } from '../weather/take-weather';
import { endKey, holderOf, keyInUse, makeKey } from './keys';
import { wipeMeasured } from './wipe-measured';

const [APIARY, CLOVER, THYME] = [id(1), id(2), id(3)];
let opened: Book;
beforeEach(() => {
  opened = bookOf(APIARY, { Clover: CLOVER, Thyme: THYME });
});
afterEach(() => opened.sqlite.close());

const today = formatDay(now.today);
const hour = (at: string, tempC: number) => ({ at, tempC, rainMm: 0, windMs: 1 });
const bring = (rows: ReturnType<typeof hour>[], toldAt: string | null = null) =>
  takeWeather(opened.db, APIARY, { rows, refused: [], toldAt }, 'file', now);

describe('keys of devices', () => {
  const holder = (key: string | null, kind: 'weather' | 'scale' = 'scale') =>
    answerOf(holderOf(opened.db, kind, key === null ? null : `Bearer ${key}`));

  it('open what they were made for, and nothing else', () => {
    const key = makeKey(opened.db, 'scale', CLOVER, now);
    expect(holder(key)).toMatchObject({ ok: true, value: { ofId: CLOVER } });
    expect(holder(key, 'weather')).toMatchObject({
      issues: [{ code: 'wrong-key', message: expect.stringContaining('/api/scale') }],
    });
    expect(holder(`${key}x`)).toMatchObject({
      issues: [{ code: 'wrong-key', message: expect.stringContaining('not known') }],
    });
    expect(holder(null)).toMatchObject({ issues: [{ code: 'wrong-key', message: expect.stringContaining('Bearer') }] });
  });

  it('are ended by a new one or by hand, and are not in the book as they are', () => {
    const first = makeKey(opened.db, 'scale', CLOVER, now);
    const second = makeKey(opened.db, 'scale', CLOVER, now);
    expect(holder(first)).toMatchObject({ issues: [{ message: expect.stringContaining('ended') }] });
    expect(holder(second)).toMatchObject({ ok: true });
    expect(opened.sqlite.serialize().includes(second)).toBe(false);
    endKey(opened.db, 'scale', CLOVER, now.instant);
    expect(holder(second)).toMatchObject({ ok: false });
    expect(keyInUse(opened.db, 'scale', CLOVER)).toBeNull();
  });
});

describe('hours that are brought', () => {
  it('take the place of what was told before, and not of what was told later', () => {
    bring([hour(`${today}T14:00`, 12), hour(`${today}T15:00`, 13)], `${today}T06:00`);
    const late = bring([hour(`${today}T14:00`, 18)], '2027-05-09T06:00');
    expect(late).toMatchObject({
      ok: true,
      value: { taken: 0, refused: 1, issues: [{ message: expect.stringContaining('later forecast') }] },
    });
    expect(bring([hour(`${today}T14:00`, 16)], `${today}T12:00`)).toMatchObject({ value: { taken: 1, refused: 0 } });
    expect(storedHours(opened.db, APIARY, null).map(({ tempC }) => tempC)).toEqual([16, 13]);
  });

  it('are nothing where no row is as it must be, or the apiary is not there', () => {
    const none = { rows: [], refused: [], toldAt: null };
    expect(takeWeather(opened.db, APIARY, none, 'file', now)).toMatchObject({ ok: false });
    expect(takeWeather(opened.db, id(9), { ...none, rows: [hour(`${today}T14:00`, 1)] }, 'file', now)).toMatchObject({
      issues: [{ path: ['apiaryId'] }],
    });
  });

  it('give the coldest of five nights once all are known, and the keeper overrules them', () => {
    const nights = [0, 1, 2, 3, 4, 5].flatMap((n) =>
      Array.from({ length: 24 }, (_, of) =>
        hour(`${formatDay(addDays(now.today, n))}T${String(of).padStart(2, '0')}:00`, 10 - n),
      ),
    );
    const coldest = () => loadApiaries(opened, now.today).measured?.weather.get(APIARY)?.nights.coldestC;
    expect(coldest()).toBeUndefined();
    bring(nights.slice(0, 96));
    expect(coldest()).toBeNull();
    bring(nights);
    expect(coldest()).toBe(5);
    sayNights(opened.db, { apiaryId: APIARY, nights: [{ on: formatDay(addDays(now.today, 2)), lowC: -2 }] });
    expect(coldest()).toBe(-2);
    sayNights(opened.db, { apiaryId: APIARY, nights: [{ on: formatDay(addDays(now.today, 2)), lowC: null }] });
    expect(coldest()).toBe(5);
  });
});

describe('readings that are brought', () => {
  const quarter = (n: number) =>
    `${today}T${String(Math.floor(n / 4)).padStart(2, '0')}:${String((n % 4) * 15).padStart(2, '0')}`;
  const all = Array.from({ length: 80 }, (_, n) => ({ at: quarter(n), kg: n < 54 ? 40 : 38.2 }));
  const weigh = (rows = all) => takeScale(opened.db, CLOVER, { rows, refused: [], colonyId: null });
  const losses = () => {
    const found = loadColony(opened, CLOVER, now.today);
    return found && scaleAt(opened, found.colony, found.facts, now.today)?.now.losses;
  };
  const answer = (said: 'swarm' | 'cast' | 'none' | 'look', n = 50) =>
    answerLoss(opened, { id: id(n), colonyId: CLOVER, at: quarter(54), answer: said }, now);
  const state = () => loadColony(opened, CLOVER, now.today)?.state;

  it('may be brought again and again', () => {
    expect(weigh()).toMatchObject({ ok: true, value: { taken: 80 } });
    const before = storedReadings(opened.db, CLOVER, today);
    weigh(all.slice(10, 30));
    expect(storedReadings(opened.db, CLOVER, today)).toEqual(before);
    expect(before).toHaveLength(80);
    expect(storedReadings(opened.db, THYME, today)).toEqual([]);
  });

  it('of a loss that may be a swarm become a question, and the answer a fact of that minute', () => {
    weigh();
    expect(losses()).toMatchObject([{ at: quarter(54), kg: 1.8, isToBeLookedAt: false }]);
    expect(answer('look')).toMatchObject({ ok: true });
    expect(losses()).toMatchObject([{ isToBeLookedAt: true }]);
    expect(answer('swarm', 51)).toMatchObject({ ok: true, value: { id: id(50) } });
    expect(losses()).toEqual([]);
    expect(state()?.queen).toMatchObject({ is: 'going', swarmedOn: { from: now.today, to: now.today } });
    expect(state()?.schedule.checks.map(({ code }) => code)).toContain('find-cells');
  });

  it('is taken back where it was no swarm, and stands again where it was one after all', () => {
    weigh();
    const before = state()?.schedule;
    answer('swarm');
    answer('none');
    expect(state()?.schedule).toEqual(before);
    expect(losses()).toEqual([]);
    answer('swarm');
    answer('swarm');
    expect(loadColony(opened, CLOVER, now.today)?.facts.queenEvents).toHaveLength(1);
    answer('cast');
    expect(loadColony(opened, CLOVER, now.today)?.facts.queenEvents).toMatchObject([
      { kind: 'cast-left', at: quarter(54) },
    ]);
  });

  it('is one swarm, whether the scale, the entry or the hived colony tells of it first', () => {
    const events = () =>
      loadColony(opened, CLOVER, now.today)?.facts.queenEvents.map(({ kind, on }) => [kind, formatDay(on)]);
    const hive = (parentColonyId: string | null) =>
      saveColony(
        opened.db,
        {
          ...{ id: id(70), apiaryId: APIARY, name: 'Hedge swarm', stand: '', origin: 'prime-swarm', parentColonyId },
          ...{ startedOn: today, endedOn: null, note: '', wanted: 'nothing' },
        } as ColonyFact,
        now,
      );
    weigh();
    expect(hive(CLOVER)).toMatchObject({ ok: true });
    expect(losses()).toEqual([]);
    answer('swarm');
    expect(events()).toEqual([['swarmed', today]]);
    // Not hived from here after all: the loss is asked about again, and said to be a swarm it is one.
    hive(null);
    expect([events(), losses()]).toMatchObject([[], [{ at: quarter(54) }]]);
    answer('swarm');
    hive(CLOVER);
    expect(events()).toEqual([['swarmed', today]]);
    // What sits in a hive is not said away on the scale.
    answer('none');
    expect(events()).toEqual([['swarmed', today]]);
    hive(null);
    expect(events()).toEqual([['swarmed', today]]);
  });

  it('stays a question after a look at which cells were not looked for', () => {
    weigh();
    const look = (n: number, at: string, thoroughness: 'not-searched' | 'cleared') =>
      saveInspection(opened.db, anEntry({ id: id(n), colonyId: CLOVER, at: `${today}T${at}`, thoroughness }), now);
    look(60, '18:00', 'not-searched');
    expect(losses()).toHaveLength(1);
    look(61, '19:00', 'cleared');
    expect(losses()).toEqual([]);
  });

  it('answers nothing that the scale does not show, nor for a colony that is not there', () => {
    weigh();
    const of = (over: object) =>
      answerLoss(opened, { id: id(50), colonyId: CLOVER, at: `${today}T09:00`, answer: 'swarm', ...over }, now);
    expect(of({})).toMatchObject({ issues: [{ code: 'not-found', path: ['at'] }] });
    expect(of({ colonyId: id(9) })).toMatchObject({ issues: [{ path: ['colonyId'] }] });
    expect(loadColony(opened, CLOVER, now.today)?.facts.queenEvents).toEqual([]);
  });
});

describe('what was brought in at the wrong place', () => {
  it('is taken out whole, after a backup, and what was said by hand stays', () => {
    const folder = mkdtempSync(join(tmpdir(), 'ubbet-'));
    const book = openDatabase(join(folder, 'book.sqlite'));
    book.db.transaction((tx) => insertAllFacts(tx, readAllFacts(opened.db)));
    takeWeather(book.db, APIARY, { rows: [hour(`${today}T14:00`, 12)], refused: [], toldAt: null }, 'file', now);
    sayNights(book.db, { apiaryId: APIARY, nights: [{ on: today, lowC: 4 }] });
    takeScale(book.db, CLOVER, { rows: [{ at: `${today}T14:00`, kg: 40 }], refused: [], colonyId: null });
    expect(wipeMeasured(book, 'weather', APIARY, now)).toMatchObject({ ok: true });
    expect(storedHours(book.db, APIARY, null)).toEqual([]);
    expect(nightsSaid(book.db, APIARY).size).toBe(1);
    expect(storedReadings(book.db, CLOVER, today)).toHaveLength(1);
    expect(backupFiles(book.file).map(({ reason }) => reason)).toContain('before-measured-wipe');
    wipeMeasured(book, 'scale', CLOVER, now);
    expect(storedReadings(book.db, CLOVER, today)).toEqual([]);
    book.sqlite.close();
  });
});

describe('what was reckoned of weather and scales', () => {
  const measured = () => loadApiaries(opened, now.today).measured;
  const reading = (kg: number) =>
    takeScale(opened.db, CLOVER, { rows: [{ at: `${today}T12:00`, kg }], refused: [], colonyId: null });
  it('is kept while nothing of it has changed, and no longer', () => {
    bring([hour(`${today}T14:00`, 12)]);
    reading(40);
    const first = measured();
    saveInspection(opened.db, anEntry({ id: id(60), colonyId: THYME, at: `${today}T11:11` }), now);
    expect(measured()?.weather.get(APIARY)).toBe(first?.weather.get(APIARY));
    expect(measured()?.scales.get(CLOVER)).toBe(first?.scales.get(CLOVER));
    reading(41);
    expect(measured()?.scales.get(CLOVER)).not.toBe(first?.scales.get(CLOVER));
    expect(measured()?.weather.get(APIARY)).toBe(first?.weather.get(APIARY));
    sayNights(opened.db, { apiaryId: APIARY, nights: [{ on: today, lowC: 3 }] });
    expect(measured()?.weather.get(APIARY)?.nights.nights[0]).toMatchObject({ lowC: 3, by: 'keeper' });
    const before = measured()?.scales.get(CLOVER);
    // A visit changes what is a step.
    saveInspection(opened.db, anEntry({ id: id(61), colonyId: CLOVER, at: `${today}T11:50` }), now);
    expect(measured()?.scales.get(CLOVER)).not.toBe(before);
  });
});
