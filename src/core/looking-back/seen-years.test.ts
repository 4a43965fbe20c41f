import { describe, expect, it } from 'vitest';
import { addDays, day } from '../calendar/day';
import type { ColonyFacts } from '../colony/facts';
import { aColony, inspection } from '../colony/testing';
import { aBox, aHive } from '../space/testing';
import { placeYear } from '../year/place-year';
import { signsSeen } from './seen-years';

const NORTH = placeYear([4, 5, 6, 7], null);
const cells = [{ id: 'a', label: 'a', place: 'bottom', box: null, frame: null, part: null } as const];
const saw = (found: 'egg' | 'larva-large' | 'sealed-fresh' | 'cup-dry') => [{ cellId: 'a', found, takenDown: false }];
const colony = (over: Partial<ColonyFacts>) => aColony({ cells, ...over });
const seen = (
  facts: readonly ColonyFacts[],
  today = '2027-06-01',
  place = NORTH,
  flows: Parameters<typeof signsSeen>[0]['flows'] = [],
) =>
  Object.fromEntries(
    signsSeen({ facts, flows }, place, day(today)).map(({ sign, middle, earliest, latest, years }) => [
      sign,
      `${middle} ${earliest} ${latest} ${years}`,
    ]),
  );

describe('the signs of former years', () => {
  it('are the first of each season, and the day in their middle', () => {
    const looks = ['2024-04-20', '2024-05-02', '2025-05-01', '2026-04-25'].map((on) =>
      inspection({ at: `${on}T12:00`, drones: 'flying' }),
    );
    const charged = ['2025-05-20', '2026-05-12', '2026-06-02'].map((on) =>
      inspection({ at: `${on}T15:00`, cells: saw('larva-large') }),
    );
    expect(seen([colony({ inspections: looks }), colony({ inspections: charged })])).toEqual({
      'drone-brood': '04-25 04-20 05-01 3',
      'drones-flying': '04-25 04-20 05-01 3',
      'charged-cells': '05-12 05-12 05-20 2',
      'last-cells': '05-20 05-20 06-02 2',
    });
  });

  it('of the season that is on nothing is over yet, and nothing of it is to come', () => {
    const look = inspection({ at: '2027-05-10T12:00', cells: saw('egg') });
    const later = inspection({ at: '2027-06-20T12:00', drones: 'flying' });
    expect(seen([colony({ inspections: [look, later] })])).toEqual({ 'cups-with-eggs': '05-10 05-10 05-10 1' });
  });

  it('leave dry cups aside, and find drone brood in surveys', () => {
    const dry = inspection({ at: '2026-04-10T12:00', cells: saw('cup-dry') });
    const hive = aHive(aBox('nest', 'HPBBBBBBPH'));
    const [box] = hive.boxes;
    const [frame] = box?.frames ?? [];
    if (!box || !frame) throw new Error('no frame');
    const withDrones = {
      ...hive,
      boxes: [{ ...box, frames: [{ ...frame, sides: [{ drone: 3, empty: 7 }, { empty: 10 }] as const }] }],
    };
    const survey = {
      id: 's',
      at: '2026-04-02T12:00',
      on: day('2026-04-02'),
      source: 'survey',
      manner: 'frames',
      flow: 'none',
      coveredSeams: null,
      queenFrameId: null,
      hive: withDrones,
    } as const;
    expect(seen([colony({ inspections: [dry], surveys: [survey] })])).toEqual({ 'drone-brood': '04-02 04-02 04-02 1' });
  });

  it('in the south a season is not torn by the turn of the year', () => {
    const south = placeYear([10, 11, 12, 1], null);
    const looks = ['2025-12-20', '2027-01-06'].map((on) => inspection({ at: `${on}T12:00`, cells: saw('egg') }));
    const signs = seen([colony({ inspections: looks })], '2027-06-01', south);
    expect(signs['cups-with-eggs']).toBe('12-20 12-20 01-06 2');
  });

  it('take the longest flow of each year by the scale', () => {
    const flow = (from: string, days: number | null) => ({
      from: day(from),
      to: days === null ? null : addDays(day(from), days),
      strong: false,
    });
    const flows = [flow('2025-04-28', 6), flow('2025-06-10', 25), flow('2026-06-20', 20), flow('2027-05-20', null)];
    expect(seen([], '2027-06-01', NORTH, flows)).toEqual({
      'flow-begins': '06-10 05-20 06-20 3',
      'flow-ends': '07-05 07-05 07-10 2',
    });
  });
});
