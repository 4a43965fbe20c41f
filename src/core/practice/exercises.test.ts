import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tries } from '../../../scripts/lib/how-often';
import { lastLaid } from '../brood/last-laid';
import { addDays, day, daysBetween } from '../calendar/day';
import { causeOfCells } from '../cells/cause';
import { dateCell } from '../cells/dating';
import { CELL_STAGES, type CellStage } from '../cells/stage';
import { nextInspection } from '../inspections/next-inspection';
import { methodNamed } from '../methods/methods';
import { planMethod, USUAL_CHOICES } from '../methods/plan';
import { DEFAULT_SETTINGS } from '../settings/settings';
import {
  type Ask,
  CANNOT_TELL,
  EXERCISES,
  type Exercise,
  type ExerciseKind,
  type Level,
  mark,
  NO_DAY,
} from './exercise';
import { afterSearch, seenWhen } from './exercises/find-all';
import { mayShake } from './exercises/not-shaken';
import { makeExercise } from './make-exercise';
import { patchOf, youngestOn } from './patch';
import { SEARCHES, THOROUGHNESS_OF } from './search';

const TODAY = day('2027-01-15');
const SEEDS = tries(5000);
const LEVELS: readonly Level[] = [1, 2, 3];
const every = (kind: ExerciseKind, check: (exercise: Exercise) => void, seeds = SEEDS) => {
  for (let seed = 0; seed < seeds; seed++) check(makeExercise(kind, seed, LEVELS[seed % 3] as Level, TODAY));
};
const rightOf = (exercise: Exercise, code: string, answers = {}) => {
  const ask = exercise.asks.find((one) => one.code === code);
  if (!ask) throw new Error(code);
  return ask.right(answers);
};
const isStage = (text: string): text is CellStage => CELL_STAGES.some((stage) => stage === text);

describe('what is counted right', () => {
  it('of a cell is a stage that its age allows, and days within the core’s windows of that stage', () => {
    every('read-cell', (exercise) => {
      const stage = rightOf(exercise, 'stage');
      if (stage.is !== 'choice') throw new Error('choice');
      expect(stage.oneOf.length).toBeGreaterThan(0);
      for (const one of stage.oneOf) expect(exercise.asks[0]?.options).toContain(one);
      const was = exercise.because.find(({ code }) => code === 'age-was');
      const laidOn = was && 'days' in was ? addDays(TODAY, -was.days) : null;
      const dated = stage.oneOf
        .filter(isStage)
        .map((one) => dateCell({ sights: [{ on: TODAY, stage: one, index: 0 }], checks: [], queenRemoved: null }));
      for (const { laid } of dated) {
        if (laid === null || laidOn === null) continue;
        expect(laidOn <= laid.to && (laid.from === null || laid.from <= laidOn)).toBe(true);
      }
      for (const [code, window] of [
        ['sealed-in', 'sealing'],
        ['out-in', 'emergence'],
      ] as const) {
        const right = rightOf(exercise, code);
        if (right.is !== 'days' || right.between === null || dated.length === 0) continue;
        const { shows } = exercise;
        if (shows.kind !== 'cell' || !shows.isTipSeen) continue;
        // The last day that is right lies in what one of the stages that can be told gives.
        const last = addDays(TODAY, right.between.to);
        const spans = CELL_STAGES.map((one) =>
          dateCell({ sights: [{ on: TODAY, stage: one, index: 0 }], checks: [], queenRemoved: null }),
        ).flatMap((dates) => dates[window] ?? []);
        expect(spans.some(({ latest }) => latest === last)).toBe(true);
      }
    });
  });

  it('of a frame is what is seen so, and the day of the hidden-cell rule', () => {
    every('find-all', (exercise) => {
      if (exercise.shows.kind !== 'frame') throw new Error('frame');
      const { things } = exercise.shows;
      for (const searched of SEARCHES) {
        const thoroughness = THOROUGHNESS_OF[searched];
        const answers = { searched };
        const found = rightOf(exercise, 'found', answers);
        if (found.is !== 'all-of') throw new Error('all-of');
        const seen = seenWhen(things, thoroughness).filter(({ look }) => look.egg || look.larva || look.capping);
        expect([...found.ids].sort()).toEqual(seen.map(({ id }) => id).sort());
        const { latest } = nextInspection({
          on: TODAY,
          thoroughness,
          cellsRemoved: false,
          clipped: false,
          alreadyDue: null,
        });
        const back = rightOf(exercise, 'back-in', answers);
        expect(back).toEqual({
          is: 'days',
          between: { from: daysBetween(TODAY, latest), to: daysBetween(TODAY, latest) },
        });
      }
      expect(afterSearch(things, 'brushed')).toEqual([]);
      const hurt = things.filter(({ look, isTender }) => isTender && (look.egg || (look.larva && look.wall < 0.3)));
      expect(hurt).toEqual([]);
      // Nothing older than an egg hides under bees: the rule would not allow for it.
      for (const { look, seenBy } of things) if (seenBy === 'cleared') expect(look.egg).not.toBeNull();
    });
  });

  it('of brood is when she laid last by the youngest that is drawn', () => {
    every('read-brood', (exercise) => {
      if (exercise.shows.kind !== 'patch') throw new Error('patch');
      const youngest = youngestOn(exercise.shows.patch);
      const { lastLaid: laid } = lastLaid({ on: TODAY, youngest, eggsLookedFor: true, lastEggsSeen: null });
      const right = rightOf(exercise, 'laid-ago');
      if (right.is !== 'days' || !right.between || !laid) throw new Error('no days');
      expect(addDays(TODAY, -right.between.from)).toBe(laid.to);
      if (laid.from !== null) expect(addDays(TODAY, -right.between.to)).toBe(laid.from);
    });
  });

  it('of why cells are there is what the core reads of what is drawn', () => {
    const told = new Set<string>();
    every('which-cause', (exercise) => {
      if (exercise.shows.kind !== 'cells') throw new Error('cells');
      const { cells, eggs, isQueenGone } = exercise.shows;
      const seen = cells.map(({ look, place }) => ({
        stage: (look.egg
          ? 'egg'
          : look.larva
            ? look.larva.length < 0.3
              ? 'larva-small'
              : 'larva-large'
            : 'sealed') as CellStage,
        count: 1,
        place,
      }));
      const cause = causeOfCells(seen, eggs, isQueenGone);
      const right = rightOf(exercise, 'cause');
      if (right.is !== 'choice') throw new Error('choice');
      expect(right.oneOf).toEqual([cause === 'unclear' ? CANNOT_TELL : cause]);
      told.add(right.oneOf[0] as string);
    });
    expect([...told].sort()).toEqual([CANNOT_TELL, 'emergency', 'supersedure', 'swarm']);
  });

  it('of leaving shut is what a plan of the core says of the same day', () => {
    every('leave-shut', (exercise) => {
      const { shows } = exercise;
      if (shows.kind !== 'kept-cell' || shows.known !== 'queen-removed') return;
      const on = addDays(TODAY, -shows.daysAgo);
      const plan = planMethod(methodNamed('walk-away'), { ...USUAL_CHOICES, on }, DEFAULT_SETTINGS);
      const shut = plan.leaveShut.some(({ from, to }) => from <= TODAY && TODAY <= to);
      const right = rightOf(exercise, 'today');
      // A method counts no day before its own; by the eggs alone a cell can be some days older.
      if (right.is !== 'choice') throw new Error('choice');
      expect(right.oneOf).toEqual([shut ? 'shut' : 'may-be-opened']);
      const eggs = rightOf(exercise, 'eggs-in');
      if (eggs.is !== 'days') throw new Error('days');
      const latest = daysBetween(TODAY, plan.eggsBy?.latest ?? TODAY);
      expect(eggs.between?.to ?? null).toBe(latest < 0 ? null : latest);
    });
  });

  it('of when to be back is the rule’s day, and of shaking what may not be', () => {
    every('when-back', (exercise) => {
      const { shows } = exercise;
      if (shows.kind !== 'inspected') throw new Error('inspected');
      const { latest } = nextInspection({ ...shows, on: addDays(TODAY, -shows.daysAgo), alreadyDue: null });
      expect(rightOf(exercise, 'back-in')).toMatchObject({ between: { to: daysBetween(TODAY, latest) } });
    });
    every('not-shaken', (exercise) => {
      if (exercise.shows.kind !== 'frames') throw new Error('frames');
      const right = rightOf(exercise, 'not-shaken');
      const { frames } = exercise.shows;
      expect(right).toEqual({ is: 'all-of', ids: frames.filter((frame) => !mayShake(frame)).map(({ id }) => id) });
      for (const { holds, cellAge } of frames)
        if (holds === 'kept-cell') expect(mayShake({ holds, cellAge })).toBe(false);
    });
  });
});

describe('an exercise', () => {
  it('is the same for the same seed, of every kind, and is answered right by what is right', () => {
    fc.assert(
      fc.property(fc.constantFrom(...EXERCISES), fc.integer(), fc.constantFrom(...LEVELS), (kind, seed, level) => {
        const exercise = makeExercise(kind, seed, level, TODAY);
        expect(JSON.stringify(makeExercise(kind, seed, level, TODAY))).toBe(JSON.stringify(exercise));
        const answers = Object.fromEntries(
          exercise.asks.map(({ code, right }) => {
            const rule = right({});
            if (rule.is === 'choice') return [code, rule.oneOf[0] as string];
            if (rule.is === 'all-of') return [code, rule.ids];
            return [code, rule.between === null ? NO_DAY : rule.between.from];
          }),
        );
        expect(mark(exercise, answers).every(({ isRight }) => isRight)).toBe(true);
        expect(
          mark(exercise, {}).some(
            ({ isRight, right }) => isRight && !(right.is === 'all-of' && right.ids.length === 0),
          ),
        ).toBe(false);
      }),
      { numRuns: 1000 },
    );
  });

  it('counts the days that an answer is off, and a wrong choice as wrong', () => {
    const asks: readonly Ask[] = [
      { code: 'back', kind: 'days', options: [], right: () => ({ is: 'days', between: { from: 3, to: 5 } }) },
      { code: 'none', kind: 'days', options: [], right: () => ({ is: 'days', between: null }) },
    ];
    expect(mark({ asks }, { back: 1, none: 4 }).map(({ isRight, daysOff }) => [isRight, daysOff])).toEqual([
      [false, 2],
      [false, null],
    ]);
    expect(mark({ asks }, { back: 7, none: NO_DAY }).map(({ isRight, daysOff }) => [isRight, daysOff])).toEqual([
      [false, 2],
      [true, 0],
    ]);
  });
});

describe('a piece of comb', () => {
  it('shows the youngest brood that its history has, and workers’ eggs at the walls', () => {
    const of = (lastLaid: number, seed = 3) =>
      youngestOn(patchOf({ layer: 'queen', lastLaid, since: lastLaid + 14 }, seed));
    expect([0.2, 2.5, 3.6, 7, 12, 30].map((last) => of(last))).toEqual([
      'eggs-upright',
      'eggs',
      'larvae-small',
      'larvae-large',
      'sealed',
      'none',
    ]);
    const { cells } = patchOf({ layer: 'laying-workers', lastLaid: 0.5, since: 15 }, 1);
    const eggs = cells.filter((cell) => cell.holds === 'eggs');
    expect(eggs.length).toBeGreaterThan(0);
    expect(eggs.every((cell) => cell.holds === 'eggs' && cell.atWall && cell.leans.length > 1)).toBe(true);
    expect(cells.some((cell) => cell.holds === 'sealed' && !cell.isDomed)).toBe(false);
  });
});
