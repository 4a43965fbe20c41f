import { describe, expect, it } from 'vitest';
import type { Level, Marked } from './exercise';
import { afterAnswer, dueSkills, levelOf, type Practised, progressOf } from './review';

const marked = (isRight: boolean, daysOff: number | null = null): Marked => ({
  code: 'x',
  isRight,
  daysOff,
  right: { is: 'choice', oneOf: [] },
});
const SKILL = { kind: 'read-cell', skill: 'larva' } as const;
const AT = '2027-01-10T09:00:00.000Z';
const daysTo = (due: string) => Math.round((Date.parse(due) - Date.parse(AT)) / 86_400_000);

describe('what comes back', () => {
  it('comes sooner what went wrong, later what was right, and later each time', () => {
    const comesIn = (...of: Marked[]) => daysTo(afterAnswer(null, SKILL, of, AT).due);
    const [wrong, near, right] = [
      comesIn(marked(false)),
      comesIn(marked(true), marked(false, 1)),
      comesIn(marked(true)),
    ];
    expect(wrong).toBeLessThanOrEqual(near);
    expect(near).toBeLessThan(right);
    const once = afterAnswer(null, SKILL, [marked(true)], AT);
    const twice = afterAnswer(once, SKILL, [marked(true)], once.due);
    expect(twice.scheduledDays).toBeGreaterThan(once.scheduledDays);
    expect(afterAnswer(once, SKILL, [marked(true)], once.due)).toEqual(twice);
  });

  it('is due from its instant on, the longest due first, and survives being stored', () => {
    const [a, b] = [
      afterAnswer(null, SKILL, [marked(false)], AT),
      afterAnswer(null, { ...SKILL, skill: 'egg' }, [marked(true)], AT),
    ];
    expect(dueSkills([b, a], AT)).toEqual([]);
    expect(dueSkills([b, a], '2028-01-01T00:00:00.000Z').map(({ skill }) => skill)).toEqual(['larva', 'egg']);
    const stored = JSON.parse(JSON.stringify(a));
    expect(afterAnswer(stored, SKILL, [marked(true)], a.due)).toEqual(afterAnswer(a, SKILL, [marked(true)], a.due));
  });
});

describe('how hard it is', () => {
  const done = (rights: readonly boolean[], level: Level): Practised[] =>
    rights.map((isRight, i) => ({
      at: AT,
      kind: 'read-cell',
      skill: 'egg',
      level,
      seed: i,
      isRight,
      daysOff: isRight ? 0 : 2,
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
    expect(read).toEqual({ kind: 'read-cell', answered: 2, right: 1, daysOff: 1, dueSkills: 0 });
    expect(find).toMatchObject({ answered: 0, daysOff: null });
  });
});
