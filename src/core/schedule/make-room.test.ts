import { describe, expect, it } from 'vitest';
import { day, formatDay } from '../calendar/day';
import type { ColonyFacts } from '../colony/facts';
import { aColony, inspection } from '../colony/testing';
import { DEFAULT_SETTINGS } from '../settings/settings';
import type { SurveyFact } from '../space/survey';
import { aBox, aHive } from '../space/testing';
import { foldColony } from '../state/fold';

const survey = (at: string, letters: string, over: Partial<SurveyFact> = {}): SurveyFact => ({
  id: `survey ${at}`,
  at,
  on: day(at.slice(0, 10)),
  source: 'survey',
  manner: 'frames',
  flow: 'none',
  coveredSeams: 8,
  queenFrameId: null,
  hive: aHive(aBox('nest', letters)),
  ...over,
});
const look = inspection({ at: '2027-05-10T15:00', queen: 'seen', stores: 'not-looked-for' });

function rooms(over: Partial<ColonyFacts>, today = '2027-05-10') {
  const { schedule, frames, lastInspection } = foldColony(
    aColony({ inspections: [look], ...over }),
    DEFAULT_SETTINGS,
    day(today),
  );
  const check = schedule.checks.find(({ code }) => code === 'make-room');
  return { frames, lastInspection, schedule, check, window: check && Object.values(check.window).map(formatDay) };
}

describe('the warning that room runs out', () => {
  it('is not given where there is room, or where frames were never looked at', () => {
    expect(rooms({}).frames).toBeNull();
    expect(rooms({ surveys: [survey('2027-05-10T16:00', 'HPBBBBBBEEE')] }).check).toBeUndefined();
  });

  it('comes a week ahead, best three days, at the latest the day before', () => {
    // Two frames of eggs and larvae tell of 1,083 to 1,167 eggs a day; 10,000 empty cells are used up on day 9 or 10.
    const { window, check } = rooms({ surveys: [survey('2027-05-10T16:00', 'HPYYEEPHHHH')] });
    expect(window).toEqual(['2027-05-11', '2027-05-15', '2027-05-18']);
    expect(check?.why).toEqual('Out of laying room 19 to 20 May, going by the frames.');
  });

  it('is pressing where pollen hems her in, and stands for the reading of the same day', () => {
    const { check, window, lastInspection, schedule } = rooms({ surveys: [survey('2027-05-10T16:00', 'HPPPPYBBBBE')] });
    expect(check?.why).saying('The nest is pollen-bound');
    expect(window).toEqual(['2027-05-10', '2027-05-14', '2027-05-17']);
    expect(lastInspection?.reading.reading).toBe('congested');
    expect(schedule.checks.filter(({ code }) => code === 'act')).toEqual([]);
  });

  it('leaves the look by the usual rule as it was due, before and after frames are moved', () => {
    const dates = (surveys: readonly SurveyFact[]) =>
      rooms({ inspections: [{ ...look, thoroughness: 'bees-on' }], surveys }, '2027-05-11').schedule.checks.map(
        ({ code, window }) => `${code} ${formatDay(window.ideal).slice(5)}`,
      );
    const usual = dates([])[0] as string;
    expect(usual).saying(/^look /);
    const bound = survey('2027-05-10T16:00', 'HPPPPYBBBBE');
    expect(dates([bound])).toEqual([usual, 'make-room 05-14']);
    expect(dates([bound, survey('2027-05-11T12:00', 'HPEBBBBBEEE', { source: 'moves' })])).toEqual([usual]);
  });

  it('goes by the last frames known, as they were found or left', () => {
    const bound = survey('2027-05-10T16:00', 'HPPPPYBBBBE');
    const freed = survey('2027-05-11T12:00', 'HPEBBBBBEEE', { source: 'moves' });
    expect(rooms({ surveys: [freed, bound] }, '2027-05-11').check).toBeUndefined();
    expect(rooms({ surveys: [freed, bound] }, '2027-05-10').check).toBeDefined();
  });

  it('ends by itself: after three weeks, and at rest; and asks for no box once the season is over', () => {
    const bound = survey('2027-05-10T16:00', 'HPPPPYBBBBE');
    expect(rooms({ surveys: [bound] }, '2027-05-31').check).toBeDefined();
    expect(rooms({ surveys: [bound] }, '2027-06-01').check).toBeUndefined();
    const at = (on: string) => {
      const covered = survey(`${on}T12:00`, 'HPBBBBBBPEE', { coveredSeams: 11 });
      const seen = inspection({ at: `${on}T11:00`, queen: 'seen', stores: 'not-looked-for' });
      return rooms({ inspections: [seen], surveys: [covered] }, on).check?.why;
    };
    expect(at('2027-07-31')).saying('time for another');
    expect(at('2027-08-01')).toBeUndefined();
    const late = survey('2027-10-31T12:00', 'HPPPPYBBBBE');
    const seen = inspection({ at: '2027-10-31T11:00', queen: 'seen', stores: 'not-looked-for' });
    expect(rooms({ inspections: [seen], surveys: [late] }, '2027-10-31').check?.why).saying('pollen-bound');
    expect(rooms({ inspections: [seen], surveys: [late] }, '2027-11-01').check).toBeUndefined();
  });

  it('asks for a box or a super once those there are are full', () => {
    const over = { role: 'super' as const, size: 'national-super', under: 'excluder' as const };
    const withSuper = aHive(aBox('nest', 'HPBBBBBBEEE'), aBox('super', 'HHHHHHHNNEE', over));
    const { check, window } = rooms({
      surveys: [survey('2027-05-10T16:00', '', { hive: withSuper, coveredSeams: 9 })],
    });
    expect(check?.why).toEqual(
      'Bees cover 82% of the brood boxes: time for another. The supers are 82% full: time for another, going by the frames.',
    );
    expect(window).toEqual(['2027-05-10', '2027-05-14', '2027-05-17']);
  });

  it('gives way to what cells ask for: room alone is too late then', () => {
    const cells = [{ id: 'a', label: 'a', place: 'bottom' as const, box: null, frame: null, part: null }];
    const saw = { ...look, cells: [{ cellId: 'a', found: 'larva-large' as const, takenDown: false }] };
    const surveys = [survey('2027-05-10T16:00', 'HPPPPYBBBBE')];
    const { check, schedule } = rooms({ cells, inspections: [saw], surveys });
    expect(check).toBeUndefined();
    expect(schedule.checks.map(({ code }) => code)).toContain('act');
  });

  it('is not for a colony whose queen is gone', () => {
    const queenEvents = [
      { id: 'e', queenId: 'q', on: day('2027-05-10'), kind: 'removed' as const, at: null, to: null, emerged: null },
    ];
    expect(rooms({ queenEvents, surveys: [survey('2027-05-10T16:00', 'HPPPPYBBBBE')] }).check).toBeUndefined();
  });
});

describe('a look and the frames of its day', () => {
  it('are read together, and what the look itself says counts first', () => {
    const surveys = [survey('2027-05-10T16:00', 'HPBBBBBBPHE')];
    const { lastInspection } = rooms({ surveys });
    expect(lastInspection?.inspection).toMatchObject({
      broodFrames: 6,
      coveredSeams: 8,
      stores: 'room',
      layingRoomDays: 21,
    });
    const said = { ...look, broodFrames: 5, stores: 'honey' as const };
    expect(rooms({ surveys, inspections: [said] }).lastInspection?.inspection).toMatchObject({
      broodFrames: 5,
      stores: 'honey',
    });
    expect(
      rooms({ surveys: [survey('2027-05-09T16:00', 'HPBBBBBBPHE')] }).lastInspection?.inspection.broodFrames,
    ).toBeNull();
  });
});
