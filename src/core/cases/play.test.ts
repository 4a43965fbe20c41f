import { describe, expect, it } from 'vitest';
import { addDays, type Day } from '../calendar/day';
import type { MethodName } from '../methods/method';
import { methodNamed, newUnitOf } from '../methods/methods';
import { LEAVES_AFTER } from '../population/figures';
import { adultsOf, sumOf } from '../population/unit';
import { bookOf } from './book';
import { type Case, type CaseMove, isLoss } from './case';
import { emergesOn, isStanding } from './case-cell';
import type { CaseHive } from './case-hive';
import { lastDay } from './ending';
import { caseOfSeed } from './invented';
import { isTimeFor, nextMove, startMove } from './moves';
import { CasePlay } from './play';
import { seenAtCheck } from './seen-at-check';
import { sightOf } from './sight';
import { writtenDown } from './written';

const SEEDS = Array.from({ length: 30 }, (_, n) => n + 1);

/** A hive of a season, and what was done in it so far. */
class Kept {
  readonly play: CasePlay;
  readonly moves: CaseMove[] = [];

  constructor(readonly of: Case) {
    this.play = new CasePlay(of);
  }

  hive(id = 'h1'): CaseHive {
    return this.play.hive(id);
  }

  standing(id = 'h1') {
    return this.hive(id).cells.filter((cell) => isStanding(cell, this.play.played.today));
  }

  /** Days go by until so many cells hang there, or a month has gone by. */
  untilCells(many: number): this {
    const end = addDays(this.of.from, 30);
    while (this.standing().length < many && this.play.today < end) this.pass(1);
    return this;
  }

  pass(days: number): this {
    this.play.passTo(addDays(this.play.today, days));
    return this;
  }

  toEnd(): this {
    this.play.passTo(lastDay(this.of));
    return this;
  }

  do(move: CaseMove): this {
    this.play.do(move);
    this.moves.push(move);
    return this;
  }

  start(method: MethodName, keptCellIds: readonly string[] = [], id = 'h1', buysQueen = false): CaseMove {
    const move = startMove(nextMove(this.moves, this.play.today, id), { method, keptCellIds, buysQueen });
    this.do(move);
    return move;
  }

  /** Looks with the bees off, and breaks down what is said. */
  breakDown(isDown: (id: string, n: number) => boolean, id = 'h1'): this {
    const { of, play, moves } = this;
    const facts = bookOf(of, moves).get(id);
    if (!facts) throw new Error(id);
    const sight = sightOf(play.hive(id), { searched: 'cleared', today: play.played.today, seed: of.seed, nth: 0 });
    const down = new Set(sight.cells.map((cell) => cell.id).filter(isDown));
    const next = nextMove(moves, play.today, id);
    const entry = writtenDown(sight, facts, { ...next, down });
    return this.do({ ...next, kind: 'look', searched: 'cleared', entry });
  }

  events(kind: string): readonly Day[] {
    return this.play.played.events.filter((event) => event.kind === kind).map(({ on }) => on);
  }
}

const begun = (seed: number, cells = 4): Kept => new Kept(caseOfSeed(seed, 2027)).untilCells(cells);
const swarming = SEEDS.map((seed) => ({ seed, of: begun(seed) })).filter(({ of }) => of.standing().length >= 4);

describe('methods in a season', () => {
  const DIVIDING: readonly MethodName[] = ['nuc-swarm', 'old-site-swarm', 'queen-split', 'vertical-split', 'walk-away'];

  it('divide a hive so that no bee is lost, and one of the two has the queen', () => {
    for (const method of DIVIDING)
      for (const { seed } of swarming.slice(0, 6)) {
        const kept = begun(seed);
        const bees = adultsOf(kept.hive().unit);
        const [first] = kept.standing();
        const move = kept.start(method, first ? [first.id] : []);
        if (move.kind !== 'start' || move.newColonyId === null) throw new Error(method);
        const units = ['h1', move.newColonyId].map((id) => kept.hive(id).unit);
        expect(Math.abs(units.reduce((sum, unit) => sum + adultsOf(unit), 0) - bees), method).toBeLessThan(1);
        expect(units.filter(({ queen }) => queen.kind === 'laying').length, method).toBe(1);
        expect(units.filter(({ queen }) => queen.kind === 'to-lay').length, method).toBe(1);
      }
  });

  it('put the queen where they say, and the other part raises one', () => {
    for (const method of ['nuc-swarm', 'old-site-swarm'] as const)
      for (const { seed } of swarming.slice(0, 6)) {
        const kept = begun(seed);
        const definition = methodNamed(method);
        const move = kept.start(
          method,
          kept
            .standing()
            .slice(0, 1)
            .map(({ id }) => id),
        );
        if (move.kind !== 'start' || move.newColonyId === null) throw new Error(method);
        const raisesNew = newUnitOf(definition)?.name === definition.raisesQueen?.unit;
        const raising = kept.hive(raisesNew ? move.newColonyId : 'h1').unit;
        expect(raising.queen.kind).toBe('to-lay');
        expect(raising.isToHaveNewQueen).toBe(true);
      }
  });

  it('with one cell kept and none begun besides, throw no cast; with all of them left, casts go in some seasons', () => {
    const casts = (isKept: boolean) =>
      swarming.map(({ seed }) => {
        const kept = begun(seed);
        const [first, ...others] = kept.standing();
        kept.start('nuc-swarm', isKept && first ? [first.id] : [first, ...others].flatMap((cell) => cell?.id ?? []));
        if (isKept) {
          const stays = first?.id;
          kept.pass(5).breakDown((id) => id !== stays);
        }
        return kept.pass(20).events('cast').length;
      });
    expect(casts(true).every((count) => count === 0)).toBe(true);
    expect(casts(false).some((count) => count > 0)).toBe(true);
  });

  it('a Demaree raises cells above, if bees so choose, and no virgin leaves where they are broken down', () => {
    let withCells = 0;
    for (const { seed } of swarming) {
      const kept = begun(seed);
      kept.start('demaree');
      kept.pass(6);
      const above = kept.standing().filter(({ part }) => part === 'above');
      if (above.length > 0) withCells += 1;
      for (const cell of above) expect(emergesOn(cell)).toBeGreaterThan(kept.play.played.today);
      const ids = new Set(above.map(({ id }) => id));
      kept.breakDown((id) => ids.has(id)).pass(25);
      expect(kept.events('swarmed-above')).toEqual([]);
    }
    expect(withCells).toBeGreaterThan(swarming.length / 2);
  });

  it('room is added where it is given, and to nothing else', () => {
    const kept = new Kept(caseOfSeed(3, 2027));
    const { cellsInSupers, cellsBelow } = kept.hive().unit;
    kept.start('add-super');
    expect(kept.hive().unit.cellsInSupers).toBeGreaterThan(cellsInSupers);
    expect(kept.hive().unit.cellsBelow).toBe(cellsBelow);
    kept.start('add-box');
    expect(kept.hive().unit.cellsBelow).toBeGreaterThan(cellsBelow);
  });

  it('flying bees go over with the doors, once they are changed and not before', () => {
    const [one] = swarming;
    if (!one) throw new Error('No season');
    const kept = begun(one.seed);
    const start = kept.start('vertical-split');
    if (start.kind !== 'start' || start.newColonyId === null) throw new Error('No new colony');
    // Until then bees of the top box have come to fly from its own door.
    kept.pass(5);
    const flyers = () => ['h1', start.newColonyId ?? ''].map((id) => Math.round(kept.hive(id).unit.flyers));
    const before = flyers();
    const answer = (said: string) => ({
      ...nextMove(kept.moves, kept.play.today, 'h1'),
      kind: 'answer' as const,
      programmeId: start.id,
      code: 'doors' as const,
      nth: 1,
      answer: said,
    });
    kept.do(answer('later'));
    expect(flyers()).toEqual(before);
    kept.do(answer('changed'));
    expect(flyers()).not.toEqual(before);
    expect(Math.abs(flyers().reduce((a, b) => a + b) - before.reduce((a, b) => a + b))).toBeLessThan(3);
  });

  it('a bought queen lays some days after she was caged in, or is dead when she is looked for', () => {
    const said = new Set<string>();
    for (const { seed } of swarming) {
      const kept = begun(seed);
      kept.breakDown(() => true);
      kept.start('requeen-mated');
      kept.pass(5);
      const answer = seenAtCheck('released', kept.hive());
      said.add(answer);
      kept.pass(12);
      expect(kept.hive().unit.queen.kind === 'laying').toBe(answer === 'out');
    }
    expect(said).toEqual(new Set(['out', 'dead']));
  });
});

describe('cells broken down', () => {
  it('all of them: no swarm leaves before the cells begun anew are old enough', () => {
    for (const { seed } of swarming) {
      const kept = begun(seed);
      const wasPreparing = kept.hive().unit.preparing !== null;
      kept.breakDown(() => true);
      expect(kept.hive().unit.preparing).toBeNull();
      expect(kept.hive().unit.isInMood).toBe(wasPreparing);
      expect(kept.standing()).toEqual([]);
      const on = kept.play.today;
      kept.toEnd();
      for (const swarm of kept.events('swarmed')) expect(swarm).toBeGreaterThanOrEqual(addDays(on, LEAVES_AFTER.value));
    }
  });

  it('the oldest: the next oldest leads, and the swarm waits for her', () => {
    for (const { seed } of swarming.slice(0, 10)) {
      const kept = begun(seed);
      const inOrder = [...kept.standing()].sort((a, b) => a.laid - b.laid);
      const [oldest, ...others] = inOrder;
      const next = others.find(({ laid }) => laid > (oldest?.laid ?? 0));
      if (!oldest || !next) continue;
      const down = new Set(inOrder.filter(({ laid }) => laid < next.laid).map(({ id }) => id));
      kept.breakDown((id) => down.has(id));
      expect(kept.hive().unit.preparing).toBe(next.laid);
    }
  });

  it('what is broken down is not there any more, and what was torn down by bees is seen for some days', () => {
    for (const { seed } of swarming.slice(0, 10)) {
      const kept = begun(seed);
      const ids = new Set(kept.standing().map(({ id }) => id));
      kept.breakDown(() => true).pass(1);
      const { of, play } = kept;
      const seen = sightOf(kept.hive(), { searched: 'cleared', today: play.played.today, seed: of.seed, nth: 0 });
      expect(seen.cells.filter(({ id }) => ids.has(id))).toEqual([]);
    }
    const left = begun(swarming[0]?.seed ?? 1).toEnd();
    const torn = left.hive().cells.filter(({ end }) => end?.how === 'torn-down');
    expect(torn.length).toBeGreaterThan(0);
  });
});

describe('a test frame', () => {
  it('is drawn out into cells where there is no queen, and not where one lays', () => {
    const [one] = swarming;
    if (!one) throw new Error('No season');
    const laying = begun(one.seed, 0);
    const brood = sumOf(laying.hive().unit.below);
    laying.start('test-comb');
    expect(sumOf(laying.hive().unit.below)).toBeGreaterThan(brood);
    expect(laying.hive().unit.queen.kind).toBe('laying');
    expect(laying.standing()).toEqual([]);

    const lost = begun(one.seed, 0);
    lost.hive().unit.queen = { kind: 'none' };
    lost.start('test-comb');
    lost.pass(3);
    expect(lost.standing().length).toBeGreaterThanOrEqual(1);
    expect(lost.hive().unit.queen.kind).toBe('to-lay');
  });

  it('tells of a virgin who is to lay that she is there, and of one who was lost that she is not', () => {
    const [one] = swarming;
    if (!one) throw new Error('No season');
    for (const on of [40, null]) {
      const kept = begun(one.seed, 0);
      const { today } = kept.play.played;
      kept.hive().unit.queen = { kind: 'to-lay', out: today - 2, on };
      kept.start('test-comb');
      kept.pass(3);
      expect(kept.standing().length > 0).toBe(on === null);
    }
  });
});

describe('the book of a season', () => {
  it('holds no cell that nobody saw, each with a letter of its own', () => {
    for (const { seed } of swarming.slice(0, 8)) {
      const kept = begun(seed);
      expect(bookOf(kept.of, kept.moves).get('h1')?.cells).toEqual([]);
      kept.breakDown(() => false);
      const cells = bookOf(kept.of, kept.moves).get('h1')?.cells ?? [];
      expect(cells.map(({ id }) => id).sort()).toEqual(
        kept
          .standing()
          .map(({ id }) => id)
          .sort(),
      );
      expect(new Set(cells.map(({ label }) => label)).size).toBe(cells.length);
      for (const { label } of cells) expect(label).toMatch(/^[a-z]+$/);
    }
  });

  it('has a minute for everything that is done on a day, each after the other', () => {
    const kept = new Kept(caseOfSeed(5, 2027));
    for (let n = 0; n < 9; n++) kept.breakDown(() => false);
    const minutes = kept.moves.map(({ at }) => at);
    expect(minutes).toEqual([...minutes].sort());
    expect(new Set(minutes).size).toBe(minutes.length);
  });

  it('is asked about no hive that is not there', () => {
    expect(() => new Kept(caseOfSeed(5, 2027)).hive('h9')).toThrow('No hive h9');
  });
});

describe('luck', () => {
  it('of a hive stays what it was, whatever is done beside it', () => {
    const [one] = swarming;
    if (!one) throw new Error('No season');
    const alone = begun(one.seed, 0).toEnd();
    const withRoom = begun(one.seed, 0);
    withRoom.breakDown(() => false);
    withRoom.toEnd();
    // A look that takes nothing away changes nothing.
    expect(withRoom.play.played.events).toEqual(alone.play.played.events);
  });

  it('brings no loss before the first egg of a cell is old enough', () => {
    for (const { seed } of swarming) {
      const kept = begun(seed, 0).toEnd();
      const [first] = kept.events('preparing');
      const losses = kept.play.played.events.filter(isLoss);
      if (first !== undefined && losses[0])
        expect(losses[0].on).toBeGreaterThanOrEqual(addDays(first, LEAVES_AFTER.value));
    }
  });
});

describe('whether a check is to be done', () => {
  const check = (over: object) =>
    ({ code: 'look', window: { earliest: 10, ideal: 12, latest: 13 }, plannedFor: null, ...over }) as never;

  it('on its best day and after it, on the day that it was put on, and never by itself if it is of every day', () => {
    const days = (of: never) => [10, 11, 12, 13, 14].filter((day) => isTimeFor(of, day as Day));
    expect(days(check({}))).toEqual([12, 13, 14]);
    expect(days(check({ plannedFor: 11 }))).toEqual([11, 12, 13, 14]);
    expect(days(check({ code: 'turn-hive' }))).toEqual([]);
  });
});
