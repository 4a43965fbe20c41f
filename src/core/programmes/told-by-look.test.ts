import { describe, expect, it } from 'vitest';
import { addDays, day } from '../calendar/day';
import type { InspectionFact } from '../colony/facts';
import type { InspectionRead } from '../colony/inspection-known';
import type { TrackedCell } from '../colony/track-cells';
import type { FollowUpCode } from '../methods/method';
import { verbatim } from '../says/together';
import { ANSWERS } from './answers';
import { ASKED_IN_WORDS } from './asked-in-words';
import { alsoAnswered, answersOfLook, type FollowUpState } from './follow-up-state';
import { anAnswer, look, saw } from './testing';
import { toldByLook } from './told-by-look';

const aCell = {} as TrackedCell;

/** A look as far as a follow-up asks about it: bees off every frame, nothing found. */
function read(over: Partial<InspectionFact> = {}, beside: Partial<InspectionRead> = {}): InspectionRead {
  const inspection = look('05-20', {
    thoroughness: 'cleared',
    queen: 'not-looked-for',
    eggs: 'not-looked-for',
    stores: 'not-looked-for',
    ...over,
  });
  return { inspection, liveCells: [], liveAbove: [], takenDownAbove: 0, openedAbove: 0, ...beside } as InspectionRead;
}
const withCells = { liveCells: [aCell] };

describe('what a look says to a check', () => {
  const TABLE: readonly (readonly [FollowUpCode, string | null, Partial<InspectionFact>, Partial<InspectionRead>?])[] =
    [
      ['nuc-settled', 'settled', { eggs: 'seen' }],
      ['nuc-settled', 'no-eggs', { eggs: 'none' }],
      ['nuc-settled', null, {}],
      ['nuc-settled', 'cells', { eggs: 'seen' }, withCells],
      // Only tipped up: eggs say nothing of cells on the frames that were not seen, their want says what it says.
      ['nuc-settled', null, { eggs: 'seen', thoroughness: 'tip-up' }],
      ['nuc-settled', 'no-eggs', { eggs: 'none', thoroughness: 'tip-up' }, withCells],
      ['laying-check', 'eggs', { eggs: 'seen' }, withCells],
      ['laying-check', 'cells', { eggs: 'none' }, withCells],
      ['laying-check', 'no-eggs', { eggs: 'none' }],
      ['laying-check', null, {}, withCells],
      ['bottom-check', null, { eggs: 'seen', thoroughness: 'tip-up' }],
      ['bottom-check', 'cells', { eggs: 'seen' }, withCells],
      ['bottom-check', 'no-room', { eggs: 'seen', stores: 'honey' }],
      ['bottom-check', 'no-room', { stores: 'nectar' }],
      ['bottom-check', 'no-room', { stores: 'pollen' }],
      ['bottom-check', 'in-order', { stores: 'room' }],
      ['bottom-check', 'in-order', { eggs: 'seen' }],
      ['bottom-check', null, {}],
      ['bottom-check', null, { eggs: 'none' }],
      ['bottom-check', 'no-room', { layingRoomDays: 6 }],
      ['bottom-check', 'in-order', { layingRoomDays: 7 }],
      ['space-check', null, { stores: 'room', thoroughness: 'tip-up' }],
      ['space-check', 'cells', { stores: 'room' }, withCells],
      ['space-check', 'used', { stores: 'room' }],
      ['space-check', 'used', { layingRoomDays: 7 }],
      ['space-check', 'not-yet', { layingRoomDays: 6 }],
      ['space-check', 'not-yet', { stores: 'pollen', layingRoomDays: 20 }],
      ['space-check', null, {}],
      ['clear-top-cells', 'one-open', {}, { openedAbove: 1, takenDownAbove: 2 }],
      ['clear-top-cells', 'taken-down', {}, { takenDownAbove: 1 }],
      ['clear-top-cells', null, {}, { takenDownAbove: 1, liveAbove: [aCell] }],
      ['clear-top-cells', null, {}],
      ['released', 'out', { queen: 'seen' }],
      ['released', 'out', { eggs: 'seen' }],
      ['released', null, { queen: 'none', eggs: 'none' }],
      ['united', 'joined', { eggs: 'seen' }],
      ['united', null, { eggs: 'none' }],
      ['united', null, { eggs: 'seen', thoroughness: 'tip-up' }],
      ['read-comb', null, { eggs: 'seen', cells: [saw('a', 'larva-small')] }],
      ['read-comb', 'eggs', { eggs: 'seen' }],
      ['read-comb', 'cells', { eggs: 'none', cells: [saw('a', 'larva-small')] }],
      ['read-comb', 'no-cells', { eggs: 'none', cells: [saw('a', 'not-found')] }],
      ['read-comb', 'no-cells', { eggs: 'none', cells: [saw('a', 'torn-down')] }],
      ['read-comb', null, { eggs: 'none' }, withCells],
      ['read-comb', null, { eggs: 'none', thoroughness: 'tip-up' }],
      ['thin-cells', null, { eggs: 'seen' }, withCells],
      ['doors', null, { eggs: 'seen' }],
    ];

  it.each(TABLE.map((row) => ({ row })))('$row', ({ row: [code, told, inspection, beside] }) => {
    expect(toldByLook(code, read(inspection, beside))).toBe(told);
  });
});

describe('what an inspection does not tell', () => {
  const looks = [read({ eggs: 'seen', queen: 'seen' }), read({ eggs: 'none' }), read({ eggs: 'none' }, withCells)];
  const untold = (Object.keys(ANSWERS) as FollowUpCode[]).filter((code) =>
    looks.every((look) => toldByLook(code, look) === null),
  );

  it('is asked in words in the entry, but for what both halves or the queen’s own state answer', () => {
    const elsewhere: readonly FollowUpCode[] = ['which-half', 'thin-cells', 'eggs', 'clear-top-cells'];
    expect(untold.filter((code) => !ASKED_IN_WORDS.has(code)).sort()).toEqual([...elsewhere].sort());
    // Out of her cage an inspection tells, still in it only the keeper.
    expect([...ASKED_IN_WORDS].filter((code) => !untold.includes(code))).toEqual(['released']);
  });
});

const D0 = day('2027-05-10');
const asked = (code: FollowUpCode, from: number, over: Partial<FollowUpState> = {}): FollowUpState => ({
  key: `${code}:p`,
  programmeId: 'p',
  unit: 'hive',
  code,
  nth: 1,
  begunOn: D0,
  window: { earliest: addDays(D0, from), ideal: addDays(D0, from), latest: addDays(D0, from + 4) },
  why: verbatim(''),
  status: 'due',
  on: null,
  answer: null,
  ...over,
});

describe('the answers of a look', () => {
  const codes = (on: string, over: Partial<InspectionFact>, ...followUps: FollowUpState[]) =>
    answersOfLook(read({ ...look(on), thoroughness: 'cleared', ...over }), followUps).map(
      ({ code, answer }) => `${code} ${answer}`,
    );

  it('are given to what is due, from the first day of its window on', () => {
    const nuc = asked('nuc-settled', 5);
    expect(codes('05-15', { eggs: 'seen' }, nuc)).toEqual(['nuc-settled settled']);
    expect(codes('05-14', { eggs: 'seen' }, nuc)).toEqual([]);
    expect(codes('05-15', { eggs: 'seen' }, { ...nuc, status: 'answered' })).toEqual([]);
  });

  it('are given before it only where the good one tells whenever it is seen', () => {
    const laying = asked('laying-check', 7);
    // Eggs that came with her brood hatch within three days: from the fourth they are hers.
    expect(codes('05-13', { eggs: 'seen' }, laying)).toEqual([]);
    expect(codes('05-14', { eggs: 'seen' }, laying)).toEqual(['laying-check eggs']);
    expect(codes('05-14', { eggs: 'none' }, laying)).toEqual([]);
    expect(codes('05-10', { queen: 'seen', eggs: 'none' }, asked('released', 3))).toEqual(['released out']);
  });
});

describe('what an answer answers beside its own check', () => {
  const also = (answer: ReturnType<typeof anAnswer>, ...followUps: FollowUpState[]) =>
    alsoAnswered(answer, followUps).map(({ code, answer: told }) => `${code} ${told}`);
  const said = (code: FollowUpCode, answer: string, on: string) => anAnswer('p', 'home', code, `2027-${on}`, answer);

  it('who lays is out of her cage, and a queen seen out is out', () => {
    const caged = asked('released', 3);
    expect(also(said('laying-check', 'eggs', '05-12'), caged)).toEqual(['released out']);
    expect(also(said('laying-check', 'no-eggs', '05-20'), caged)).toEqual([]);
    expect(also(said('released', 'out', '05-13'), { ...caged, status: 'answered' })).toEqual([]);
  });

  it('nothing where it is a look’s own answer, speaks of neither, or comes before the other is asked', () => {
    const laying = asked('laying-check', 7);
    expect(also({ ...said('nuc-settled', 'settled', '05-18'), isByLook: true }, laying)).toEqual([]);
    expect(also(said('doors', 'done', '05-18'), laying)).toEqual([]);
    expect(also(said('nuc-settled', 'settled', '05-16'), laying)).toEqual([]);
    expect(also(said('nuc-settled', 'settled', '05-17'), laying)).toEqual(['laying-check eggs']);
    expect(also(said('nuc-settled', 'no-eggs', '05-17'), laying)).toEqual(['laying-check no-eggs']);
    expect(also(said('nuc-settled', 'settled', '05-17'), { ...laying, status: 'given-up' })).toEqual([]);
  });
});
