import { describe, expect, it } from 'vitest';
import { evidenceOf } from './evidence';
import type { InspectionSeen, ReadingContext } from './inspection-seen';
import type { ReadingName } from './reading';
import { SHORT_OF_ROOM_DAYS } from './room';

const plain: InspectionSeen = {
  eggs: 'seen',
  queenSeen: false,
  youngest: null,
  cells: [],
  droneBroodInWorkerCells: false,
  severalEggsPerCell: false,
  layingRoomDays: null,
  bound: false,
};
const codes = (
  seen: Partial<InspectionSeen>,
  queenExpected: ReadingContext['queenExpected'] = 'laying',
  reading: ReadingName = 'settled',
) => evidenceOf(reading, { ...plain, ...seen }, { queenExpected, virginEmergedFrom: null }).map(({ code }) => code);
const text = (code: string, seen: Partial<InspectionSeen>) =>
  evidenceOf('settled', { ...plain, ...seen }, { queenExpected: 'laying', virginEmergedFrom: null }).find(
    (one) => one.code === code,
  )?.text;

describe('what a reading rests on', () => {
  it('names what was looked for and not found, and no more', () => {
    expect(codes({})).toEqual(['no-cells', 'eggs-seen', 'queen-not-seen']);
    expect(codes({ eggs: 'none', queenSeen: true })).toEqual(['no-cells', 'eggs-none', 'queen-seen']);
    expect(codes({ eggs: 'not-looked-for' })).toContain('eggs-not-looked-for');
  });

  it('begins with what tells most: laying workers, then which queen is expected, then the cells', () => {
    const all = codes(
      {
        droneBroodInWorkerCells: true,
        severalEggsPerCell: true,
        cells: [{ stage: 'sealed', count: 2, place: 'face' }],
        youngest: 'eggs',
        bound: true,
        layingRoomDays: 0,
      },
      'none',
    );
    expect(all).toEqual([
      'drone-brood',
      'several-eggs',
      'queen-none',
      'cells-sealed',
      'eggs-seen',
      'queen-not-seen',
      'youngest-eggs',
      'bound',
      'laying-room',
    ]);
  });

  it.each(['none', 'virgin', 'caged'] as const)('says that a queen is not laying where she is %s', (expected) => {
    expect(codes({}, expected)).toContain(`queen-${expected}`);
    expect(codes({})).not.toContain(`queen-${expected}`);
  });

  it('says where live cells are, not where empty ones were, nor a place that was not said', () => {
    expect(text('cells-sealed', { cells: [{ stage: 'sealed', count: 2, place: 'face' }] })).saying(/^2 × .+, /);
    expect(text('cells-sealed', { cells: [{ stage: 'sealed', count: 1, place: 'not-said' }] })).not.toContain(',');
    expect(text('cells-torn-down', { cells: [{ stage: 'torn-down', count: 1, place: 'face' }] })).not.toContain(',');
  });

  it('mentions the room to lay where it is short, or where the reading is about room', () => {
    const short = SHORT_OF_ROOM_DAYS.value;
    expect(codes({ layingRoomDays: short - 1 })).toContain('laying-room');
    expect(codes({ layingRoomDays: short })).not.toContain('laying-room');
    expect(codes({ layingRoomDays: short }, 'laying', 'congested')).toContain('laying-room');
    expect(codes({ layingRoomDays: null }, 'laying', 'congested')).not.toContain('laying-room');
  });
});
