import { afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { addDays, formatDay } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import type { KitEntryFact } from '../../core/facts/kit';
import { readSeasonFile, writeSeasonFile } from '../../core/formats/season-file';
import { planFortnight } from '../../core/rounds/plan-fortnight';
import type { Book } from '../../db/open';
import { highsSolver } from '../../solver/highs';
import { kitView } from '../../views/kit-view';
import { packingView } from '../../views/packing-view';
import { loadApiaries } from '../all-apiaries';
import { saveApiary } from '../entries/save-apiary';
import { makePack } from '../pack';
import { fortnightNow } from '../rounds/fortnight-now';
import { packedPlan } from '../rounds/packed-plan';
import type { Planner } from '../rounds/plan-apart';
import { readAllFacts } from '../season/season-facts';
import { codes, DEMO_NOW, demoBook, id } from '../testing';
import { kitNow } from './kit-now';
import { saveKitSaid, takeOutKit } from './save-kit';
import { stockNow } from './stock-now';

const now: Now = { ...DEMO_NOW, minute: `${formatDay(DEMO_NOW.today)}T12:00` };
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
afterEach(() => {
  opened.sqlite.close();
});

const all = () => loadApiaries(opened, TODAY);
const apiaryId = (name: string) => all().apiaries.find((one) => one.name === name)?.id as string;
const planned = () => fortnightNow(opened, all(), now, 'Europe/London', planner).answer;
const kit = async () => kitNow(opened, all(), TODAY, await planned());
const shortages = async () => kitView(all(), await kit(), TODAY).shortages;
const lies = (place: string, thing: KitEntryFact['thing']) => stockNow(opened, all(), TODAY).stock.lying(place, thing);

const entry = (n: number, over: Partial<KitEntryFact> = {}): KitEntryFact =>
  ({
    id: id(n),
    kind: 'counted',
    at: `${formatDay(TODAY)}T10:00`,
    thing: 'nuc-box',
    count: 1,
    from: null,
    to: 'home',
    packedFor: null,
    reason: '',
    frozenSince: null,
    ...over,
  }) as KitEntryFact;
const say = (...entries: KitEntryFact[]) =>
  saveKitSaid(opened, { id: id(900), at: entries[0]?.at ?? '', entries }, now);

describe('the kit of the demo', () => {
  it('one nuc is short, one comes from another apiary', async () => {
    const lines = (await shortages()).map(({ words, ways }) => [words, ...ways].join(' '));
    expect(lines.filter((line) => line.includes('nuc box'))).toEqual([
      'School roof, today: a nuc box and 5 frames of drawn comb or foundation. 5 frames of foundation are at home: take them along today. No nuc box to spare anywhere: make, buy or borrow one.',
      'Old quarry, today: a nuc box. A nuc box is at Walled garden: fetch it on the way today.',
    ]);
  });

  it('asks for no spare nuc outside the swarm season', async () => {
    const winter = addDays(TODAY, 220);
    const later = kitNow(opened, loadApiaries(opened, winter), winter, null);
    expect(later.met.some(({ need }) => need.because.kind === 'spare-nuc')).toBe(false);
  });

  it('a packing list holds what its round brings, and says what lies there', async () => {
    const { met } = await kit();
    const roof = { on: TODAY, apiaryId: apiaryId('School roof'), day: formatDay(TODAY) };
    const view = packingView(all(), met, roof, false);
    expect(view.title).toBe('School roof, Sun 16 May');
    expect(view.toPack.map(({ words }) => words)).toContain('11 frames of foundation, at home');
    expect(view.missing.map(({ words }) => words)).toContain('No nuc box to spare anywhere: make, buy or borrow one.');
  });

  it('a device takes the lists of its next rounds along', async () => {
    const plan = await planned();
    const { pages } = makePack(opened, now, plan && packedPlan(opened, plan));
    expect(pages.filter((page) => page.startsWith('/apiaries/kit/packing/'))).toHaveLength(3);
  });
});

describe('what is said of it', () => {
  it('lands once, however often it is sent, all of it or nothing', () => {
    const two = [entry(1, { count: 4 }), entry(2, { thing: 'super', to: 'car', count: 2 })];
    expect(say(...two).ok).toBe(true);
    expect(say(...two).ok).toBe(true);
    expect(readAllFacts(opened.db).kitEntries.filter((one) => one.at === entry(1).at)).toHaveLength(2);
    const gone = entry(4, { to: id(77) } as Partial<KitEntryFact>);
    expect(codes(say(entry(3, { count: 9 }), gone))).toEqual(['unknown-reference entries.1.to']);
    expect(lies('home', 'nuc-box').count).toBe(4);
  });

  it('no more is carried than was counted there; where nobody counted it is believed', () => {
    const carry = (n: number, over: Partial<KitEntryFact>) =>
      say(entry(n, { kind: 'carried', from: 'home', to: 'car', ...over } as Partial<KitEntryFact>));
    const refused = carry(1, { thing: 'super', count: 4 });
    expect(codes(refused)).toEqual(['contradiction entries.0.count']);
    expect(carry(2, { thing: 'super', count: 3 }).ok).toBe(true);
    expect([lies('home', 'super').count, lies('car', 'super').count]).toEqual([0, 3]);
    expect(carry(3, { thing: 'dummy', count: 2 }).ok).toBe(true);
    expect(lies('car', 'dummy')).toMatchObject({ count: 2, countedAt: null });
  });

  it('nothing that is to come was counted', () => {
    expect(codes(say(entry(1, { at: `${formatDay(addDays(TODAY, 1))}T10:00` })))).toEqual([
      'in-the-future entries.0.at',
    ]);
  });

  it('is taken out and put back', () => {
    say(entry(1, { count: 6 }));
    expect(takeOutKit(opened, { ids: [id(1)], isOut: true }, now).ok).toBe(true);
    expect(lies('home', 'nuc-box').count).toBe(0);
    expect(takeOutKit(opened, { ids: [id(1)], isOut: false }, now).ok).toBe(true);
    expect(lies('home', 'nuc-box').count).toBe(6);
    expect(codes(takeOutKit(opened, { ids: [id(1), id(555)], isOut: true }, now))).toEqual(['not-found ids']);
    expect(lies('home', 'nuc-box').count).toBe(6);
  });

  it('goes through a season file and back, and a strange place in one is found', () => {
    say(entry(1, { thing: 'frozen-stores', count: 3, frozenSince: '2026-11-02' }));
    const facts = readAllFacts(opened.db);
    const read = readSeasonFile(writeSeasonFile(facts));
    expect(read.ok && read.value).toEqual(facts);
    const strange = {
      ...facts,
      kitEntries: [{ ...entry(1, { to: id(77) } as Partial<KitEntryFact>), deletedAt: null }],
    };
    expect(codes(readSeasonFile(writeSeasonFile(strange)))).toEqual(['unknown-reference facts.kitEntries.0.to']);
  });
});

it('nothing is lent from where brood disease is suspected', async () => {
  const garden = all().apiaries.find(({ name }) => name === 'Walled garden');
  if (!garden) throw new Error('no garden');
  saveApiary(opened.db, { ...garden, diseaseSuspectedSince: formatDay(TODAY), swarmMonths: null }, now);
  const lines = (await shortages()).map(({ words, ways }) => [words, ...ways].join(' '));
  expect(lines).toContain('Old quarry, today: a nuc box. No nuc box to spare anywhere: make, buy or borrow one.');
});
