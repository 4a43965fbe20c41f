import type { Day } from '../calendar/day';
import { OPENING_MINUTES } from './work';

/** Something due at a hive, for whoever stands before it. */
export interface TaskHere {
  readonly id: string;
  /** Without the opening of the hive. */
  readonly minutes: number;
  readonly opens: boolean;
  readonly weight: number;
  /** The last day on which it can still be done in time; null: there is none but this. */
  readonly canWaitUntil: Day | null;
}

export interface HiveHere {
  readonly id: string;
  readonly tasks: readonly TaskHere[];
}

export interface TimeHere {
  readonly minutes: number;
  /** Hives at most; null: as many as there is time for. */
  readonly hives: number | null;
}

/** What is done now, hive by hive in the order given, and what waits. */
export interface ChosenHere {
  readonly now: readonly { readonly hive: string; readonly tasks: readonly string[]; readonly minutes: number }[];
  readonly waits: readonly { readonly hive: string; readonly task: string; readonly canWaitUntil: Day | null }[];
  readonly minutes: number;
}

/** More tasks at one hive than this are not tried in every way, but from the one that weighs most down. */
const TRIED_AT_MOST = 5;

interface Chosen {
  readonly ways: readonly Way[];
  readonly worth: number;
}
const NOTHING: Chosen = { ways: [], worth: 0 };

interface Way {
  readonly hive: string;
  readonly tasks: readonly TaskHere[];
  readonly minutes: number;
  readonly worth: number;
}

/**
 * What to do with so many minutes, or so many hives, at one apiary: as much weight as can be of what cannot wait, then as much weight at all,
 * then as many tasks, in as few minutes. Exact: every way of doing some of each hive's tasks is held against every other, the minutes
 * gone through one by one.
 *
 * @example of a method of 45 minutes and three looks of 12 each with 60 minutes: the method and one look, where all of them can wait
 */
export function minutesHere(hives: readonly HiveHere[], { minutes, hives: atMost }: TimeHere): ChosenHere {
  const time = Math.max(0, Math.floor(minutes));
  // rows[n][t]: the most in t minutes, and where hives are counted at n of them at most.
  const layers = atMost === null ? 1 : Math.min(atMost, hives.length) + 1;
  let rows: readonly (readonly Chosen[])[] = Array.from({ length: layers }, () =>
    Array.from({ length: time + 1 }, () => NOTHING),
  );
  for (const { id, tasks } of hives) {
    const ways = waysAt(id, tasks);
    const before = rows;
    rows = before.map((row, n) => {
      const from = atMost === null ? row : before[n - 1];
      return from ? row.map((without, t) => withBest(without, from, t, ways)) : row;
    });
  }
  const chosen = rows.at(-1)?.[time]?.ways ?? [];
  const done = new Set(chosen.flatMap(({ tasks }) => tasks.map(({ id }) => id)));
  return {
    now: chosen.map(({ hive, tasks, minutes: needed }) => ({
      hive,
      tasks: tasks.map(({ id }) => id),
      minutes: needed,
    })),
    waits: hives.flatMap(({ id, tasks }) =>
      tasks
        .filter((task) => !done.has(task.id))
        .map((task) => ({ hive: id, task: task.id, canWaitUntil: task.canWaitUntil })),
    ),
    minutes: chosen.reduce((sum, way) => sum + way.minutes, 0),
  };
}

/** The best of leaving a hive as it is and of each way of seeing to it in `t` minutes. */
function withBest(without: Chosen, from: readonly Chosen[], t: number, ways: readonly Way[]): Chosen {
  let [before, added, worth]: [Chosen, Way | null, number] = [without, null, without.worth];
  for (const way of ways) {
    const rest = from[t - way.minutes];
    if (rest && rest.worth + way.worth > worth) [before, added, worth] = [rest, way, rest.worth + way.worth];
  }
  return added ? { ways: [...before.ways, added], worth } : without;
}

/** Each of the goals outweighs all of those after it: there are never so many tasks that a lower one makes up for a higher. */
const WORTH = { cannotWait: 1e11, weight: 1e6, task: 1e3, minute: 1 } as const;

function waysAt(id: string, tasks: readonly TaskHere[]): readonly Way[] {
  const inOrder = [...tasks].sort(
    (a, b) => Number(a.canWaitUntil !== null) - Number(b.canWaitUntil !== null) || b.weight - a.weight,
  );
  const sets = tasks.length <= TRIED_AT_MOST ? subsets(inOrder) : inOrder.map((_, i) => inOrder.slice(0, i + 1));
  return sets
    .filter((set) => set.length > 0)
    .map((set) => {
      const work = set.reduce((sum, { minutes }) => sum + minutes, 0);
      const minutes = work + (set.some(({ opens }) => opens) ? OPENING_MINUTES : 0);
      const weight = set.reduce((sum, task) => sum + task.weight, 0);
      const pressing = set.reduce((sum, task) => sum + (task.canWaitUntil === null ? task.weight : 0), 0);
      const worth =
        pressing * WORTH.cannotWait + weight * WORTH.weight + set.length * WORTH.task - minutes * WORTH.minute;
      return { hive: id, tasks: set, minutes, worth };
    });
}

function subsets<T>(items: readonly T[]): readonly (readonly T[])[] {
  const sets: (readonly T[])[] = [[]];
  for (const item of items) sets.push(...sets.map((set) => [...set, item]));
  return sets;
}
