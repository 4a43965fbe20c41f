import { describe, expect, it } from 'vitest';
import { day, dayOfMinute } from '../core/calendar/day';
import { inspection } from '../core/colony/testing';
import { DEFAULT_SETTINGS } from '../core/settings/settings';
import { framesOf } from '../core/space/hive';
import type { SurveyFact } from '../core/space/survey';
import { aBox, aHive } from '../core/space/testing';
import { boxTitle } from '../words/boxes';
import { frameContents } from '../words/frame-contents';
import type { AllApiaries, StandingColony } from './all-apiaries';
import { framesView, otherHives } from './frames-view';
import { roomView } from './room-view';
import { aStandingColony } from './testing';

const TODAY = '2027-05-16';

const survey = (letters: string, over: Partial<SurveyFact> = {}): SurveyFact => {
  const at = over.at ?? '2027-05-16T12:00';
  return {
    id: `${letters}${at}`,
    at,
    on: dayOfMinute(at),
    source: 'survey',
    manner: 'frames',
    flow: 'none',
    coveredSeams: null,
    queenFrameId: null,
    hive: aHive(aBox('nest', letters)),
    ...over,
  };
};
const surveyed = (name: string, ...surveys: readonly SurveyFact[]) => aStandingColony(name, { surveys }, TODAY);
const yard = (...colonies: readonly StandingColony[]): AllApiaries => ({
  apiaries: [],
  colonies,
  settings: DEFAULT_SETTINGS,
});

describe('room, colony by colony', () => {
  const line = (one: StandingColony, night: number | null = 12) => roomView(yard(one), night).lines[0];

  it('has what is pressing first, then the soonest out, and names the colonies whose frames nobody knows', () => {
    const view = roomView(
      yard(
        surveyed('Airy', survey('HPBBEEEEEEE')),
        surveyed('Filling', survey('HHYYYEHHHHH')),
        surveyed('Bound', survey('PPPPYBBBBHE')),
        aStandingColony('Never', {}, TODAY),
      ),
      12,
    );
    expect(view.lines.map(({ name, isPressing }) => [name, isPressing])).toEqual([
      ['Filling', true],
      ['Bound', true],
      ['Airy', false],
    ]);
    expect(view.unknown.map(({ name }) => name)).toEqual(['Never']);
  });

  it('says what it rests on, in numbers no closer than they are known', () => {
    const filling = line(surveyed('Filling', survey('HHYYYEEEHHH')));
    expect(filling?.headline).toMatch(/^Out of laying room /);
    expect(filling?.because).toEqual([
      'She lays about 1,750 eggs a day, rising for two weeks',
      'Free to lay in: about 15,000 cells',
    ]);
    // Where there are no eggs nobody can say, and nothing is proposed.
    const silent = line(surveyed('Silent', survey('HHSSSEHHHHH')));
    expect([silent?.headline, silent?.out, silent?.proposals]).toEqual(['No eggs found', null, []]);
    expect(silent?.because[0]).toEqual('No eggs were found, so no day for room can be given');
  });

  it('frees a bound nest before it gives room', () => {
    const methods = (letters: string) => line(surveyed('One', survey(letters)))?.proposals.map(({ method }) => method);
    expect(methods('PPPPYBBBBHE')).toEqual(['pollen-bound']);
    expect(methods('HHHHNNBBBBH')).toEqual(['honey-bound']);
  });

  it('opens the sides where nights are cold, and interleaves where they are warm and the bees many', () => {
    const strong = surveyed('Strong', survey('HPYYSYYSYPH', { coveredSeams: 11 }));
    const methods = (night: number | null) => line(strong, night)?.proposals.map(({ method }) => method);
    expect(methods(4)).toContain('open-sides');
    expect(methods(14)).toContain('interleave');
    expect(methods(14)).not.toContain('open-sides');
    expect(methods(null)).toContain('open-sides');
    // Where no gap is left that would not part young brood, the sides are opened after all; open already, nothing is recommended.
    const young = surveyed('Young', survey('HPYYYYYYYPH', { coveredSeams: 11 }));
    expect(line(young, 14)?.proposals.map(({ method }) => method)).toContain('open-sides');
    const open = surveyed('Open', survey('HYYYYYYYYEH', { coveredSeams: 11 }));
    expect(line(open, 4)?.proposals.map(({ method }) => method)).toEqual(['add-box']);
  });

  it('asks for a super when those there are full, and says which can come off', () => {
    const full = aHive(aBox('nest', 'HPBBBBBBPEE'), aBox('top', 'HHHHHHHHHNE', { role: 'super', under: 'excluder' }));
    const found = line(surveyed('Rich', survey('', { hive: full })));
    expect(found?.proposals.map(({ method }) => method)).toContain('add-super');
    expect(found?.supers[0]).toMatch(/^Supers 9\d% full$/);
  });
});

describe('the frames of one hive', () => {
  const view = (surveys: readonly SurveyFact[], facts: object = {}) => {
    const { state } = aStandingColony('Clover', { surveys, ...facts }, TODAY);
    return framesView(state, surveys, DEFAULT_SETTINGS);
  };

  it('are unknown before the first survey', () => expect(view([])).toBeNull());

  it('are carried forward to today, and say so', () => {
    expect(view([survey('HPBBYSBBPHE')])?.knownFrom).toEqual('As the frames were found on 16 May.');
    const older = view([survey('HPBBYSBBPHE', { at: '2027-05-10T12:00', manner: 'counts' })]);
    expect(older?.knownFrom).toEqual(
      'As the frames were counted on 10 May, carried forward to today with bees emerged and eggs laid since.',
    );
    expect(view([survey('HPBBYSBBPHE', { source: 'moves' })])?.knownFrom).toMatch(/^As the frames were left/);
    // Eggs of six days ago are sealed or nearly so.
    const [before, after] = [aHive(aBox('nest', 'HPBBYSBBPHE')), older?.hive];
    expect(after).not.toEqual(before);
  });

  it('have the queen only where her frame still is, and seams from a look where the survey did not count them', () => {
    const seen = view([survey('HPBBYSBBPHE', { queenFrameId: 'nest/4' })]);
    expect(seen?.queenFrameId).toBe('nest/4');
    expect(view([survey('HPBBYSBBPHE', { queenFrameId: 'elsewhere/1' })])?.queenFrameId).toBeNull();
    const looks = [inspection({ at: '2027-05-15T12:00', coveredSeams: 9 })];
    expect(view([survey('HPBBYSBBPHE')], { inspections: looks })?.coveredSeams).toBe(9);
    expect(view([survey('HPBBYSBBPHE', { coveredSeams: 7 })], { inspections: looks })?.coveredSeams).toBe(7);
  });

  it('know the frames of live cells, those to be kept apart from the others', () => {
    const cell = (id: string, frame: number) =>
      ({ id, label: id, place: 'bottom', box: 1, frame, part: null }) as const;
    const found = view([survey('HPBBYSBBPHE')], {
      cells: [cell('a', 3), cell('b', 5), cell('c', 6), cell('d', 3)],
      inspections: [
        inspection({
          at: '2027-05-16T11:00',
          cells: ['a', 'b', 'c', 'd'].map((cellId) => ({ cellId, found: 'larva-large', takenDown: false }) as const),
        }),
      ],
    });
    const all = [...(found?.keptCellFrames ?? []), ...(found?.cellFrames ?? [])];
    expect([...all].sort()).toEqual(['nest/3', 'nest/5', 'nest/6']);
    expect(found?.keptCellFrames.length).toBeGreaterThan(0);
  });
});

describe('hives beside it on the board', () => {
  it('are those of the same apiary whose frames are known', () => {
    const [clover, vetch] = [
      surveyed('Clover', survey('HPBBYSBBPHE')),
      surveyed('Vetch', survey('HPBYBE', { queenFrameId: 'nest/3' })),
    ];
    const far = surveyed('Far', survey('HPBYBE'));
    const away = { ...far, colony: { ...far.colony, apiaryId: 'elsewhere' } };
    const beside = otherHives(yard(clover, vetch, away, aStandingColony('Never', {}, TODAY)), clover.colony);
    expect(beside.map(({ name, queenFrameId }) => [name, queenFrameId])).toEqual([['Vetch', 'nest/3']]);
    expect(framesOf(beside[0]?.hive ?? aHive())).toHaveLength(6);
  });
});

describe('a frame in words', () => {
  it('says what it holds of twenty tenths, most first', () => {
    const frame = { id: 'f', kind: 'comb', size: 'national-deep' } as const;
    const holds = frameContents({
      ...frame,
      sides: [
        { sealed: 7, pollen: 3 },
        { sealed: 4, empty: 6 },
      ],
    });
    expect(holds).toEqual('sealed brood 11, empty comb 6, pollen 3, of 20 tenths');
    expect(frameContents({ ...frame, sides: [{ honey: 10 }, { honey: 10 }] })).toEqual('all sealed honey');
    expect(frameContents({ ...frame, kind: 'dummy', sides: null })).toEqual('a dummy board');
    expect(frameContents({ ...frame, kind: 'feeder', sides: null })).toEqual('a feeder');
  });

  it('and a box by its number where there are several', () => {
    const [lower, upper, top] = [aBox('a', 'BB'), aBox('b', 'BB'), aBox('c', 'EE', { role: 'super' })];
    const hive = aHive(lower, upper, top);
    expect([lower, upper, top].map((box) => boxTitle(hive, box))).toEqual(['Brood box 1', 'Brood box 2', 'Super']);
  });
});

it('counts days of room from the day of the survey, not from today', () => {
  const old = surveyed('Old', survey('HHYYYEEEHHH', { at: '2027-05-09T12:00' }));
  const fresh = surveyed('Fresh', survey('HHYYYEEEHHH'));
  const { lines } = roomView(yard(fresh, old), 12);
  expect(lines[0]?.name).toBe('Old');
  expect([lines[0]?.seenOn, lines[1]?.seenOn]).toEqual([day('2027-05-09'), day('2027-05-16')]);
});
