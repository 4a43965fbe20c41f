import { describe, expect, it } from 'vitest';
import { addDays } from '../core/calendar/day';
import { ASKED, choose, FROM, reckon } from '../core/population/testing';
import { choiceWords, differences, eggsWords, seenWords, shareWords } from './what-if';

describe('what choices come to, in words', () => {
  it('names a choice with its day, its queen and whether boxes are given', () => {
    expect(choiceWords(choose('nothing'))).toBe('Do nothing');
    expect(choiceWords(choose('nothing', { giveRoom: true }))).toBe('Do nothing but give room');
    expect(choiceWords(choose('walk-away', { buysQueen: true }))).toBe(
      'Walk-away split on 12 May, with a bought queen',
    );
    expect(choiceWords(choose('demaree', { giveRoom: false }))).toBe('Demaree on 12 May, without room');
  });

  it.each([
    [0, 'in none'],
    [0.002, 'in fewer than 1 of 100'],
    [0.2, 'in 2 of 10'],
    [0.23, 'in 23 of 100'],
    [0.999, 'in more than 99 of 100'],
    [1, 'in all'],
  ])('says a share of %d as people do', (share, words) => expect(shareWords(share)).toBe(words));

  it('says days as spans, and what is not noted', () => {
    expect(eggsWords(null)).toBe('no new queen');
    expect(eggsWords({ p10: FROM, p50: addDays(FROM, 2), p90: addDays(FROM, 5) })).toBe('12 May (10 May to 15 May)');
    expect(eggsWords({ p10: FROM, p50: FROM, p90: FROM })).toBe('10 May');
    expect([seenWords(null), seenWords(FROM)]).toEqual(['not noted: supposed', 'as seen on 10 May']);
  });

  it('says the gravest difference first, and leaves out what is the same', () => {
    const charged = { ...ASKED.colony, oldestCellLaid: { from: addDays(FROM, -6), to: addDays(FROM, -5) } };
    const [nothing, nuc] = ['nothing', 'nuc-swarm'].map((name) =>
      reckon(choose(name as 'nothing' | 'nuc-swarm', { on: FROM }), { colony: charged, runs: 60 }),
    );
    if (!nothing || !nuc) throw new Error('not reckoned');
    const lines = differences([nothing, nuc], ['A', 'B'], addDays(FROM, 100));
    expect(lines[0]).toMatch(/^A swarm is lost: A in all, B in/);
    expect(lines.some((line) => line.startsWith('The new queen lays'))).toBe(false);
    expect(lines.at(-1)).toBe('Visits: A 0, B 4.');
    expect(differences([nothing, nothing], ['A', 'B'], FROM)).toEqual(['They come to much the same.']);
  });
});
