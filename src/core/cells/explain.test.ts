import { describe, expect, it } from 'vitest';
import { day } from '../calendar/day';
import { type CellCheck, type CellSight, NOT_A_SIGHT } from './dating';
import { explainConflict, explainDating } from './explain';

const on = (iso: string) => day(`2027-${iso}`);
const saw = (iso: string, stage: CellSight['stage']): CellSight => ({ index: 0, on: on(iso), stage });
const looked = (iso: string, over: Partial<CellCheck> = {}): CellCheck => ({
  on: on(iso),
  thoroughness: 'cleared',
  ...over,
});

const OVER = 'it may be drawn over an egg or larva that was there';

describe('what everything seen says of a cell', () => {
  it.each<[string, readonly CellSight[], readonly CellCheck[], string | null, readonly string[]]>([
    ['nothing where nothing was seen', [], [looked('05-10')], null, []],
    ['a dry cup', [saw('05-12', 'cup-dry')], [], null, ['dry cup on 12 May: nothing laid yet, so 12 May or later']],
    [
      'a sealed cell',
      [saw('05-17', 'sealed')],
      [],
      null,
      ['sealed on 17 May: laid 30 Apr to 10 May (7 to 17 days old)'],
    ],
    ['an empty cell', [saw('05-17', 'emerged')], [], null, ['emerged on 17 May: laid by 2 May']],
    [
      'a look before, and one on the day itself',
      [saw('05-17', 'egg')],
      [looked('05-10'), looked('05-17')],
      null,
      [
        'egg on 17 May: laid 14 to 17 May (0 to 3 days old)',
        'not there on 10 May (bees shaken or brushed off): laid 10 May or later',
      ],
    ],
    [
      'a look with bees on',
      [saw('05-17', 'egg')],
      [looked('05-10', { thoroughness: 'bees-on' })],
      null,
      [
        'egg on 17 May: laid 14 to 17 May (0 to 3 days old)',
        'not there on 10 May (bees left on, so an egg may have been missed): laid 7 May or later',
      ],
    ],
    [
      'a tip-up',
      [saw('05-17', 'egg')],
      [looked('05-10', { thoroughness: 'tip-up' })],
      null,
      ['egg on 17 May: laid 14 to 17 May (0 to 3 days old)', 'only tipped up on 10 May: says nothing of this cell'],
    ],
    [
      'cells broken down at one of two looks',
      [saw('05-17', 'sealed')],
      [looked('05-03'), looked('05-10', { cellsRemoved: true })],
      null,
      [
        'sealed on 17 May: laid 30 Apr to 10 May (7 to 17 days old)',
        `not there on 3 May (bees shaken or brushed off; ${OVER}): laid 27 Apr or later`,
        `not there on 10 May (bees shaken or brushed off; ${OVER}): laid 4 May or later`,
      ],
    ],
    [
      'the queen gone',
      [saw('05-17', 'sealed')],
      [looked('05-10')],
      '05-10',
      [
        'sealed on 17 May: laid 30 Apr to 10 May (7 to 17 days old)',
        `not there on 10 May (bees shaken or brushed off; ${OVER}): laid 4 May or later`,
        'queen gone on 10 May: laid 4 to 10 May',
      ],
    ],
    [
      'the queen gone on the day it was seen: it was there before',
      [saw('05-17', 'sealed')],
      [],
      '05-17',
      ['sealed on 17 May: laid 30 Apr to 10 May (7 to 17 days old)'],
    ],
  ])('%s', (_, sights, checks, removed, lines) => {
    expect(explainDating(sights, checks, removed === null ? null : on(removed))).toEqual(lines);
  });
});

describe('two things that cannot both be true', () => {
  const [first, second] = [saw('05-10', 'sealed'), { ...saw('05-17', 'egg'), index: 1 }];
  const between = (one: number, other: number) =>
    explainConflict({ conflict: { between: [one, other], kind: 'no-day' } }, [first, second]);

  it('are named, with what may be behind it', () => {
    expect(between(0, 1)).toEqual(
      '“sealed” on 10 May and “egg” on 17 May cannot both be true. One of the two stages, or its day, is wrong, or they were two cells.',
    );
    expect(between(NOT_A_SIGHT, 1)).toEqual(
      'the inspection before, which found no such cell, and “egg” on 17 May cannot both be true. It may have been overlooked then, or the stage is wrong.',
    );
    expect(explainConflict({ conflict: null }, [first])).toBeNull();
  });
});
