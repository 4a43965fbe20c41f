import { describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import { inspection } from '../core/colony/testing';
import { bareApiary } from '../core/facts/apiary';
import { aProgramme, assembled } from '../core/programmes/testing';
import { DEFAULT_SETTINGS } from '../core/settings/settings';
import { aBox, aHive } from '../core/space/testing';
import type { AllApiaries, StandingColony } from './all-apiaries';
import { alsoToday } from './also-today';
import { coloniesView } from './colonies-view';
import { aStandingColony } from './testing';
import { todayView } from './today-view';

const TODAY = '2027-05-16';
const cell = { id: 'c', label: 'a', place: 'bottom' as const, box: null, frame: null, part: null };
const saw = (found: 'egg' | 'emerged') => [{ cellId: 'c', found, takenDown: false }];

const late = aStandingColony('Late', { inspections: [inspection({ at: '2027-05-01T12:00' })] }, TODAY);
const later = aStandingColony('Later', { inspections: [inspection({ at: '2027-05-15T12:00' })] }, TODAY);
const urgent = aStandingColony(
  'Urgent',
  { cells: [cell], inspections: [inspection({ at: '2027-05-16T12:00', cells: saw('egg') })] },
  TODAY,
  'Quarry',
);
const shut = aStandingColony(
  'Shut',
  { cells: [cell], inspections: [inspection({ at: '2027-05-15T12:00', eggs: 'none', cells: saw('emerged') })] },
  TODAY,
);
const never = aStandingColony('Never', { startedOn: day('2027-05-16') }, TODAY, 'Quarry');

const yard = (...colonies: StandingColony[]): AllApiaries => ({
  apiaries: [...new Map(colonies.map(({ apiary }) => [apiary.id, apiary])).values()],
  colonies,
  settings: DEFAULT_SETTINGS,
});

describe('Today', () => {
  it('says that nothing is due when nothing is', () => {
    const view = todayView(yard(later), day(TODAY));
    expect(view.headline).toEqual('Nothing is due today');
    expect(view.summary).toBe('Next: Later, Fri 21 May.');
    expect(view.bands.map(({ title }) => title)).toEqual(['Nothing to do today']);
  });

  it('has an empty page for an empty yard', () => {
    expect(todayView(yard(), day(TODAY))).toMatchObject({ headline: 'Nothing is due today', summary: '', bands: [] });
  });

  it('puts the apiary with the latest first, then what to leave shut, then the rest', () => {
    const view = todayView(yard(later, never, urgent, shut, late), day(TODAY));
    expect(view.headline).toEqual('3 hives due, 1 late');
    expect(view.bands.map(({ title, rows }) => [title, rows.map(({ name }) => name)])).toEqual([
      ['Orchard · 1 hive', ['Late']],
      ['Quarry · 2 hives', ['Urgent', 'Never']],
      ['Leave shut', ['Shut']],
      ['Nothing to do today', ['Later']],
    ]);
    expect(view.summary).toMatch(/^Leave one shut\. Next: Later/);
  });

  it('gives each hive a line of why, a tone and its marks', () => {
    const [row] = todayView(yard(urgent), day(TODAY)).bands[0]?.rows ?? [];
    expect(row).toMatchObject({
      reading: 'First signs of swarming',
      due: 'Decide by Wed 19 May, best Tue 18 May',
      why: 'Eggs in cups: decide before they are larvae, and act before a cell is sealed.',
      tone: 'now',
      apiary: null,
    });
    expect(row?.marks.map(({ type }) => type)).toEqual(['ribbon', 'ribbon', 'check']);
  });

  it('names the apiary and the first day to open where hives are to be left shut', () => {
    const [row] = todayView(yard(shut), day(TODAY)).bands[0]?.rows ?? [];
    expect(row).toMatchObject({ apiary: 'Orchard', tone: 'shut', why: null });
    expect(row?.due).toMatch(/^Leave shut: not before /);
    expect(row?.marks[0]?.type).toBe('ribbon');
    expect(row?.marks.some(({ type }) => type === 'shut')).toBe(true);
  });
});

describe('Colonies', () => {
  it('lists every apiary, also an empty one, with rings for the looks', () => {
    const empty = bareApiary('Roof', 'Roof');
    const groups = coloniesView({ ...yard(late, shut), apiaries: [late.apiary, empty] }, day(TODAY));
    expect(groups.map(({ apiary, colonies }) => [apiary.name, colonies.length])).toEqual([
      ['Orchard', 2],
      ['Roof', 0],
    ]);
    const [first, second] = groups[0]?.colonies ?? [];
    expect(first).toMatchObject({ name: 'Late', reading: 'On 1 May: settled. Not inspected since', tone: 'late' });
    expect(first?.marks).toEqual([{ type: 'look', on: day('2027-05-01'), row: 0 }]);
    expect(second?.marks.map(({ type }) => type)).toEqual(['shut', 'look']);
  });

  it('says first what can wait least, and what else is due now', () => {
    const survey = {
      id: 's',
      at: '2027-05-16T12:00',
      on: day(TODAY),
      source: 'survey',
      manner: 'counts',
      flow: 'none',
      coveredSeams: null,
      queenFrameId: null,
      hive: aHive(aBox('nest', 'PPPPBBBBBHH')),
    } as const;
    const bound = aStandingColony('Bound', { startedOn: day(TODAY), surveys: [survey] }, TODAY);
    const [row] = todayView(yard(bound), day(TODAY)).bands[0]?.rows ?? [];
    expect([row?.due, row?.also]).toEqual(['Make room today', 'Also: first inspection by Sun 23 May.']);
    const [alone] = todayView(yard(never), day(TODAY)).bands[0]?.rows ?? [];
    expect(alone?.also).toBeNull();
  });

  it('offers the tasks of each day to be ticked, and nothing else', () => {
    const units = [{ unit: 'queen-half', colonyId: 'home' }];
    const shared = { programmes: [aProgramme({ method: 'even-split', units })] };
    const split = aStandingColony('Split', assembled({ home: {} }, shared).get('home') ?? {}, '2027-05-12');
    const nothing = { yard: { wayMarks: [], steps: [] }, meant: [], foodAsked: [], shortages: [], swarmRisks: [] };
    const { daily, brief } = alsoToday(yard(split, late), day('2027-05-12'), nothing);
    expect(daily.map(({ colony, task }) => [colony.name, task.code])).toEqual([['Split', 'shift-boxes']]);
    expect(brief).toEqual(['move Split’s boxes']);
  });
});
