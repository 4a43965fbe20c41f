import { describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import type { CellSeenFact, ColonyFacts, QueenEventKind } from '../core/colony/facts';
import { inspection } from '../core/colony/testing';
import { colonyView } from './colony-view';
import { markWords } from './marks';
import { aStandingColony } from './testing';

const cell = (id: string, box: number | null = null, frame: number | null = null) => ({
  id,
  label: id,
  place: 'bottom' as const,
  box,
  frame,
  part: null,
});
const saw = (cellId: string, found: CellSeenFact['found'], takenDown = false) => ({ cellId, found, takenDown });
const event = (kind: QueenEventKind, on: string) => ({
  id: kind + on,
  queenId: 'q',
  on: day(on),
  kind,
  at: null,
  to: null,
  emerged: null,
});
const view = (facts: Partial<ColonyFacts>, today = '2027-05-16') =>
  colonyView(aStandingColony('Clover', facts, today).state);

describe('the colony’s page', () => {
  it('has something to say of a colony nobody has looked at', () => {
    const { situation, reading, seen, due, cells, looks, queen } = view({ startedOn: day('2027-05-16') });
    expect([situation, reading, seen]).toEqual(['Not inspected yet', null, 'Not inspected yet']);
    expect(due[0]?.words).toEqual('First inspection by Sun 23 May, best now');
    expect([cells, looks]).toEqual([[], []]);
    expect(queen).toContain('Not known: nobody has inspected it yet, nor noted a queen.');
  });

  it('gives the reading with its evidence, its cause and what would change it', () => {
    const looks = [inspection({ at: '2027-05-16T12:00', cells: [saw('a', 'larva-large'), saw('b', 'larva-large')] })];
    const { reading, seen, due } = view({ cells: [cell('a'), cell('b')], inspections: looks });
    expect(reading?.title).toEqual('Getting ready to swarm');
    expect(reading?.because).toContain('2 × charged (large larva), bottom bar');
    expect(reading?.cause).toEqual('Swarm cells, by number and place.');
    expect(reading?.wouldChange).not.toBe('');
    expect(seen).toEqual('Last inspected Sun 16 May, today');
    expect(due[0]).toMatchObject({ words: 'Choose a method today', tone: 'now' });
  });

  it('says of what is folded away what stands in it, each in a line', () => {
    const looks = [
      inspection({ at: '2027-05-02T12:00' }),
      inspection({
        at: '2027-05-15T12:00',
        eggs: 'seen',
        cells: [saw('a', 'larva-large'), saw('b', 'larva-large'), saw('c', 'egg'), saw('d', 'larva-large', true)],
      }),
    ];
    const { briefs } = view({ cells: [cell('a'), cell('b'), cell('c'), cell('d')], inspections: looks });
    expect(briefs).toEqual({
      why: 'Swarm cells, by number and place.',
      queen: 'laying; eggs on Sat 15 May',
      cells: 'a, b charged · c egg',
      standing: 3,
      looks: '15 May, 2 May',
    });
    const unseen = view({ startedOn: day('2027-05-16') }).briefs;
    expect([unseen.why, unseen.queen, unseen.looks]).toEqual([null, 'not looked for yet', 'none yet']);
  });

  it('leads with what is due, or else with what comes next alone', () => {
    const settled = view({ inspections: [inspection({ at: '2027-05-16T12:00', eggs: 'seen' })] });
    expect([settled.due.length, settled.due[0]?.code]).toEqual([1, 'look']);
    const pressing = view({
      cells: [cell('a')],
      inspections: [inspection({ at: '2027-05-16T12:00', eggs: 'seen', cells: [saw('a', 'larva-large')] })],
    });
    expect(pressing.due.every(({ tone }) => tone !== 'later')).toBe(true);
    expect(pressing.toCome.every(({ tone }) => tone === 'later' || tone === 'fine')).toBe(true);
  });

  it('does not call a colony settled whose cells were only broken down', () => {
    const looks = [inspection({ at: '2027-05-16T12:00', cells: [saw('a', 'larva-large', true)] })];
    const { situation, reading, cells } = view({ cells: [cell('a')], inspections: looks });
    expect(situation).toEqual('Cells broken down: a delay, no cure');
    expect(reading?.advice).toContain('This buys days.');
    expect(cells[0]).toMatchObject({
      glyph: 'removed',
      stage: 'broken down as charged (large larva)',
      isOver: true,
      marks: [],
    });
  });

  it('follows a cell by its letter, with what it may be by now', () => {
    const looks = [
      inspection({ at: '2027-05-03T12:00' }),
      inspection({ at: '2027-05-10T12:00', cells: [saw('a', 'larva-large')] }),
    ];
    const [row] = view({ cells: [cell('a', 2, 5)], inspections: looks }).cells;
    expect(row).toMatchObject({
      stage: 'charged (large larva)',
      where: 'box 2, frame 5, bottom bar',
      laid: 'laid 3 to 5 May',
      byNow: 'by now: sealed',
      conflict: null,
    });
    expect(row?.marks.map((mark) => markWords(mark))).toEqual([
      'laid: 3 to 5 May, likely 3 to 5 May',
      'sealed: 10 to 14 May, likely 11 to 13 May',
      'virgin emerges: 18 to 22 May, likely 19 to 21 May',
      'eggs due: 26 May to 12 Jun, likely 31 May to 2 Jun',
    ]);
  });

  it('shows a contradiction and still gives dates to plan by', () => {
    const looks = [
      inspection({ at: '2027-05-12T12:00' }),
      inspection({ at: '2027-05-16T12:00', cells: [saw('a', 'sealed-ripe')] }),
    ];
    const [row] = view({ cells: [cell('a')], inspections: looks }).cells;
    expect(row?.conflict).toEqual(
      'the inspection before, which found no such cell, and “sealed, ripe” on 16 May cannot both be true. It may have been overlooked then, or the stage is wrong.',
    );
    expect(row?.laid).toEqual('laid 29 Apr to 3 May');
    expect(row?.marks.length).toBeGreaterThan(0);
  });

  it('puts cells that are over last', () => {
    const looks = [
      inspection({
        at: '2027-05-16T12:00',
        cells: [saw('a', 'torn-down'), saw('b', 'not-found'), saw('c', 'egg'), saw('d', 'cup-dry')],
      }),
    ];
    const before = inspection({ at: '2027-05-10T12:00', cells: [saw('b', 'egg')] });
    const { cells } = view({ cells: ['a', 'b', 'c', 'd'].map((id) => cell(id)), inspections: [before, ...looks] });
    expect(cells.map(({ label, isOver }) => [label, isOver])).toEqual([
      ['c', false],
      ['d', false],
      ['b', true],
      ['a', true],
    ]);
    expect(cells.find(({ label }) => label === 'b')).toMatchObject({ stage: 'gone', glyph: 'not-found' });
  });

  it.each([
    ['No queen since Mon 10 May.', [event('removed', '2027-05-10')]],
    ['A queen was caged in on Mon 10 May; not yet known to lay.', [event('caged-in', '2027-05-10')]],
    ['A virgin, out 10 May. Do not disturb her.', [event('virgin-out', '2027-05-10')]],
    [
      'Laying, going by what was last seen; one wing clipped. Last sign of her: seen on Mon 10 May',
      [event('present', '2027-05-09'), event('clipped', '2027-05-10')],
    ],
  ] as const)('says of the queen: %s', (words, queenEvents) => {
    expect(view({ queenEvents: [...queenEvents] }).queen).toContain(words);
  });

  it('says when she last laid, or why that cannot be told', () => {
    const look = (over: Parameters<typeof inspection>[0]) => view({ inspections: [inspection(over)] }).lastLaid;
    const at = '2027-05-16T12:00';
    expect(look({ at, eggs: 'none', youngest: 'larvae-small' })).toEqual(
      'Going by the brood on 16 May, the last egg was laid 11 to 13 May.',
    );
    expect(look({ at, eggs: 'none', youngest: 'none' })).toEqual(
      'Going by the brood on 16 May, the last egg was laid 26 Apr or before.',
    );
    expect(look({ at, eggs: 'not-looked-for', youngest: 'sealed' })).toContain('Eggs were not looked for');
    expect(look({ at })).toBeNull();
  });

  it('lists the looks, newest first, with how each was made and what it found', () => {
    const { looks } = view({
      cells: [cell('a')],
      inspections: [
        inspection({ at: '2027-05-03T12:00', thoroughness: 'tip-up', note: 'Windy.' }),
        inspection({ at: '2027-05-10T09:30', cells: [saw('a', 'egg', true)] }),
      ],
    });
    expect(looks.map(({ when, how, cells, note }) => [when, how, cells, note])).toEqual([
      ['Mon 10 May, 09:30', 'every brood frame, bees shaken or brushed off', 'a egg, broken down', ''],
      ['Mon 3 May, 12:00', 'boxes tipped up, or a few frames', '', 'Windy.'],
    ]);
  });
});

describe('a colony of many years', () => {
  const many: Partial<ColonyFacts> = {
    startedOn: day('2026-04-01'),
    inspections: Array.from({ length: 30 }, (_, i) =>
      inspection({
        id: `look-${i}`,
        at: `2027-${i < 15 ? '03' : '05'}-${String((i % 15) + 1).padStart(2, '0')}T12:00`,
      }),
    ),
  };

  it('shows its newest looks first, and rings of the last two months alone', () => {
    const { state } = aStandingColony('Clover', many, '2027-05-16');
    const some = colonyView(state, () => '', 5);
    expect(some.looks.map(({ id }) => id)).toEqual(['look-29', 'look-28', 'look-27', 'look-26', 'look-25']);
    expect(colonyView(state).looks).toHaveLength(30);
    const rings = some.overview.flatMap((mark) => (mark.type === 'look' ? [mark.on] : []));
    expect(rings).toHaveLength(15);
    expect(Math.min(...rings)).toBe(day('2027-05-01'));
  });

  it('says what two looks of one day disagree in', () => {
    const two: Partial<ColonyFacts> = {
      inspections: [
        inspection({ id: 'a', at: '2027-05-15T10:00', eggs: 'seen' }),
        inspection({ id: 'b', at: '2027-05-15T11:00', eggs: 'none', youngest: 'larvae-small' }),
      ],
    };
    expect(view(two).contradictions).toEqual([
      'Two inspections of Sat 15 May disagree: eggs seen (10:00), looked for and none (11:00). The later one counts. Correct or delete the one that is wrong.',
    ]);
    expect(view(many).contradictions).toEqual([]);
  });
});
