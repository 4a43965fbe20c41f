import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { formatDay } from '../core/calendar/day';
import type { ColonyFacts } from '../core/colony/facts';
import type { ProgrammeStart } from '../core/facts/programme-start';
import type { ColonyState } from '../core/state/fold';
import type { Book } from '../db/open';
import { emptyDraft } from '../device/draft';
import { roundsAtHand } from '../device/rounds-at-hand';
import { coloniesView } from '../views/colonies-view';
import { todayView } from '../views/today-view';
import { loadApiaries } from './all-apiaries';
import { colonyAsEntered, inspectionsEntered, loadColony } from './colony-page';
import { saveInspection } from './entries/save-inspection';
import { entryRead } from './entry-read';
import { lookBack } from './looking-back/look-back';
import { makePack } from './pack';
import { loadProgramme } from './programmes/programme-page';
import { startProgramme } from './programmes/start-programme';
import { fortnightNow } from './rounds/fortnight-now';
import { besideRounds } from './rounds/week-page-now';
import { readAllFacts } from './season/season-facts';
import { seasonPlanNow } from './season-plan/season-plan-now';
import { allCsv } from './spreadsheets/sheet-of-book';
import { anEntry, aStart, DEMO_NOW, demoBook, id } from './testing';

/** What goes wrong with the colony whose facts are named here. */
const fault = vi.hoisted(() => ({
  of: (_: ColonyFacts): boolean => false,
  is: 'threw' as 'threw' | 'too-long' | 'nonsense',
}));

vi.mock('../core/state/fold', async (original) => {
  const real = await original<typeof import('../core/state/fold')>();
  const foldColony = (...of: Parameters<typeof real.foldColony>): ColonyState => {
    if (!fault.of(of[0])) return real.foldColony(...of);
    if (fault.is === 'threw') throw new Error('a fault that was put in');
    if (fault.is === 'too-long') for (;;) {}
    return { ...real.foldColony(...of), knownSince: Number.NaN as never };
  };
  return { ...real, foldColony };
});
vi.mock('./reckoned-within', () => ({ RECKONED_WITHIN: 200 }));
vi.mock('next/navigation', () => ({
  redirect: (to: string) => {
    throw new Error(`sent on to ${to}`);
  },
}));

const { today } = DEMO_NOW;
let opened: Book;
let vetch: string;
beforeEach(() => {
  fault.of = () => false;
  opened = demoBook();
  const { inspections, colonies } = readAllFacts(opened.db);
  vetch = colonies.find(({ name }) => name === 'Vetch')?.id ?? '';
  const own = new Set(inspections.filter(({ colonyId }) => colonyId === vetch).map((one) => one.id));
  fault.of = (facts) => facts.inspections.some((one) => own.has(one.id));
  vi.spyOn(console, 'error').mockReturnValue();
});
afterEach(() => {
  vi.restoreAllMocks();
  opened.sqlite.close();
});

describe.each(['threw', 'too-long', 'nonsense'] as const)('one colony cannot be worked out: %s', (is) => {
  beforeEach(() => {
    fault.is = is;
  });

  it('every other colony is, and it is said of which it is not', () => {
    const all = loadApiaries(opened, today);
    expect(all.unreckoned?.map(({ colony, why }) => [colony.name, why])).toEqual([['Vetch', is]]);
    expect(all.colonies).toHaveLength(16);
    expect(todayView(all, today).bands.flatMap(({ rows }) => rows)).toHaveLength(16);
    expect(coloniesView(all, today).flatMap(({ unreckoned }) => unreckoned.map(({ name }) => name))).toEqual(['Vetch']);
    expect(besideRounds(opened, all, DEMO_NOW).unreckoned).toEqual([{ id: vetch, name: 'Vetch' }]);
  });

  it('its page leads to what was entered, to be read, and nothing else stops', () => {
    expect(() => loadColony(opened, vetch, today)).toThrow(`sent on to /colonies/${vetch}/entries`);
    expect(colonyAsEntered(opened, vetch, today)).toMatchObject({ state: null, why: is, colony: { name: 'Vetch' } });
    expect(inspectionsEntered(opened.db, vetch).length).toBeGreaterThan(1);
    const all = loadApiaries(opened, today);
    expect(seasonPlanNow(opened, all, today, 2027)).toBeDefined();
    expect(allCsv(opened, today).get('ubbet-inspections.csv')).toContain('Vetch');
    const programmes = readAllFacts(opened.db).programmes.filter(({ deletedAt }) => deletedAt === null);
    for (const one of programmes) expect(loadProgramme(opened, one.id, today)).not.toBeNull();
    const span = { from: today - 60, to: today } as never;
    expect(lookBack(opened, span, today, null).colonies.map(({ name }) => name)).not.toContain('Vetch');
  });

  it('rounds are planned of the others', async () => {
    const asked = vi.fn(async () => null);
    await fortnightNow(opened, loadApiaries(opened, today), DEMO_NOW, 'Europe/London', asked).answer;
    const [question] = asked.mock.calls[0] as unknown as [{ visits: readonly { id: string }[] }];
    expect(question.visits.length).toBeGreaterThan(3);
    expect(question.visits.filter(({ id: visit }) => visit.includes(vetch))).toEqual([]);
  });

  it('an inspection of it is taken, at a desk and from a phone, and the phone goes through the others', () => {
    const { facts, settings } = colonyAsEntered(opened, vetch, today) ?? expect.fail();
    const draft = emptyDraft(id(1), vetch, DEMO_NOW.minute);
    const read = entryRead({ facts, settings, draft, today, isCorrection: false });
    expect(read.verdict.next?.words).toBe('What this means cannot be worked out');
    expect(read.known.map(({ cell }) => cell.label)).not.toEqual([]);
    const entry = anEntry({ id: id(1), colonyId: vetch, at: DEMO_NOW.minute });
    expect(saveInspection(opened.db, entry, DEMO_NOW).ok).toBe(true);

    const pack = makePack(opened, DEMO_NOW);
    expect(pack.unreckoned).toEqual([vetch]);
    const { hives, rounds } = roundsAtHand(pack, [], today);
    expect(hives.filter(({ isUnreckoned }) => isUnreckoned).map(({ colony }) => colony.name)).toEqual(['Vetch']);
    expect(rounds.reduce((sum, { hives: count }) => sum + count, 0)).toBe(17);
  });
});

it('what took too long is not tried again with every page', () => {
  fault.is = 'too-long';
  let tried = 0;
  const isOf = fault.of;
  fault.of = (facts) => {
    const isIt = isOf(facts);
    tried += isIt ? 1 : 0;
    return isIt;
  };
  for (let i = 0; i < 4; i += 1) {
    opened.kept.drop({ name: 'all' }, '');
    expect(loadApiaries(opened, today).unreckoned).toHaveLength(1);
  }
  expect(tried).toBe(1);
});

it('a phone whose pack does not know of it yet finds out by itself', () => {
  fault.is = 'threw';
  fault.of = () => false;
  const pack = makePack(opened, DEMO_NOW);
  expect(pack.unreckoned).toEqual([]);
  const known = pack.colonies.find(({ colony }) => colony.id === vetch)?.facts;
  fault.of = (facts) => facts.inspections === known?.inspections;
  expect(roundsAtHand(pack, [], today).hives.filter(({ isUnreckoned }) => isUnreckoned)).toHaveLength(1);
});

it('a method is not begun on it, and that is said', () => {
  const start: ProgrammeStart = aStart({
    id: id(1),
    colonyId: vetch,
    method: 'demaree',
    on: formatDay(today),
  });
  fault.is = 'threw';
  expect(startProgramme(opened.db, start, DEMO_NOW)).toMatchObject({
    ok: false,
    issues: [{ code: 'unreckonable', path: ['colonyId'] }],
  });
});
