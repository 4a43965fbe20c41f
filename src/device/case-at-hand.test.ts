import { describe, expect, it } from 'vitest';
import { tries } from '../../scripts/lib/how-often';
import { bookOf } from '../core/cases/book';
import type { CaseMove } from '../core/cases/case';
import { endingOf, lastDay, otherChoices, outcomeOfChoice } from '../core/cases/ending';
import { caseOfSeed, namedCase } from '../core/cases/invented';
import { linkedTo } from '../core/cases/written';
import { THOROUGHNESS } from '../core/cells/thoroughness';
import { checkEntry } from '../core/colony/check-entry';
import { drawsOf } from '../core/practice/stream';
import { type CaseKept, caseAtHand, caseChoices, lookInto, nameIn, nextDueDay, startOf } from './case-at-hand';
import { entryOf } from './draft';

const SEEDS = tries(40);
const TURNS = 45;

/** One thing that a keeper might do who goes by no book: anything that the page offers. */
function anything(kept: CaseKept, draws: ReturnType<typeof drawsOf>): CaseMove | null {
  const hives = caseAtHand(kept);
  const hive = hives[draws.whole(0, hives.length - 1)];
  if (!hive) return null;
  if (draws.happens(0.5)) {
    const searched = draws.oneOf(THOROUGHNESS);
    const { sight, facts, asSeen } = lookInto(kept, hive.id, searched);
    const written = entryOf(asSeen, searched);
    const entry = linkedTo(
      {
        ...written,
        cells: written.cells.map((cell) =>
          cell.found === 'not-found' ? cell : { ...cell, takenDown: draws.happens(0.3) },
        ),
      },
      sight,
    );
    expect(checkEntry(entry, facts, entry.at)).toEqual([]);
    return { kind: 'look', id: entry.id, on: kept.today, at: entry.at, colonyId: hive.id, searched, entry };
  }
  if (draws.happens(0.4)) return hive.toDo[0]?.answer ?? null;
  const { methods, cells } = caseChoices(kept, hive.id);
  const offered = methods.filter(({ mayBegin, needsCell }) => mayBegin && (!needsCell || cells.length > 0));
  const one = offered[draws.whole(0, Math.max(0, offered.length - 1))];
  if (!one) return null;
  const stays = one.asksCells ? cells.filter((_, n) => n === 0 || draws.happens(0.3)).map(({ id }) => id) : [];
  const buysQueen = one.mayBuy && draws.happens(0.3);
  return startOf(kept, hive.id, {
    method: one.view.name,
    keptCellIds: buysQueen ? [] : one.needsCell ? stays : stays.filter(() => draws.happens(0.5)),
    buysQueen,
  });
}

describe('a season kept in any order', () => {
  it('comes to an end, whatever was done, and to the same end once more', () => {
    for (let seed = 1; seed <= SEEDS; seed++) {
      const draws = drawsOf(seed, 'any keeper');
      const of = seed % 4 === 0 ? namedCase('three-in-a-row', 2027) : caseOfSeed(seed, 2027);
      let kept: CaseKept = { of, moves: [], today: of.from };
      for (let turn = 0; turn < TURNS && kept.today < lastDay(of); turn++) {
        const move = anything(kept, draws);
        if (move) kept = { ...kept, moves: [...kept.moves, move] };
        if (draws.happens(0.6)) {
          const next = draws.happens(0.5) ? nextDueDay(kept, lastDay(of)) : kept.today + draws.whole(1, 6);
          expect(next).toBeGreaterThan(kept.today);
          kept = { ...kept, today: Math.min(next, lastDay(of)) as typeof kept.today };
        }
      }
      const names = [...bookOf(of, kept.moves).keys()].map(nameIn(kept));
      expect(new Set(names).size, `${seed}: ${names.join()}`).toBe(names.length);
      const ending = endingOf(of, kept.moves);
      expect(endingOf(of, kept.moves)).toEqual(ending);
      for (const { knowable, looks, cells, event } of ending.losses) {
        if (!knowable) expect(cells).toBe(0);
        else expect(knowable.beesOff <= knowable.beesOn && knowable.beesOff <= event.on).toBe(true);
        for (const { on, seen, unseen } of looks) {
          expect(on).toBeLessThanOrEqual(event.on);
          expect(seen + unseen).toBeLessThanOrEqual(cells);
        }
      }
      const [asPlayed] = otherChoices(of, kept.moves);
      if (!asPlayed) throw new Error('No choice');
      const outcome = outcomeOfChoice(of, kept.moves, asPlayed);
      expect(outcome.swarms + outcome.casts).toBe(ending.losses.length);
      expect(outcome.colonies).toBe(names.length);
    }
  });

  it('compares under the same luck: what was played, what was due, nothing, and each method instead', () => {
    const of = namedCase('begun-already', 2027);
    let kept: CaseKept = { of, moves: [], today: of.from };
    const { asSeen } = lookInto(kept, 'h1', 'cleared');
    const entry = entryOf(asSeen, 'cleared');
    kept = {
      ...kept,
      moves: [{ kind: 'look', id: entry.id, on: of.from, at: entry.at, colonyId: 'h1', searched: 'cleared', entry }],
    };
    const { methods } = caseChoices(kept, 'h1');
    const nuc = methods.find(({ view }) => view.name === 'nuc-swarm');
    expect(nuc?.mayBegin).toBe(true);
    const start = startOf(kept, 'h1', { method: 'nuc-swarm', keptCellIds: nuc?.suggested ?? [], buysQueen: false });
    kept = { ...kept, moves: [...kept.moves, start] };
    expect(caseAtHand(kept).map(({ name }) => name)).toEqual(['Willowherb', 'Willowherb nuc']);
    const kinds = otherChoices(of, kept.moves).map((choice) =>
      choice.kind === 'instead' ? choice.method : choice.kind,
    );
    expect(kinds.slice(0, 3)).toEqual(['as-played', 'advised', 'nothing']);
    expect(kinds).toContain('old-site-swarm');
    expect(kinds).not.toContain('nuc-swarm');
    // Nothing at all is what the hive would have done with nobody there, whatever was played.
    const nothing = outcomeOfChoice(of, kept.moves, { kind: 'nothing' });
    expect(outcomeOfChoice(of, [], { kind: 'as-played' })).toEqual(nothing);
    expect(nothing.swarms).toBeGreaterThan(0);
  });

  it('never stays on a day: something due today and left alone does not hold it up', () => {
    const of = namedCase('full-in-may', 2027);
    let kept: CaseKept = { of, moves: [], today: of.from };
    for (let turns = 0; kept.today < lastDay(of); turns++) {
      expect(turns).toBeLessThan(of.days + 1);
      kept = { ...kept, today: nextDueDay(kept, lastDay(of)) };
    }
  });
});
