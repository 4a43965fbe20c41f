import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { day } from '../calendar/day';
import { type HiveHere, minutesHere, type TaskHere } from './minutes-here';
import { OPENING_MINUTES } from './work';

const LATER = day('2027-05-21');
const task = (id: string, minutes: number, over: Partial<TaskHere> = {}): TaskHere => ({
  id,
  minutes,
  opens: true,
  weight: 10,
  canWaitUntil: LATER,
  ...over,
});

describe('so many minutes here, now', () => {
  it('does what cannot wait before what weighs more', () => {
    const hives = [
      { id: 'Sainfoin', tasks: [task('act', 45, { weight: 100 })] },
      { id: 'Burnet', tasks: [task('eggs', 8, { weight: 20, canWaitUntil: null })] },
    ];
    expect(minutesHere(hives, { minutes: 50, hives: null })).toEqual({
      now: [{ hive: 'Burnet', tasks: ['eggs'], minutes: 11 }],
      waits: [{ hive: 'Sainfoin', task: 'act', canWaitUntil: LATER }],
      minutes: 11,
    });
    expect(minutesHere(hives, { minutes: 59, hives: null }).now.map(({ hive }) => hive)).toEqual([
      'Sainfoin',
      'Burnet',
    ]);
    expect(minutesHere(hives, { minutes: 300, hives: 1 }).now.map(({ hive }) => hive)).toEqual(['Burnet']);
  });

  it('opens a hive once for all that is done there, and does part of it where there is no time for more', () => {
    const hive = [
      { id: 'Vetch', tasks: [task('make-room', 20), task('look', 12), task('doors', 3, { opens: false })] },
    ];
    expect(minutesHere(hive, { minutes: 38, hives: null }).minutes).toBe(38);
    expect(minutesHere(hive, { minutes: 18, hives: null }).now[0]?.tasks).toEqual(['look', 'doors']);
    expect(minutesHere(hive, { minutes: 3, hives: null }).now[0]?.tasks).toEqual(['doors']);
    expect(minutesHere(hive, { minutes: 0, hives: null })).toMatchObject({ now: [], minutes: 0 });
  });

  const hives = fc
    .array(
      fc.array(
        fc.record({
          minutes: fc.constantFrom(3, 8, 12, 20, 45),
          opens: fc.boolean(),
          weight: fc.constantFrom(10, 20, 60, 100),
          canWaitUntil: fc.constantFrom(null, LATER),
        }),
        { maxLength: 3 },
      ),
      { maxLength: 4 },
    )
    .map((list) =>
      list.map((tasks, h): HiveHere => ({ id: `h${h}`, tasks: tasks.map((one, i) => ({ ...one, id: `h${h}t${i}` })) })),
    );

  /** What cannot wait, weight, tasks, minutes: each way of doing some of all tasks is tried. */
  function bestByTrying(list: readonly HiveHere[], minutes: number, atMost: number | null): readonly number[] {
    const all = list.flatMap(({ id, tasks }) => tasks.map((one) => ({ ...one, hive: id })));
    let best: readonly number[] = [0, 0, 0, 0];
    for (let set = 0; set < 2 ** all.length; set++) {
      const done = all.filter((_, i) => set & (1 << i));
      const opened = new Set(done.filter(({ opens }) => opens).map(({ hive }) => hive));
      const took = done.reduce((sum, one) => sum + one.minutes, 0) + opened.size * OPENING_MINUTES;
      if (took > minutes || (atMost !== null && new Set(done.map(({ hive }) => hive)).size > atMost)) continue;
      const sum = (list: typeof done) => list.reduce((so, { weight }) => so + weight, 0);
      const found = [sum(done.filter(({ canWaitUntil }) => canWaitUntil === null)), sum(done), done.length, -took];
      const i = found.findIndex((one, n) => one !== best[n]);
      if (i >= 0 && (found[i] as number) > (best[i] as number)) best = found;
    }
    return best;
  }

  it('no other choice is better, whatever is due', () => {
    fc.assert(
      fc.property(hives, fc.nat({ max: 120 }), fc.option(fc.integer({ min: 0, max: 3 })), (list, minutes, atMost) => {
        const found = minutesHere(list, { minutes, hives: atMost });
        const done = new Set(found.now.flatMap(({ tasks }) => tasks));
        const tasks = list.flatMap(({ tasks: own }) => own);
        const sum = (isIn: (one: TaskHere) => boolean) =>
          tasks.filter((one) => done.has(one.id) && isIn(one)).reduce((so, { weight }) => so + weight, 0);
        expect([
          sum(({ canWaitUntil }) => canWaitUntil === null),
          sum(() => true),
          done.size,
          -found.minutes + 0,
        ]).toEqual(bestByTrying(list, minutes, atMost).map((one) => one + 0));
        expect(new Set([...done, ...found.waits.map(({ task: id }) => id)]).size).toBe(tasks.length);
      }),
      { numRuns: 300, seed: 20270516 },
    );
  });
});
