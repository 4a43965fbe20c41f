import { afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { isLong, tries } from '../../../scripts/lib/how-often';
import { addDays, day, formatDay } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import { inspection } from '../../core/colony/testing';
import type { RoundFact, RoundWish } from '../../core/facts/round';
import { settingsEntry } from '../../core/facts/setting';
import { learnedMinutes } from '../../core/rounds/learned-minutes';
import { planFortnight } from '../../core/rounds/plan-fortnight';
import { visitsAt } from '../../core/scale/visits-at';
import type { Book } from '../../db/open';
import { loadSeenPlan, roundsMade } from '../../db/repositories/rounds';
import { loadSettings } from '../../db/repositories/settings';
import { highsSolver } from '../../solver/highs';
import { loadApiaries } from '../all-apiaries';
import { changeSome } from '../entries/save-settings';
import { visitsNoted } from '../scale/colony-scale';
import { readAllFacts } from '../season/season-facts';
import { codes, DEMO_NOW, demoBook, id } from '../testing';
import { askedNow } from './asked-now';
import { fortnightNow, notePlanSeen } from './fortnight-now';
import type { Planner } from './plan-apart';
import { deleteRound, saveRound } from './save-round';
import { sayRoundWish } from './say-round-wish';
import { weekNow } from './week-now';
import { weekPageNow } from './week-page-now';

const ZONE = 'Europe/London';
/** The morning of the demo's day: all of it is still to come. */
const now: Now = { ...DEMO_NOW, minute: `${formatDay(DEMO_NOW.today)}T09:00` };
const TODAY = now.today;

let planner: Planner;
let asked = 0;
beforeAll(async () => {
  const solve = await highsSolver();
  planner = async (question) => {
    asked += 1;
    return planFortnight(question, solve, () => performance.now() / 1000);
  };
});

let opened: Book;
beforeEach(() => {
  opened = demoBook();
  asked = 0;
});
afterEach(() => {
  opened.sqlite.close();
});

const all = () => loadApiaries(opened, TODAY);
const planned = async (by: Planner = planner, at = now) => {
  const found = await fortnightNow(opened, loadApiaries(opened, at.today), at, ZONE, by).answer;
  if (!found) throw new Error('not planned');
  return found;
};
const week = async (days = 7) => weekNow(opened, all(), now, await planned(), days);
const apiaryId = (name: string) => all().apiaries.find((one) => one.name === name)?.id as string;
const colonyId = (name: string) => all().colonies.find(({ colony }) => colony.name === name)?.colony.id as string;
const rounds = async () =>
  (await planned()).fortnight.rounds.map(
    ({ on, apiary }) => `${on - TODAY} ${all().apiaries.find((one) => one.id === apiary)?.name}`,
  );
const wish = (over: Partial<RoundWish>) =>
  sayRoundWish(opened.db, {
    isWanted: true,
    wish: { id: id(900), kind: 'pinned', on: null, apiaryId: null, colonyId: null, key: null, ...over } as RoundWish,
  });
const pin = (name: string, n: number, i = 900) =>
  wish({ id: id(i), kind: 'pinned', on: formatDay(addDays(TODAY, n)), apiaryId: apiaryId(name) });
const forbid = (n: number, i = 901) => wish({ id: id(i), kind: 'forbidden', on: formatDay(addDays(TODAY, n)) });

describe('the plan', () => {
  it('stands for far more checks than a week holds, whatever can be done of them', async () => {
    const { asked: question } = await planned();
    const [one] = question.visits;
    const many = tries(300);
    const visits = Array.from({ length: many }, (_, i) => ({
      ...(one as NonNullable<typeof one>),
      id: `v${i}`,
      apiary: question.apiaries[i % 3]?.id as string,
      weight: [10, 20, 60, 100][i % 4] as number,
      window: { earliest: TODAY, ideal: addDays(TODAY, i % 7), latest: addDays(TODAY, 6) },
    }));
    // What the planner itself takes: how busy the machine is beside it is not its fault.
    const before = process.cpuUsage();
    const found = await planner({ ...question, visits, together: [], gifts: [] }, 'many');
    const { user, system } = process.cpuUsage(before);
    if (isLong) expect((user + system) / 1000).toBeLessThan(20_000);
    const done = found?.rounds.flatMap(({ checks }) => checks) ?? [];
    expect(done.length).toBeGreaterThan(many / 10);
    expect(done.length + (found?.unmet.filter(({ on }) => on === null).length ?? 0)).toBe(many);
  }, 120_000);

  it('is kept until something changes that it hangs on', async () => {
    const first = await planned();
    expect(await planned()).toBe(first);
    expect(asked).toBe(1);
    // The same quarter of an hour.
    await planned(planner, { ...now, minute: `${formatDay(TODAY)}T09:14` });
    expect(asked).toBe(1);
    forbid(1);
    await planned();
    expect(asked).toBe(2);
    changeSome(opened.db, { wayMinutes: 40 });
    await planned();
    expect(asked).toBe(2);
    changeSome(opened.db, { away: [] });
    await planned();
    expect(asked).toBe(3);
  });

  it('stands on Today as it was until the book, the plan or the days that are shown change', async () => {
    const page = async (days = 7) => weekPageNow(opened, all(), now, await planned(), days);
    const first = await page();
    expect(await page()).toBe(first);
    expect((await page(14)).view.rounds.length).toBeGreaterThan(first.view.rounds.length);
    expect(await page()).toEqual(first);
    pin('Old quarry', 3);
    const pinned = await page();
    expect([first.wishes.length, pinned.wishes.length]).toEqual([0, 1]);
    expect(pinned.view.rounds.some(({ isPinned }) => isPinned)).toBe(true);
  });

  it('that could not be made is asked for again', async () => {
    const failing: Planner = async () => null;
    expect(await fortnightNow(opened, all(), now, ZONE, failing).answer).toBeNull();
    expect((await planned()).fortnight.rounds.length).toBeGreaterThan(0);
  });

  it('has a pinned round on its day, whatever else, and none on a day that is ruled out', async () => {
    expect(await rounds()).not.toContain('3 Old quarry');
    pin('Old quarry', 3);
    expect(await rounds()).toContain('3 Old quarry');
    const firstDay = (await rounds())[0]?.split(' ')[0];
    forbid(Number(firstDay));
    expect((await rounds()).some((one) => one.startsWith(`${firstDay} `))).toBe(false);
    // Pinned and ruled out: the trip is made, and nothing is done on it.
    forbid(3, 902);
    const both = (await planned()).fortnight.rounds.find(({ on }) => on === addDays(TODAY, 3));
    expect(both).toMatchObject({ checks: [], isPinned: true });
  });

  it('leaves a check alone that was taken off the rounds, and says so', async () => {
    const [first] = (await planned()).asked.visits;
    const left = { kind: 'left-out', colonyId: first?.colonyId, key: first?.check.key } as const;
    wish({ id: id(903), ...left } as Partial<RoundWish>);
    const after = await planned();
    expect(after.asked.visits.some(({ id: name }) => name === first?.id)).toBe(false);
    expect((await week()).leftOut).toHaveLength(1);
    // Said twice it stands once, and is taken back once.
    wish({ id: id(904), ...left } as Partial<RoundWish>);
    expect(readAllFacts(opened.db).roundWishes).toHaveLength(1);
    sayRoundWish(opened.db, { isWanted: false, id: id(903) });
    expect((await planned()).asked.visits.some(({ id: name }) => name === first?.id)).toBe(true);
  });

  it('makes one trip of apiaries between which the road is known, and asks for a road that is not', async () => {
    const [one, other] = ['Old quarry', 'Walled garden'].map((name) =>
      all().apiaries.find((apiary) => apiary.name === name),
    );
    pin('Old quarry', 3);
    pin('Walled garden', 3, 905);
    const onDay = ({ rounds: list }: Awaited<ReturnType<typeof week>>) => list.filter(({ on }) => on === '2027-05-19');
    const before = await week();
    expect(before.assumes.some((words) => words.includes('the way is reckoned by home'))).toBe(true);
    expect(onDay(before).flatMap(({ title }) => title.split(' ').slice(-2))).toEqual(['the', 'way', 'the', 'way']);
    const road = { a: one?.id as string, b: other?.id as string, minutes: 4 };
    const roadMinutes = all().apiaries.flatMap(({ id: a }, i, list) =>
      list.slice(i + 1).map(({ id: b }) => ({ a, b, minutes: 4 })),
    );
    changeSome(opened.db, { roadMinutes });
    const after = await week();
    expect(after.assumes.some((words) => words.includes('the way is reckoned by home'))).toBe(false);
    // A third may go along now that it is near.
    expect(new Set(onDay(after).map(({ title }) => title.split(' ').slice(-2).join(' ')))).toEqual(
      new Set(['the hives']),
    );
    expect(onDay(after).length).toBeGreaterThan(1);
    expect(
      onDay(after).flatMap(({ notes }) => notes.filter((words) => words.startsWith('One trip over '))),
    ).toHaveLength(1);
    // A road to an apiary that is there no more is no road.
    changeSome(opened.db, { roadMinutes: [{ ...road, b: id(999) }] });
    expect((await planned()).asked.between).toEqual([]);
  });

  it('refuses what names nothing that is there', () => {
    expect(codes(wish({ kind: 'pinned', on: '2027-05-20', apiaryId: id(99) }))).toEqual([
      'unknown-reference wish.apiaryId',
    ]);
    expect(codes(wish({ kind: 'left-out', colonyId: id(99), key: 'look:x' } as Partial<RoundWish>))).toEqual([
      'unknown-reference wish.colonyId',
    ]);
  });

  it('goes by days away, and without a free hour says of all that there is no time', async () => {
    const away = [{ from: '2027-05-01', to: '2027-06-30', why: 'at sea' }];
    changeSome(opened.db, { away, extraHours: [] });
    const { fortnight } = await planned();
    expect(fortnight.rounds).toEqual([]);
    expect(new Set(fortnight.unmet.map(({ why }) => why))).toEqual(new Set(['no-free-day']));
    const view = await week();
    // Hives at which the same cannot be met for the same reason stand in one sentence.
    expect(view.cannotBeMet.length).toBeLessThan(fortnight.unmet.length);
    expect(new Set(view.cannotBeMet.map(({ words, why }) => `${words.split(/[,:] /).at(-1)} ${why}`)).size).toBe(
      view.cannotBeMet.length,
    );
    const names = all().colonies.map(({ colony }) => colony.name);
    for (const { words } of view.cannotBeMet) expect(names.some((name) => words.includes(name))).toBe(true);
    // What is due stands there all the same.
    expect(view.bands.flatMap(({ rows }) => rows)).toHaveLength(all().colonies.length);
  });

  it('shows the rounds of a day in their order', async () => {
    const { rounds: shown } = await week(14);
    const titles = shown
      .filter(({ on }) => on === shown[0]?.on)
      .map(({ title }) => title.match(/(\d\d:\d\d) to/)?.[1] ?? '');
    expect(titles).toEqual([...titles].sort());
    expect(titles.length).toBeGreaterThan(1);
  });

  it('begins with what is next: where and when, what follows that day, and a line of ten words at most for each hive', async () => {
    const { headline, summary, rounds: shown } = await week(7);
    const [next, second] = shown;
    expect(headline).toBe(`${next?.apiary}, ${next?.begins}`);
    expect(summary).toContain(`Then ${second?.apiary} ${second?.begins}`);
    for (const { line, row } of shown.flatMap(({ rows }) => rows)) {
      expect(line.act.split(' ').length, `${row.name}: ${line.act}`).toBeLessThanOrEqual(12);
      expect(line.reason.split(' ').length, `${row.name}: ${line.reason}`).toBeLessThanOrEqual(8);
    }
  });

  it('says of halves that have no day in common that they have none', async () => {
    const found = await planned();
    const halves = found.asked.visits.filter(({ check }) => check.code === 'which-half');
    expect(halves).toHaveLength(2);
    const [one, other] = halves;
    const apartNow = {
      ...found.asked,
      visits: found.asked.visits.map((visit) =>
        visit.id === one?.id
          ? { ...visit, window: { earliest: TODAY, ideal: TODAY, latest: TODAY } }
          : visit.id === other?.id
            ? { ...visit, window: { earliest: addDays(TODAY, 1), ideal: addDays(TODAY, 1), latest: addDays(TODAY, 1) } }
            : visit,
      ),
    };
    const fortnight = await planner(apartNow, 'apart');
    if (!fortnight) throw new Error('not planned');
    const view = weekNow(opened, all(), now, { asked: apartNow, fortnight, version: 'x' }, 7);
    expect(view.cannotBeMet.map(({ words }) => words)).toContain(
      'Comfrey and Comfrey half should be seen to on one day, but have none in common: go by the earlier',
    );
  });

  it('without a latitude and a forecast says what it takes for granted', async () => {
    changeSome(opened.db, { latitude: null });
    const { assumes } = await week();
    expect(assumes.filter((words) => !words.includes('reckoned by home'))).toEqual([
      'No forecast is known: every day counts as fit for opening hives.',
      'Sunset is not reckoned with: say in “When you are free” how far north your hives stand.',
    ]);
  });

  it('is not undone by a page of settings that was opened before the hours were changed', () => {
    const openedBefore = settingsEntry.parse(
      Object.fromEntries(Object.entries(loadSettings(opened.db)).filter(([key]) => key in settingsEntry.shape)),
    );
    changeSome(opened.db, { wayMinutes: 55 });
    changeSome(opened.db, { ...openedBefore, leaveShutDays: 12 });
    expect(loadSettings(opened.db)).toMatchObject({ wayMinutes: 55, leaveShutDays: 12 });
  });

  it('asks nothing of an apiary without hives', async () => {
    const { apiaries } = askedNow(opened, { ...all(), colonies: [] }, now, ZONE);
    expect(apiaries).toHaveLength(3);
    const nobody = await fortnightNow(opened, { ...all(), colonies: [] }, now, ZONE, planner).answer;
    expect(nobody?.fortnight).toMatchObject({ rounds: [], unmet: [], optimal: true });
  });
});

describe('what the keeper has seen', () => {
  it('is what later plans are held against', async () => {
    const first = await week();
    expect([first.isNew, first.moved]).toEqual([true, []]);
    expect(await notePlanSeen(opened, all(), now, ZONE, first.version, planner)).toBe(true);
    const again = await week();
    expect([again.isNew, again.moved, again.version]).toEqual([false, [], first.version]);
    // The day of the first round is ruled out: what was on it moves, and only for that.
    const on = day(first.rounds[0]?.on as string);
    forbid(on - TODAY);
    const moved = (await week()).moved;
    expect(moved.length).toBeGreaterThan(0);
    expect(moved.some((words) => words.endsWith('you ruled that day out.'))).toBe(true);
    // Another plan than the one that is there was not seen.
    expect(await notePlanSeen(opened, all(), now, ZONE, first.version, planner)).toBe(false);
    expect(loadSeenPlan(opened.db)?.visits.length).toBeGreaterThan(0);
  });
});

const made = (over: Partial<RoundFact> = {}): RoundFact => ({
  id: id(910),
  apiaryId: apiaryId('Walled garden'),
  beganAt: '2027-05-16T14:00',
  endedAt: '2027-05-16T15:00',
  hadHelp: false,
  note: '',
  hives: [{ colonyId: colonyId('Sainfoin'), from: '2027-05-16T14:05', to: '2027-05-16T14:35', did: ['method'] }],
  ...over,
});

describe('a round that was made', () => {
  it('is a fact, lands once, and teaches minutes until it is deleted', () => {
    expect(saveRound(opened.db, made(), DEMO_NOW).ok).toBe(true);
    expect(saveRound(opened.db, made({ note: 'again' }), DEMO_NOW).ok).toBe(true);
    expect(roundsMade(opened.db)).toMatchObject([{ note: '', hives: [{ did: ['method'] }] }]);
    expect(learnedMinutes(roundsMade(opened.db)).get('method')).toEqual({ minutes: 27, of: 1 });
    deleteRound(opened.db, id(910), DEMO_NOW);
    expect(roundsMade(opened.db)).toEqual([]);
    // Sent once more by a device that does not know: it stays deleted.
    saveRound(opened.db, made(), DEMO_NOW);
    expect(roundsMade(opened.db)).toEqual([]);
  });

  it('is refused with what is wrong', () => {
    expect(codes(saveRound(opened.db, made({ apiaryId: id(99) }), DEMO_NOW))).toEqual(['unknown-reference apiaryId']);
    expect(codes(saveRound(opened.db, made({ endedAt: '2027-05-17T09:00' }), DEMO_NOW))).toEqual([
      'in-the-future endedAt',
    ]);
    const hives = [{ colonyId: id(99), from: null, to: null, did: [] }];
    expect(codes(saveRound(opened.db, made({ hives }), DEMO_NOW))).toEqual(['unknown-reference hives.0.colonyId']);
  });

  it('is a visit for the scale: as long as the keeper was at the hive, or else the whole round', () => {
    const facts = { inspections: [], surveys: [], parts: [], answers: [] } as never;
    const [sainfoin, burnet] = [colonyId('Sainfoin'), colonyId('Burnet')];
    const round = made({ hives: [...made().hives, { colonyId: burnet, from: null, to: null, did: [] }] });
    expect(visitsNoted(facts, sainfoin, [round])).toEqual([{ from: '2027-05-16T14:05', to: '2027-05-16T14:35' }]);
    expect(visitsNoted(facts, burnet, [round])).toEqual([{ from: '2027-05-16T14:00', to: '2027-05-16T15:00' }]);
    expect(visitsNoted(facts, colonyId('Yarrow'), [round])).toEqual([]);
    // An inspection is as long as it was, where its end is noted.
    const looks = [
      inspection({ at: '2027-05-16T10:00', until: '2027-05-16T11:10' }),
      inspection({ at: '2027-05-15T10:00' }),
    ];
    const noted = visitsNoted({ ...(facts as object), inspections: looks } as never, sainfoin, []);
    expect(visitsAt(noted)).toEqual([
      { from: '2027-05-16T10:00', to: '2027-05-16T11:10' },
      { from: '2027-05-15T10:00', to: '2027-05-15T10:30' },
    ]);
  });
});
