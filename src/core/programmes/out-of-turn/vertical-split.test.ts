import { describe, expect, it } from 'vitest';
import { day } from '../../calendar/day';
import { expectedIn, lays, lostIn } from '../../queens/queen-questions';
import { anAnswer, aProgramme, checks, look, yard } from '../testing';

const split = (over: { queenShakenDown?: boolean } = {}) =>
  aProgramme({
    method: 'vertical-split',
    on: day('2027-05-10'),
    units: [
      { unit: 'top', colonyId: 'above' },
      { unit: 'bottom', colonyId: 'home' },
    ],
    ...over,
  });
const colonies = (top: Parameters<typeof yard>[0][string] = {}) => ({
  home: { inspections: [look('05-10', { eggs: 'seen' })] },
  above: { startedOn: day('2027-05-10'), origin: 'split' as const, ...top },
});
const codes = (state: ReturnType<ReturnType<typeof yard>>) =>
  state.schedule.checks.map(
    ({ code, window }) => `${code} ${window.earliest - day('2027-05-10')}..${window.latest - day('2027-05-10')}`,
  );

describe('a vertical split of which the queen was not found', () => {
  it('asks for the split board the day after, and only then', () => {
    const shaken = split({ queenShakenDown: true });
    const home = yard(colonies(), { programmes: [shaken] })('home', '05-10');
    expect(codes(home)).toEqual(expect.arrayContaining(['board-in 1..2', 'doors 4..6', 'doors 9..11']));
    expect(codes(yard(colonies(), { programmes: [split()] })('home', '05-10'))).not.toContain('board-in 1..2');
  });

  it('asks again for a day where few bees had come up', () => {
    const shaken = split({ queenShakenDown: true });
    const answers = [anAnswer(shaken.id, 'home', 'board-in', '2027-05-11', 'not-yet')];
    const at = yard(colonies(), { programmes: [shaken], answers });
    expect(codes(at('home', '05-11'))).toContain('board-in 2..2');
    const done = [...answers, anAnswer(shaken.id, 'home', 'board-in', '2027-05-12', 'done')];
    expect(codes(yard(colonies(), { programmes: [shaken], answers: done })('home', '05-12')).join()).not.toContain(
      'board-in',
    );
  });
});

describe('a queen who turns up on top', () => {
  const programme = split();
  const seenOnTop = { inspections: [look('05-16', { queen: 'seen', queenSeenAs: 'as-known', eggs: 'seen' })] };

  it('is taken for the old one where a young one cannot be out: the box below is the one that raises a queen', () => {
    const seen = { queen: 'seen', queenSeenAs: 'as-known', eggs: 'not-looked-for' } as const;
    for (const withHer of [seenOnTop, { inspections: [look('05-16', seen)] }]) {
      const at = yard(colonies(withHer), { programmes: [programme] });
      expect([lays(at('above', '05-16').queen), at('above', '05-16').queen.doubt]).toEqual([true, null]);
      const below = at('home', '05-16');
      expect([expectedIn(below.queen), lostIn(below.queen)?.from]).toEqual(['none', day('2027-05-10')]);
      expect(codes(below)).toContain('thin-cells 6..8');
    }
  });

  it('is asked about where eggs were seen below before', () => {
    const eggsBelow = { home: { inspections: [look('05-10'), look('05-14', { eggs: 'seen' })] } };
    const top = yard({ ...colonies(seenOnTop), ...eggsBelow }, { programmes: [programme] })('above', '05-16');
    expect(top.queen.doubt?.code).toBe('eggs-unexplained');
    expect(codes(top)).toContain('which-half 6..9');
  });

  it('changes the parts of the two boxes once the keeper says so: she lays on top, the lower one raises a queen', () => {
    const answers = [
      { ...anAnswer(programme.id, 'above', 'which-half', '2027-05-16', 'known'), queenlessColonyId: 'home' },
    ];
    const at = yard(colonies(seenOnTop), { programmes: [programme], answers });
    const top = at('above', '05-16');
    expect([lays(top.queen), top.queen.doubt]).toEqual([true, null]);
    const below = at('home', '05-16');
    expect([expectedIn(below.queen), lostIn(below.queen)?.from]).toEqual(['none', day('2027-05-10')]);
    // Its cells are the emergency cells of the day of the split: thinned on day 6 to 8, a virgin from day 9.
    expect(codes(below)).toEqual(expect.arrayContaining(['thin-cells 6..8', 'doors 4..6']));
    expect(below.schedule.leaveShut[0]?.from).toBe(day('2027-05-19'));
    expect(codes(top).join()).not.toMatch(/thin-cells|eggs/);
  });

  it('changes them back at a second word, and not at the same word twice', () => {
    const word = (on: string, queenlessColonyId: string) => ({
      ...anAnswer(programme.id, 'above', 'which-half', `2027-${on}`, 'known'),
      id: `word-${on}`,
      queenlessColonyId,
    });
    const twice = [word('05-15', 'home'), word('05-16', 'home')];
    const at = (answers: typeof twice) => yard(colonies(), { programmes: [programme], answers });
    expect(at(twice)('above', '05-16').parts[0]?.halves).toHaveLength(1);
    const back = [...twice, word('05-17', 'above')];
    expect(expectedIn(at(back)('above', '05-17').queen)).toBe('none');
    expect(lays(at(back)('home', '05-17').queen)).toBe(true);
    expect(checks(at(back)('above', '05-17')).join()).toContain('thin-cells 05-16/05-17/05-18');
  });
});
