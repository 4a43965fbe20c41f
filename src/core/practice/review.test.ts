import { describe, expect, it } from 'vitest';
import type { Level, Marked } from './exercise';
import { cardsOf, dueSkills, levelOf, type Practised, practisedOf, progressOf, readByStage } from './review';

const marked = (isRight: boolean, daysOff: number | null = null): Marked => ({
  code: 'x',
  isRight,
  daysOff,
  right: { is: 'choice', oneOf: [] },
});
const AT = '2027-01-10T09:00:00.000Z';
const daysTo = (due: string) => Math.round((Date.parse(due) - Date.parse(AT)) / 86_400_000);

const EXERCISE = { kind: 'read-cell', skill: 'larva-small', level: 1, seed: 1 } as const;
const answeredAt = (at: string, of: readonly Marked[], skill = 'larva-small'): Practised =>
  practisedOf({ ...EXERCISE, skill }, of, { id: `${at} ${skill}`, at });

describe('what comes back', () => {
  const dueOf = (...done: Practised[]) => cardsOf(done)[0]?.due ?? '';

  it('comes sooner what went wrong, later what was right, and later each time', () => {
    const comesIn = (...of: Marked[]) => daysTo(dueOf(answeredAt(AT, of)));
    const [wrong, near, right] = [
      comesIn(marked(false)),
      comesIn(marked(true), marked(false, 1)),
      comesIn(marked(true)),
    ];
    expect(wrong).toBeLessThanOrEqual(near);
    expect(near).toBeLessThan(right);
    const once = answeredAt(AT, [marked(true)]);
    const twice = answeredAt(dueOf(once), [marked(true)]);
    expect(daysTo(dueOf(once, twice)) - daysTo(dueOf(once))).toBeGreaterThan(daysTo(dueOf(once)));
  });

  it('is due from its instant on, the longest due first', () => {
    const cards = cardsOf([answeredAt(AT, [marked(true)], 'egg-flat'), answeredAt(AT, [marked(false)])]);
    expect(dueSkills(cards, AT)).toEqual([]);
    expect(dueSkills(cards, '2028-01-01T00:00:00.000Z').map(({ skill }) => skill)).toEqual(['larva-small', 'egg-flat']);
  });

  it('is the same out of the answers of two devices, in whatever order they are joined', () => {
    const answers = [0, 1, 2, 3, 4].map((n) =>
      answeredAt(`2027-01-1${n}T09:00:00.000Z`, [marked(n % 2 === 0)], n < 3 ? 'larva-small' : 'egg-flat'),
    );
    const sorted = (of: readonly Practised[]) => [...cardsOf(of)].sort((a, b) => a.skill.localeCompare(b.skill));
    expect(sorted([...answers].reverse())).toEqual(sorted(answers));
  });
});

describe('how hard it is', () => {
  const done = (rights: readonly boolean[], level: Level): Practised[] =>
    rights.map((isRight, i) => ({
      id: String(i),
      at: AT,
      kind: 'read-cell',
      skill: 'egg',
      level,
      seed: i,
      isRight,
      daysOff: isRight ? 0 : 2,
      grade: isRight ? 'known' : 'again',
    }));
  const all = (right: number) => Array.from({ length: 6 }, (_, i) => i < right);

  it('follows the last six of its kind and level', () => {
    expect(levelOf([], 'read-cell')).toBe(1);
    expect(levelOf(done(all(5), 1), 'read-cell')).toBe(2);
    expect(levelOf(done(all(4), 1), 'read-cell')).toBe(1);
    expect(levelOf(done(all(2), 2), 'read-cell')).toBe(1);
    expect(levelOf(done(all(6), 3), 'read-cell')).toBe(3);
    expect(levelOf([...done(all(6), 1), ...done([false], 2)], 'read-cell')).toBe(2);
    expect(levelOf(done(all(6), 1), 'find-all')).toBe(1);
  });

  it('is told by kind, with the days off', () => {
    const [read, find] = progressOf(done([true, false], 1), [], AT);
    expect(read).toEqual({ kind: 'read-cell', answered: 2, right: 1, daysOff: 1, dueSkills: 0, nextDue: null });
    expect(find).toMatchObject({ answered: 0, daysOff: null });
  });

  it('is told of cells by their stage, in the order of their lives, and of nothing that was not asked', () => {
    const done = [
      answeredAt(AT, [marked(true, 0)], 'sealed-ripe'),
      answeredAt(AT, [marked(false, 3)], 'egg-flat'),
      answeredAt('2027-01-11T09:00:00.000Z', [marked(true, 0), marked(true, 1)], 'egg-flat'),
    ];
    expect(readByStage(done)).toEqual([
      { stage: 'egg-flat', answered: 2, right: 1, daysOff: 2 },
      { stage: 'sealed-ripe', answered: 1, right: 1, daysOff: 0 },
    ]);
    expect(progressOf(done, cardsOf(done), AT)[0]?.nextDue).not.toBeNull();
  });
});
