import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tries } from '../../../../scripts/lib/how-often';
import { LATE_MATING_WAITS } from '../../biology/mating';
import { addDays, type Day, formatDay, latestOf } from '../../calendar/day';
import type { InspectionFact } from '../../colony/facts';
import { inspection } from '../../colony/testing';
import type { FollowUpCode } from '../../methods/method';
import { cagedOn, expectedIn, laysSinceOf, noEggsOn, programmeOf } from '../../queens/queen-questions';
import { DATE_WITHIN } from '../../schedule/colony-schedule';
import { shutOn } from '../../schedule/leave-shut-wins';
import { colonyOnDay } from '../../schedule/standing';
import type { ColonyState } from '../../state/fold';
import { COLONIES, dayIn, reordered, type Season, START, season, statesOf } from './testing';

/** A failing seed is printed. */
const RUNS = tries(300);
const PATIENCE_MS = 600_000;

const holds = (seed: number, check: (made: Season, today: Day) => void, runs = RUNS) =>
  fc.assert(fc.property(season, dayIn(5), check), { numRuns: runs, seed });
/** What seldom comes about is looked for in more seasons. */
const MANY_RUNS = tries(4_000);

const derived = (states: readonly ColonyState[]) =>
  states.map(({ schedule, followUps, queen }) => ({ schedule, followUps, queen }));

const told = ({ schedule }: ColonyState) =>
  schedule.checks.map(({ code, window }) => `${code} ${formatDay(window.earliest)}..${formatDay(window.latest)}`);

describe('whatever happened, and in whatever order it was entered', { timeout: PATIENCE_MS }, () => {
  it('comes out the same in any order of entry', () => {
    fc.assert(
      fc.property(season, fc.nat({ max: 1000 }), dayIn(5), (made, order, today) => {
        const inTime = [...made.shared.programmes].sort((a, b) => a.on - b.on);
        const first = derived(statesOf({ ...made, shared: { ...made.shared, programmes: inTime } }, today));
        expect(derived(statesOf(reordered(made, order), today))).toEqual(first);
      }),
      { numRuns: RUNS, seed: 20270601 },
    );
  });

  it('gives every living colony a date, or leaves it shut with one to follow', () => {
    holds(20270602, (made, today) => {
      for (const state of statesOf(made, today)) {
        if (state.ended) continue;
        const { checks, leaveShut, skipped } = state.schedule;
        const isShut = leaveShut.some(({ from, to }) => from <= to && to >= today);
        if (checks.length === 0)
          throw new Error(`no date, ${skipped.length} skipped, queen ${expectedIn(state.queen)}`);
        const soon = addDays(today, DATE_WITHIN.value);
        const hasSoon = checks.some(
          ({ window, plannedFor, programme }) => (plannedFor ?? window.earliest) <= soon || programme !== null,
        );
        if (!isShut && !hasSoon) throw new Error(`first date too far off: ${told(state)}`);
      }
    });
  });

  it('says that she or her eggs were seen only on days on which somebody saw them in that colony', () => {
    let told = 0;
    holds(
      20270615,
      (made, today) => {
        for (const [i, { queen }] of statesOf(made, today).entries()) {
          const id = COLONIES[i] as (typeof COLONIES)[number];
          const looks = made.own[id].inspections ?? [];
          const answered = made.shared.answers.filter(({ colonyId }) => colonyId === id).map(({ on }) => on);
          const eggsOn = new Set([...answered, ...looks.filter(({ eggs }) => eggs === 'seen').map(({ on }) => on)]);
          const inTheHand = (made.own[id].queenEvents ?? []).filter(
            ({ kind }) => kind === 'marked' || kind === 'clipped',
          );
          const seenAt = [...looks.filter((look) => look.queen === 'seen'), ...inTheHand].map(({ on }) => on);
          const sheOn = new Set([...answered, ...seenAt]);
          const { lastProof, lastEggsSeen } = queen;
          const laysSince = laysSinceOf(queen);
          if (lastProof) expect((lastProof.by === 'eggs' ? eggsOn : sheOn).has(lastProof.on)).toBe(true);
          if (lastEggsSeen !== null) expect(eggsOn.has(lastEggsSeen)).toBe(true);
          if (laysSince !== null) expect(eggsOn.has(laysSince)).toBe(true);
          if (lastProof) told += 1;
        }
      },
      MANY_RUNS,
    );
    expect(told).toBeGreaterThan(20);
  });

  it('asks of no part of a colony that had no queen which half it is', () => {
    let carried = 0;
    holds(
      20270616,
      (made, today) => {
        for (const { parts, schedule, queen } of statesOf(made, today)) {
          const last = parts.findLast(({ programme }) => programme.id === programmeOf(queen)?.id);
          if (!last?.carriesOn) continue;
          carried += 1;
          expect(queen.is).not.toBe('either-half');
          expect(
            schedule.checks.filter(
              ({ code, programme }) => code === 'which-half' && programme?.id === last.programme.id,
            ),
          ).toEqual([]);
        }
      },
      MANY_RUNS,
    );
    expect(carried).toBeGreaterThan(0);
  });

  it('weather puts a test frame off and moves nothing else', () => {
    const poor = Array.from({ length: 120 }, (_, i) => addDays(START, i - 10) as Day);
    let late = 0;
    holds(20270614, (made, today) => {
      const plain = statesOf(made, today);
      for (const [i, kept] of statesOf(made, today, { good: [], poor }).entries()) {
        const before = plain[i] as ColonyState;
        expect(kept.schedule.eggsBy).toEqual(before.schedule.eggsBy);
        expect(kept.schedule.leaveShut).toEqual(before.schedule.leaveShut);
        expect(kept.queen).toEqual(before.queen);
        const dated = (state: ColonyState) => new Map(state.schedule.checks.map((check) => [check.key, check]));
        const was = dated(before);
        for (const [key, { code, window }] of dated(kept)) {
          const old = was.get(key);
          // A look where nothing else gives a date soon may step aside for what comes later now.
          if (!old || code === 'look') continue;
          const by = window.latest - old.window.latest;
          if (by !== 0) late += 1;
          expect([0, LATE_MATING_WAITS.value]).toContain(by);
          expect(by === 0 || code === 'act').toBe(true);
        }
      }
    });
    expect(late).toBeGreaterThan(0);
  });

  it('asks for nothing that opens a hive on a day on which it is to be left shut, unless that is forced', () => {
    let shutDays = 0;
    holds(20270603, (made, today) => {
      for (const { schedule } of statesOf(made, today)) {
        for (let ahead = 0; ahead <= 40; ahead++) {
          const on = addDays(today, ahead);
          if (!shutOn(schedule.leaveShut, on)) continue;
          shutDays += 1;
          for (const { check } of colonyOnDay(schedule, on).due) {
            if (check.opens && check.forced === null) throw new Error(`${check.code} on ${formatDay(on)}`);
          }
        }
      }
    });
    expect(shutDays).toBeGreaterThan(RUNS * 3);
  });

  it('never asks for a search that was missed once a virgin may be out', () => {
    holds(20270604, (made, today) => {
      for (const { schedule, liveCells, queen } of statesOf(made, today)) {
        const { emergence } = schedule;
        if (!emergence || emergence.earliest > today || queen.is === 'either-half') continue;
        for (const { check } of colonyOnDay(schedule, today).due) {
          const isSearch = check.code === 'thin-cells' || check.code === 'find-cells' || check.code === 'move-parent';
          const isLate = check.window.latest < today;
          if (isSearch && isLate) {
            throw new Error(
              `${check.code} until ${formatDay(check.window.latest)}, out from ${formatDay(emergence.earliest)}, ${liveCells.length} live`,
            );
          }
        }
      }
    });
  });

  it('has windows that run forwards, and no key twice', () => {
    holds(20270605, (made, today) => {
      for (const { schedule } of statesOf(made, today)) {
        for (const { window, code } of schedule.checks) {
          if (window.earliest > window.ideal || window.ideal > window.latest) throw new Error(`${code} runs backwards`);
        }
        const keys = schedule.checks.map(({ key }) => key);
        if (new Set(keys).size !== keys.length) throw new Error(`keys twice: ${keys.join(', ')}`);
      }
    });
  });

  it('takes an inspection that sees what an answer would say for the same as the answer', () => {
    let compared = 0;
    holds(20270606, (made, today) => {
      for (const [place, state] of statesOf(made, today).entries()) {
        const colonyId = COLONIES[place] as 'home' | 'child';
        for (const { key, code, window } of state.schedule.checks) {
          const sights = SAYS[code as FollowUpCode];
          // On a day of its window, by which nothing else has come between.
          const on = latestOf(today, window.ideal);
          const then = statesOf(made, on)[place] as ColonyState;
          const check = then.schedule.checks.find((one) => one.key === key);
          if (!sights || !check?.programme || on > check.window.latest || !isPlain(then)) continue;
          for (const [answer, saw] of Object.entries(sights)) {
            const doors = bothDoors(
              made,
              { colonyId, on, code: code as FollowUpCode, programmeId: check.programme.id },
              answer,
              saw,
            );
            const [one, other] = doors.map((season) => settled(statesOf(season, on)[place] as ColonyState));
            compared += 1;
            if (one !== other) throw new Error(`${code} ${answer}: answer gives ${one}, inspection ${other}`);
          }
        }
      }
    });
    expect(compared).toBeGreaterThan(RUNS / 15);
  });
});

describe('what was seen at one visit', () => {
  it('comes to the same queen in one entry or in two, whichever half was entered first', () => {
    let compared = 0;
    holds(
      20270617,
      (made, today) => {
        for (const [place, colonyId] of COLONIES.entries()) {
          const facts = made.own[colonyId];
          const looks = (facts.inspections ?? []).filter(({ on }) => on <= today);
          const look = looks.at(-1);
          const isPlainLook =
            look && (look.eggs !== 'not-looked-for' || look.queen !== 'not-looked-for') && look.cells.length > 0;
          if (!isPlainLook || looks.filter(({ on }) => on === look.on).length > 1) continue;
          // What is entered between the two parts them.
          const besides = [
            ...(facts.queenEvents ?? []),
            ...(facts.surveys ?? []),
            ...Object.values(made.shared).flat(),
          ];
          if (besides.some((one) => 'on' in one && one.on === look.on)) continue;
          const cellsOnly = {
            ...look,
            eggs: 'not-looked-for',
            youngest: null,
            queen: 'not-looked-for',
            queenSeenAs: 'not-said',
            queenHandled: 'left',
          } as const;
          const queenOnly = { ...look, cells: [], thoroughness: 'not-searched' } as const;
          const others = (facts.inspections ?? []).filter((one) => one !== look);
          const later = `${look.at.slice(0, 14)}59`;
          const pairs = [
            [cellsOnly, { ...queenOnly, id: `${look.id}b`, at: later }],
            [queenOnly, { ...cellsOnly, id: `${look.id}b`, at: later }],
          ];
          const stateOf = (inspections: readonly InspectionFact[]) =>
            statesOf({ ...made, own: { ...made.own, [colonyId]: { ...facts, inspections } } }, look.on)[
              place
            ] as ColonyState;
          const whole = stateOf([...others, look]);
          // Which half of a split it is, each entry may tell by itself.
          if (whole.parts.some(({ queen }) => queen === 'either')) continue;
          for (const pair of pairs) {
            const parted = stateOf([...others, ...pair]);
            compared += 1;
            if (whole.queen.is !== parted.queen.is)
              throw new Error(
                `${colonyId} ${formatDay(look.on)}: ${whole.queen.is} in one entry, ${parted.queen.is} in two: ${JSON.stringify([look, pair === pairs[0], whole.lastInspection?.reading.reading])}`,
              );
          }
        }
      },
      MANY_RUNS,
    );
    expect(compared).toBeGreaterThan(RUNS / 15);
  });
});

/** What an inspection sees of which a keeper would give the answer. */
const SAYS: { readonly [C in FollowUpCode]?: Readonly<Record<string, Partial<InspectionFact>>> } = {
  eggs: { eggs: { eggs: 'seen' }, 'no-eggs': { eggs: 'none' } },
  'laying-check': { eggs: { eggs: 'seen' }, 'no-eggs': { eggs: 'none' } },
  'nuc-settled': { settled: { eggs: 'seen' }, 'no-eggs': { eggs: 'none' } },
  released: { out: { queen: 'seen' } },
};

/** Nothing is in it that would be read first, whichever way the rest was entered. */
function isPlain({ ended, liveCells, lastInspection, cells }: ColonyState): boolean {
  const isClear = cells.every(({ dates }) => dates.conflict === null);
  return !ended && liveCells.length === 0 && lastInspection?.reading.reading !== 'drone-laying' && isClear;
}

interface Asked {
  readonly colonyId: 'home' | 'child';
  readonly on: Day;
  readonly code: FollowUpCode;
  readonly programmeId: string;
}

/** The season with the answer to a check, and with an inspection that saw the same. */
function bothDoors(
  made: Season,
  { colonyId, on, code, programmeId }: Asked,
  answer: string,
  saw: Partial<InspectionFact>,
): readonly Season[] {
  const at = `${formatDay(on)}T23:30`;
  const said = { id: 'z', programmeId, colonyId, code, nth: 1, at, on, answer, queenlessColonyId: null };
  // To say that a nuc has settled takes a look at all of it.
  const thoroughness = code === 'nuc-settled' ? ('bees-on' as const) : ('tip-up' as const);
  const looked = { ...inspection({ at, eggs: 'not-looked-for', ...saw }), id: 'z', thoroughness };
  const facts = made.own[colonyId];
  const withLook = { ...facts, inspections: [...(facts.inspections ?? []), looked] };
  return [
    { ...made, shared: { ...made.shared, answers: [...made.shared.answers, said] } },
    { ...made, own: { ...made.own, [colonyId]: withLook } },
  ];
}

/** What matters of a colony after it: its queen, and what is still open of her. */
function settled({ queen, followUps }: ColonyState): string {
  const open = followUps.filter(({ status, code }) => status === 'due' && code in SAYS).map(({ code }) => code);
  return JSON.stringify([queen.is, cagedOn(queen), noEggsOn(queen), queen.doubt?.code, open]);
}
