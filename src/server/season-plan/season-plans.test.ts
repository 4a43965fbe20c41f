import { eq } from 'drizzle-orm';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { day } from '../../core/calendar/day';
import type { SeasonPlanFact } from '../../core/facts/season-plan';
import { readSeasonFile, writeSeasonFile } from '../../core/formats/season-file';
import type { Book } from '../../db/open';
import { revisionsOf } from '../../db/repositories/revisions';
import { loadSeasonPlans } from '../../db/repositories/season-plans';
import { colonies } from '../../db/schema/tables';
import { meantNow, planFact } from '../../views/season-plan-view';
import { loadApiaries } from '../all-apiaries';
import { saveApiary } from '../entries/save-apiary';
import { saveInspection } from '../entries/save-inspection';
import { readAllFacts } from '../season/season-facts';
import { anEntry, codes, DEMO_NOW, demoBook, id } from '../testing';
import { saveSeasonPlans } from './save-season-plans';
import { meantInSeason, plannedYear, seasonPlanNow } from './season-plan-now';

let opened: Book;
beforeEach(() => {
  opened = demoBook();
});
afterEach(() => {
  opened.sqlite.close();
});

const TODAY = DEMO_NOW.today;
const all = (today = TODAY) => loadApiaries(opened, today);
const colonyId = (name: string) => all().colonies.find(({ colony }) => colony.name === name)?.colony.id as string;
const plans = (year = 2027) => loadSeasonPlans(opened.db, year);
const planOf = (name: string) => plans().get(colonyId(name));
const aPlan = (over: Partial<SeasonPlanFact> = {}): SeasonPlanFact => ({
  id: id(1),
  colonyId: colonyId('Vetch'),
  year: 2027,
  way: 'demaree',
  plannedOn: '2027-05-16',
  count: 1,
  method: null,
  by: null,
  moved: {},
  dropped: [],
  again: {},
  ...over,
});
const save = (...said: SeasonPlanFact[]) => saveSeasonPlans(opened.db, { plans: said, gone: [] }, DEMO_NOW);

describe('what is said of the season’s plan', () => {
  it('lands once, all of it or nothing', () => {
    expect(save(aPlan(), aPlan({ id: id(2), colonyId: colonyId('Betony'), way: 'increase', count: 3 })).ok).toBe(true);
    expect(save(aPlan()).ok).toBe(true);
    expect(revisionsOf(opened.db, id(1))).toEqual([]);
    const strange = aPlan({ id: id(3), colonyId: id(77) });
    expect(codes(save(aPlan({ way: 'requeen' }), strange))).toEqual(['unknown-reference plans.1.colonyId']);
    expect(planOf('Vetch')?.way).toBe('demaree');
  });

  it('is one plan for a colony and a season: the last one said, what stood there kept', () => {
    const before = planOf('Betony');
    expect(save(aPlan({ colonyId: colonyId('Betony') })).ok).toBe(true);
    expect(planOf('Betony')?.id).toBe(id(1));
    expect(revisionsOf(opened.db, before?.id ?? '')[0]).toMatchObject({ action: 'deleted' });
    expect(save(aPlan({ colonyId: colonyId('Betony'), year: 2028 })).ok).toBe(true);
  });

  it('is refused with a method or an act that its way has not', () => {
    expect(codes(save(aPlan({ method: 'walk-away' })))).toEqual(['contradiction plans.0.method']);
    expect(codes(save(aPlan({ moved: { split: '2027-05-20' } })))).toEqual(['contradiction plans.0.moved.split']);
    expect(codes(save(aPlan({ way: 'increase', count: 2, dropped: ['nuc-2'] })))).toEqual([
      'contradiction plans.0.moved.nuc-2',
    ]);
  });

  it('is taken out, corrected with what stood there, and goes through a season file and back', () => {
    const plan = planOf('Yarrow');
    if (!plan) throw new Error('no plan');
    expect(save({ ...planFact(plan), moved: { demaree: '2027-05-29' } }).ok).toBe(true);
    expect(revisionsOf(opened.db, plan.id)).toHaveLength(1);
    expect(saveSeasonPlans(opened.db, { plans: [], gone: [plan.id] }, DEMO_NOW).ok).toBe(true);
    expect(planOf('Yarrow')).toBeUndefined();
    const facts = readAllFacts(opened.db);
    const read = readSeasonFile(writeSeasonFile(facts));
    expect(read.ok && read.value).toEqual(facts);
  });
});

describe('the plan of the demo', () => {
  const meant = (today = TODAY) => meantInSeason(opened, all(today), today, plannedYear(all(today), today));
  const wordsOf = (name: string, today = TODAY) =>
    meantNow(meant(today), today)
      .filter((one) => one.name === name)
      .map(({ words }) => words);

  it('says what it is time for, and what gave way', () => {
    expect(wordsOf('Sainfoin')).toEqual(['Charged cells on 15 May: the Demaree meant for 20 May is dropped.']);
    expect(wordsOf('Yarrow')).toEqual([
      'It is time for the Demaree: best Thu 20 May, any day up to and including 3 Jun.',
    ]);
    const start = meantNow(meant(), TODAY).find(({ name }) => name === 'Yarrow')?.start;
    expect(start).toBe(`/colonies/${colonyId('Yarrow')}/start/demaree`);
    expect(wordsOf('Sainfoin', day('2027-05-24'))).toEqual([]);
  });

  it('dates nothing: checks are the same with and without it', () => {
    const checks = () => all().colonies.map(({ state }) => state.schedule.checks);
    const before = checks();
    const gone = [...plans().values()].map((plan) => plan.id);
    expect(gone.length).toBeGreaterThan(4);
    saveSeasonPlans(opened.db, { plans: [], gone }, DEMO_NOW);
    expect(checks()).toEqual(before);
  });

  it('is told to the end of a colony that is no more, and asks for no hours of it', () => {
    const before = seasonPlanNow(opened, all(), TODAY, 2027);
    opened.db
      .update(colonies)
      .set({ endedOn: '2027-05-16' })
      .where(eq(colonies.id, colonyId('Yarrow')))
      .run();
    const after = seasonPlanNow(opened, all(), TODAY, 2027);
    const rows = after.groups.flatMap((group) => group.rows);
    expect(rows.find(({ name }) => name === 'Yarrow')?.intentions.at(-1)).toMatchObject({
      status: 'dropped',
      words: 'The colony ended on 16 May: the Demaree meant for 20 May is dropped.',
    });
    const minutes = (view: typeof after) => view.weeks.reduce((sum, { usual, meant: own }) => sum + usual + own, 0);
    expect(minutes(after)).toBeLessThan(minutes(before));
  });

  it('is for the season that is on, in the rest for the one to come', () => {
    const on = (text: string) => plannedYear(all(), day(text));
    expect([on('2027-05-16'), on('2027-10-10'), on('2027-12-28'), on('2028-01-10')]).toEqual([2027, 2027, 2028, 2028]);
  });

  it('says what is short, from when, and what it supposes', () => {
    const { notYet, supposes, atTheEnd } = seasonPlanNow(opened, all(), TODAY, 2027);
    expect(notYet.map(({ words }) => words)).toEqual([
      'Short from 24 May on: a super.',
      'Short from 24 May on: 2 queen excluders.',
    ]);
    expect(supposes).toContain('School roof: no main flow is entered. It is taken to begin about 31 May.');
    expect(atTheEnd).toMatch(/^19 colonies at the end of the season, 17 now/);
    expect(seasonPlanNow(opened, all(), TODAY, 2030)).toMatchObject({ notYet: [], supposes: [] });
  });

  it('says a split before drones fly, and the day to put it on', () => {
    const roof = all().apiaries.find(({ name }) => name === 'School roof');
    if (!roof) throw new Error('no roof');
    const year = { starts: { drones: '05-28' }, spans: [] };
    expect(saveApiary(opened.db, { ...roof, year, swarmMonths: null }, DEMO_NOW).ok).toBe(true);
    const early = seasonPlanNow(opened, all(), TODAY, 2027).notYet.find(({ key }) => key.startsWith('drones'));
    expect(early?.words).toBe(
      'The queen split of Meadowsweet on 25 May comes before drones fly here (about 28 May): a queen raised then may find none to mate with.',
    );
    expect(early?.moves).toEqual([]);
  });
});

it('an apiary’s winter is not in its swarm season', () => {
  const [apiary] = all().apiaries;
  if (!apiary) throw new Error('none');
  const spans = [{ kind: 'swarm-season', from: '04-10', to: '07-10' }] as const;
  const year = (starts: Record<string, string>) =>
    codes(saveApiary(opened.db, { ...apiary, swarmMonths: null, year: { starts, spans } }, DEMO_NOW));
  expect(year({ winter: '06-01' })).toEqual(['contradiction year.starts.winter']);
  expect(year({ 'build-up': '05-01' })).toEqual(['contradiction year.starts.build-up']);
  expect(year({ 'build-up': '03-01', winter: '10-20' })).toBe('stored');
});

describe('once cells have come, what a plan left open is what comes first of the choices', () => {
  const meant = () => {
    const own = meantInSeason(opened, all(), TODAY, 2027).find(({ colony }) => colony.name === 'Sainfoin');
    return own?.intentions.filter(({ isIfCells }) => isIfCells).map(({ status, method }) => [status, method]);
  };
  const plan = (over: Partial<SeasonPlanFact> = {}) =>
    save(aPlan({ colonyId: colonyId('Sainfoin'), way: 'wait-for-cells', plannedOn: '2027-03-01', ...over }));
  const notFound = () =>
    saveInspection(
      opened.db,
      anEntry({
        id: id(9),
        colonyId: colonyId('Sainfoin'),
        at: '2027-05-16T10:00',
        queen: 'none',
        thoroughness: 'cleared',
      }),
      DEMO_NOW,
    );

  it('and follows whether she is found', () => {
    plan();
    expect(meant()).toEqual([['now', 'nuc-swarm']]);
    expect(notFound().ok).toBe(true);
    expect(meant()).toEqual([['now', 'walk-away']]);
  });

  it('what the keeper chose stays', () => {
    plan({ method: 'old-site-swarm' });
    notFound();
    expect(meant()).toEqual([['now', 'old-site-swarm']]);
  });
});
