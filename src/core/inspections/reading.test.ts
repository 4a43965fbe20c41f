import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { READING_WORDS } from '../../words/readings';
import { day, formatDay } from '../calendar/day';
import type { CellsSeen } from '../cells/cause';
import { CELL_PLACES } from '../cells/place';
import { CELL_STAGES } from '../cells/stage';
import type { InspectionSeen, ReadingContext } from './inspection-seen';
import { readInspection } from './reading';

const on = day('2027-05-10');
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
const laying: ReadingContext = { queenExpected: 'laying', virginEmergedFrom: null };
const cell = (stage: CellsSeen['stage'], count = 1, place: CellsSeen['place'] = 'bottom') => ({ stage, count, place });
const read = (seen: Partial<InspectionSeen>, context: Partial<ReadingContext> = {}) => {
  const { reading, actBy, cause } = readInspection(on, { ...plain, ...seen }, { ...laying, ...context });
  return [reading, actBy && formatDay(actBy).slice(5), cause];
};

describe('the reading', () => {
  it.each([
    ['settled', {}, {}, null, null],
    ['cups-only', { cells: [cell('cup-dry', 4)] }, {}, null, null],
    ['early-preparing', { cells: [cell('egg')] }, {}, '05-13', 'swarm'],
    ['early-preparing', { cells: [cell('egg-upright')] }, {}, '05-13', 'swarm'],
    ['preparing', { cells: [cell('egg'), cell('larva-small')] }, {}, '05-11', 'swarm'],
    ['preparing', { cells: [cell('larva-large')] }, {}, '05-10', 'swarm'],
    ['swarm-imminent', { cells: [cell('sealed')] }, {}, '05-10', 'swarm'],
    ['swarm-imminent', { cells: [cell('sealed')], eggs: 'none', queenSeen: true }, {}, '05-10', 'swarm'],
    ['swarmed', { cells: [cell('sealed-fresh')], eggs: 'none' }, {}, '05-12', 'swarm'],
    ['swarmed', { cells: [cell('sealed')], eggs: 'none' }, {}, '05-10', 'swarm'],
    ['cast-risk', { cells: [cell('emerged'), cell('egg')], eggs: 'none' }, {}, '05-10', 'swarm'],
    ['cast-risk', { cells: [cell('queen-moving', 2)], eggs: 'none' }, {}, '05-10', 'swarm'],
    ['swarmed', { cells: [cell('queen-moving')], eggs: 'none' }, {}, '05-10', 'swarm'],
    ['virgin-loose', { cells: [cell('torn-down')], eggs: 'none' }, {}, null, null],
    ['settled', { cells: [cell('torn-down')] }, {}, null, null],
    [
      'raising-queen',
      { cells: [cell('sealed', 1, 'face')], eggs: 'none' },
      { queenExpected: 'none' },
      null,
      'emergency',
    ],
    ['awaiting-eggs', { eggs: 'none' }, { queenExpected: 'caged' }, null, null],
    ['awaiting-eggs', { eggs: 'none' }, { queenExpected: 'virgin', virginEmergedFrom: day('2027-04-12') }, null, null],
    [
      'queen-missing',
      { eggs: 'none' },
      { queenExpected: 'virgin', virginEmergedFrom: day('2027-04-11') },
      '05-13',
      null,
    ],
    ['queen-missing', { eggs: 'none' }, {}, '05-13', null],
    ['not-laying', { eggs: 'none', queenSeen: true }, {}, '05-14', null],
    ['congested', { bound: true }, {}, '05-17', null],
    ['congested', { layingRoomDays: 6.5 }, {}, '05-17', null],
    ['settled', { layingRoomDays: 7 }, {}, null, null],
    ['not-enough-seen', { eggs: 'not-looked-for', youngest: 'larvae-large' }, {}, null, null],
    ['settled', { eggs: 'not-looked-for', youngest: 'larvae-small' }, {}, null, null],
    ['drone-laying', { droneBroodInWorkerCells: true, cells: [cell('sealed')] }, {}, '05-17', 'swarm'],
    ['drone-laying', { severalEggsPerCell: true }, {}, '05-17', null],
    ['settled', { severalEggsPerCell: true, queenSeen: true }, {}, null, null],
    ['settled', { severalEggsPerCell: true }, { queenExpected: 'virgin' }, null, null],
  ] as const)('%s', (reading, seen, context, actBy, cause) => {
    expect(read(seen, context)).toEqual([reading, actBy, cause]);
  });

  it.each([
    ['supersedure', [cell('larva-small', 2, 'face'), cell('larva-large', 1, 'face')], 'seen'],
    ['unclear', [cell('larva-small', 1, 'face'), cell('sealed', 1, 'face')], 'seen'],
    ['unclear', [cell('larva-small', 4, 'face')], 'seen'],
    ['swarm', [cell('larva-small', 5, 'face')], 'seen'],
    ['swarm', [cell('larva-small', 1, 'edge')], 'seen'],
    ['emergency', [cell('larva-small', 7, 'face')], 'none'],
    ['unclear', [cell('egg', 1, 'face')], 'none'],
    ['unclear', [cell('sealed', 1, 'face')], 'not-looked-for'],
  ] as const)('cause: %s', (cause, cells, eggs) => expect(read({ cells, eggs })[2]).toBe(cause));

  it('has words for whatever it reads, says what it rests on, and never acts before the day', () => {
    const cells = fc.array(
      fc.record({
        stage: fc.constantFrom(...CELL_STAGES),
        count: fc.integer({ min: 1, max: 200 }),
        place: fc.constantFrom(...CELL_PLACES),
      }),
      { maxLength: 4 },
    );
    const looked = fc.constantFrom('seen' as const, 'none' as const, 'not-looked-for' as const);
    const expected = fc.constantFrom('laying' as const, 'none' as const, 'virgin' as const, 'caged' as const);
    fc.assert(
      fc.property(cells, looked, fc.boolean(), expected, (seenCells, eggs, queenSeen, queenExpected) => {
        const seen = { ...plain, cells: seenCells, eggs, queenSeen };
        const reading = readInspection(on, seen, { queenExpected, virginEmergedFrom: null });
        expect(READING_WORDS[reading.reading].title).not.toBe('');
        expect(reading.because.map(({ code }) => code)).toContain(`eggs-${eggs}`);
        if (reading.actBy !== null) expect(reading.actBy).toBeGreaterThanOrEqual(on);
      }),
    );
  });
});
