import { afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { addDays, formatDay } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import { planFortnight } from '../../core/rounds/plan-fortnight';
import type { Book } from '../../db/open';
import { loadSettings } from '../../db/repositories/settings';
import { highsSolver } from '../../solver/highs';
import { loadApiaries } from '../all-apiaries';
import { changeSettings } from '../entries/save-settings';
import { makePack } from '../pack';
import { fortnightNow } from '../rounds/fortnight-now';
import { packedPlan } from '../rounds/packed-plan';
import type { Planner } from '../rounds/plan-apart';
import { sayRoundWish } from '../rounds/say-round-wish';
import { DEMO_NOW, demoBook, id } from '../testing';
import { calendarText } from './feed';

const ZONE = 'Europe/London';
/** The morning of the demo's day: all of it is still to come. */
const now: Now = { ...DEMO_NOW, minute: `${formatDay(DEMO_NOW.today)}T09:00` };
const TODAY = now.today;

let planner: Planner;
beforeAll(async () => {
  const solve = await highsSolver();
  planner = async (question) => planFortnight(question, solve, () => performance.now() / 1000);
});

let opened: Book;
beforeEach(() => {
  opened = demoBook();
});
afterEach(() => opened.sqlite.close());

async function planned() {
  const found = await fortnightNow(opened, loadApiaries(opened, TODAY), now, ZONE, planner).answer;
  if (!found) throw new Error('not planned');
  return found;
}

describe('what goes to other programs and devices', () => {
  it('has the rounds in the calendar by choice, the same event for as long as the check that weighs most is the same', async () => {
    const text = () => calendarText(opened, now, ZONE, planner);
    const uids = (ics: string) => [...ics.matchAll(/UID:(round:[^\r]+)/g)].map(([, uid]) => uid);
    expect(uids(await text())).toEqual([]);
    changeSettings(opened.db, { ...loadSettings(opened.db), calendarShows: 'both' });
    const both = await text();
    expect(uids(both).length).toBe((await planned()).fortnight.rounds.length);
    expect(both).toContain('SUMMARY:Walled garden: ');
    expect(both).toMatch(/DTSTART:2027051\dT\d{6}\r/);
    // Reminded of in the evening before, and two hours before it begins; of a check never.
    const alarms = (ics: string) => ics.split('BEGIN:VALARM').length - 1;
    expect(alarms(both)).toBe(2 * uids(both).length);
    expect(both.match(/TRIGGER:-PT2H/g)).toHaveLength(uids(both).length);
    changeSettings(opened.db, { ...loadSettings(opened.db), calendarReminds: false });
    expect(alarms(await text())).toBe(0);
    changeSettings(opened.db, { ...loadSettings(opened.db), calendarReminds: true });
    const checks = (ics: string) => ics.split('BEGIN:VEVENT').length;
    changeSettings(opened.db, { ...loadSettings(opened.db), calendarShows: 'rounds' });
    expect(checks(await text())).toBeLessThan(checks(both));
    // Put off by a day, a round keeps its name.
    const before = uids(both);
    const none = { apiaryId: null, colonyId: null, key: null };
    const wish = { id: id(901), kind: 'forbidden', on: formatDay(addDays(TODAY, 0)), ...none } as const;
    sayRoundWish(opened.db, { isWanted: true, wish });
    expect(uids(await text()).filter((uid) => before.includes(uid)).length).toBeGreaterThan(0);
    // Where it cannot be planned, every check is there as ever.
    const failed = await calendarText(opened, { ...now, minute: `${formatDay(TODAY)}T11:00` }, ZONE, async () => null);
    expect(failed).toContain('SUMMARY:Knapweed: Thin the cells');
  });

  it('goes along to the hive', async () => {
    const found = await planned();
    const { plan } = makePack(opened, now, packedPlan(opened, found));
    expect(plan?.days).toHaveLength(14);
    expect(plan?.rounds.map(({ on }) => on)).toEqual(found.fortnight.rounds.map(({ on }) => on));
    expect(JSON.parse(JSON.stringify(plan))).toEqual(plan);
  });
});
