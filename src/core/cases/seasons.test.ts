import { describe, expect, it } from 'vitest';
import { tries } from '../../../scripts/lib/how-often';
import { checkEntry } from '../colony/check-entry';
import { goOnAsAdvised, type UnderWay } from './advised';
import { bookOf } from './book';
import { CASE_NAMES, type Case, isLoss } from './case';
import { endingOf, lastDay, outcomeOfPlay } from './ending';
import { caseOfSeed, namedCase } from './invented';
import { CasePlay } from './play';

const SEEDS = tries(200);

function untouched(of: Case): CasePlay {
  const play = new CasePlay(of);
  play.passTo(lastDay(of));
  return play;
}

function asAdvised(of: Case): UnderWay {
  const way: UnderWay = { of, play: new CasePlay(of), moves: [] };
  goOnAsAdvised(way, lastDay(of));
  return way;
}

const isLost = (play: CasePlay) => play.played.events.some(isLoss);

describe('seasons kept and left alone', () => {
  const seasons = Array.from({ length: SEEDS }, (_, n) => {
    const of = caseOfSeed(n + 1, 2027);
    return { of, nothing: untouched(of), kept: asAdvised(of) };
  });

  it('what was due, done when it was due, loses no swarm in nine of ten at least', () => {
    const lost = seasons.filter(({ kept }) => isLost(kept.play));
    expect(lost.length).toBeLessThanOrEqual(SEEDS / 10);
  });

  it('left alone, seven of ten at least swarm', () => {
    expect(seasons.filter(({ nothing }) => isLost(nothing)).length).toBeGreaterThanOrEqual(SEEDS * 0.7);
  });

  it('are kept with a keeper’s days, not with one a day', () => {
    for (const { kept } of seasons) {
      const { visits, colonies, laying } = outcomeOfPlay(kept.play, kept.moves);
      expect(visits).toBeGreaterThan(5);
      expect(visits).toBeLessThan(50);
      expect(colonies).toBeGreaterThanOrEqual(1);
      expect(laying).toBeGreaterThanOrEqual(0);
    }
    const laying = seasons.filter(({ kept }) => outcomeOfPlay(kept.play, kept.moves).laying > 0);
    expect(laying.length).toBeGreaterThanOrEqual(SEEDS * 0.95);
  });

  it('are the same once more with the same moves, and nothing else of the seed', () => {
    for (const { of, kept } of seasons.slice(0, 8)) {
      const again = new CasePlay(of);
      for (const move of kept.moves) again.do(move);
      again.passTo(lastDay(of));
      expect(again.played.events).toEqual(kept.play.played.events);
      expect(endingOf(of, kept.moves).events).toEqual(kept.play.played.events);
      expect(asAdvised(of).moves).toEqual(kept.moves);
    }
  });

  it('write nothing into the book that the book would refuse', () => {
    for (const { of, kept } of seasons.slice(0, 12)) {
      kept.moves.forEach((move, n) => {
        if (move.kind !== 'look') return;
        const facts = bookOf(of, kept.moves.slice(0, n)).get(move.colonyId);
        if (!facts) throw new Error(move.colonyId);
        expect(checkEntry(move.entry, facts, move.at), `${of.seed} ${move.id}`).toEqual([]);
      });
    }
  });

  it('have bees in every hive, never fewer than none, and no event after the last day', () => {
    for (const { of, nothing, kept } of seasons) {
      for (const play of [nothing, kept.play]) {
        for (const { unit } of play.played.hives.values()) {
          expect(unit.house).toBeGreaterThanOrEqual(0);
          expect(unit.flyers).toBeGreaterThanOrEqual(0);
        }
        for (const { on } of play.played.events) expect(on >= of.from && on < lastDay(of)).toBe(true);
      }
    }
  });
});

describe('the cases that go by a name', () => {
  it('swarm left alone, and need not', () => {
    const came = CASE_NAMES.map((name) => {
      const of = namedCase(name, 2027);
      return [name, isLost(untouched(of)), isLost(asAdvised(of).play)];
    });
    expect(came).toEqual(CASE_NAMES.map((name) => [name, true, false]));
  });

  it('are the same in every year, their days apart', () => {
    const swarms = [2027, 2031].map((year) => {
      const of = namedCase('third-summer', year);
      return untouched(of).played.events.map(({ on, kind }) => `${on - of.from} ${kind}`);
    });
    expect(swarms[0]).toEqual(swarms[1]);
  });
});
