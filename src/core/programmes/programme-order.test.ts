import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, type Day, day, formatDay } from '../calendar/day';
import { CELL_STAGES } from '../cells/stage';
import type { OwnFacts, SharedFacts } from '../colony/assemble';
import { type CellSeenFact, type InspectionFact, QUEEN_EVENTS, type QueenEventFact } from '../colony/facts';
import { type ColonyState, foldColony } from '../colony/fold';
import { inspection } from '../colony/testing';
import type { FollowUpCode, MethodName } from '../methods/method';
import { methodNamed } from '../methods/methods';
import { shutOn } from '../schedule/leave-shut-wins';
import { DEFAULT_SETTINGS } from '../settings/settings';
import type { SurveyFact } from '../space/survey';
import { aBox, aHive } from '../space/testing';
import { ANSWERS } from './answers';
import type { CheckAnswerFact, ProgrammeFact } from './facts';
import { aProgramme, assembled } from './testing';

const START = day('2027-05-01');
const SPAN = 60;
const COLONIES = ['home', 'child'] as const;
const METHODS_TRIED: readonly MethodName[] = [
  'nuc-swarm',
  'old-site-swarm',
  'queen-split',
  'walk-away',
  'even-split',
  'vertical-split',
  'demaree',
  'after-swarm',
  'requeen-mated',
  'test-comb',
  'give-eggs',
  'pollen-bound',
  'cell-nuc',
];
const CELL_IDS = ['a', 'b', 'c'];

const dayIn = (from: number) => fc.integer({ min: from, max: SPAN }).map((days) => addDays(START, days));
const minuteOn = (on: Day, n: number) =>
  `${formatDay(on)}T${String(8 + (n % 12)).padStart(2, '0')}:${String(n % 60).padStart(2, '0')}`;

const seen = fc.record({
  cellId: fc.constantFrom(...CELL_IDS),
  found: fc.constantFrom(...CELL_STAGES, 'not-found' as const),
  takenDown: fc.boolean(),
});

const look = fc
  .record({
    on: dayIn(0),
    eggs: fc.constantFrom('seen' as const, 'none' as const, 'not-looked-for' as const),
    queen: fc.constantFrom('seen' as const, 'none' as const, 'not-looked-for' as const),
    thoroughness: fc.constantFrom('cleared' as const, 'bees-on' as const, 'tip-up' as const),
    cells: fc.uniqueArray(seen, { selector: ({ cellId }) => cellId, maxLength: 3 }),
  })
  .map(
    (made) =>
      (n: number): InspectionFact => ({
        ...inspection({ at: minuteOn(made.on, n), ...made, cells: made.cells as CellSeenFact[] }),
        id: `look-${n}`,
        on: made.on,
      }),
  );

const queenEvent = fc.record({ on: dayIn(0), kind: fc.constantFrom(...QUEEN_EVENTS) }).map(
  ({ on, kind }) =>
    (n: number): QueenEventFact => ({ id: `event-${n}`, queenId: 'q', on, kind, at: null, to: null, emerged: null }),
);

const survey = fc
  .record({
    on: dayIn(0),
    letters: fc.array(fc.constantFrom(...'HNPBYSE'), { minLength: 10, maxLength: 10 }),
    source: fc.constantFrom('survey' as const, 'moves' as const),
    coveredSeams: fc.option(fc.integer({ min: 2, max: 20 })),
  })
  .map(
    ({ on, letters, source, coveredSeams }) =>
      (n: number): SurveyFact => ({
        id: `survey-${n}`,
        at: minuteOn(on, n),
        on,
        source,
        manner: 'frames',
        flow: 'light',
        coveredSeams,
        queenFrameId: null,
        hive: aHive(aBox('nest', letters.join(''))),
      }),
  );

const programme = fc
  .record({
    method: fc.constantFrom(...METHODS_TRIED),
    on: dayIn(2),
    kept: fc.subarray(CELL_IDS),
    buysQueen: fc.boolean(),
  })
  .map(({ method, on, kept, buysQueen }) => (n: number): ProgrammeFact => {
    const { units, options } = methodNamed(method);
    return aProgramme({
      id: `p-${n}`,
      method,
      on,
      buysQueen,
      units: units.map(({ name, isNewColony }) => ({ unit: name, colonyId: isNewColony ? 'child' : 'home' })),
      keptCellIds: options.includes('keptCells') ? kept : [],
    });
  });

const answer = fc
  .record({
    of: fc.nat(),
    code: fc.constantFrom(...(Object.keys(ANSWERS) as FollowUpCode[])),
    on: dayIn(3),
    pick: fc.nat(),
    at: fc.constantFrom(...COLONIES),
  })
  .map(({ of, code, on, pick, at }) => (n: number, programmes: readonly ProgrammeFact[]): CheckAnswerFact[] => {
    const programmeOf = programmes[of % Math.max(1, programmes.length)];
    if (!programmeOf) return [];
    const { code: said } = ANSWERS[code][pick % ANSWERS[code].length] as { code: string };
    const queenlessColonyId = code === 'which-half' && said === 'known' ? at : null;
    return [
      {
        id: `answer-${n}`,
        programmeId: programmeOf.id,
        colonyId: at,
        code,
        nth: 1,
        at: minuteOn(on, n),
        on,
        answer: said,
        queenlessColonyId,
      },
    ];
  });

/** A random season of two colonies: what was seen, what was started, what was answered. */
const season = fc
  .record({
    home: fc.array(look, { maxLength: 6 }),
    child: fc.array(look, { maxLength: 4 }),
    programmes: fc.array(programme, { maxLength: 3 }),
    answers: fc.array(answer, { maxLength: 5 }),
    events: fc.array(queenEvent, { maxLength: 3 }),
    surveys: fc.array(survey, { maxLength: 3 }),
  })
  .map(({ home, child, programmes, answers, events, surveys }) => {
    const begun = programmes.map((make, i) => make(i));
    const cells = (prefix: string) =>
      CELL_IDS.map(
        (id) => ({ id: prefix + id, label: id, place: 'bottom', box: null, frame: null, part: null }) as const,
      );
    const own = (makes: typeof home, prefix: string): Partial<OwnFacts> => ({
      startedOn: START,
      cells: cells(prefix),
      inspections: makes.map((make, i) => {
        const made = make(i);
        return {
          ...made,
          id: `${prefix}${made.id}`,
          cells: made.cells.map((one) => ({ ...one, cellId: prefix + one.cellId })),
        };
      }),
    });
    const shared: SharedFacts = {
      programmes: begun.map((one) => ({ ...one, keptCellIds: one.keptCellIds.map((id) => `h${id}`) })),
      answers: answers.flatMap((make, i) => make(i, begun)),
      changes: [],
      cellMoves: [],
    };
    const atHome = { queenEvents: events.map((make, i) => make(i)), surveys: surveys.map((make, i) => make(i)) };
    return { own: { home: { ...own(home, 'h'), ...atHome }, child: own(child, 'c') }, shared };
  });

type Season = { own: Record<'home' | 'child', Partial<OwnFacts>>; shared: SharedFacts };

const statesOf = ({ own, shared }: Season, today: Day): readonly ColonyState[] => {
  const facts = assembled(own, shared);
  return COLONIES.map((id) => foldColony(facts.get(id) as never, DEFAULT_SETTINGS, today));
};
const derived = (states: readonly ColonyState[]) =>
  states.map(({ schedule, followUps, queen }) => ({ schedule, followUps, queen }));

/** The same facts, entered in another order. */
function reordered({ own, shared }: Season, order: number): Season {
  const turned = <T>(list: readonly T[]): T[] => {
    const by = list.length === 0 ? 0 : order % list.length;
    const cut = [...list.slice(by), ...list.slice(0, by)];
    return order % 2 === 0 ? cut : cut.reverse();
  };
  const colony = (facts: Partial<OwnFacts>) => ({
    ...facts,
    inspections: turned(facts.inspections ?? []),
    cells: turned(facts.cells ?? []),
    queenEvents: turned(facts.queenEvents ?? []),
    surveys: turned(facts.surveys ?? []),
  });
  return {
    own: { home: colony(own.home), child: colony(own.child) },
    shared: { ...shared, programmes: turned(shared.programmes), answers: turned(shared.answers) },
  };
}

/** Hundreds of seasons are reckoned, several times each. */
const PATIENCE_MS = 60_000;

describe('a programme derived from facts', { timeout: PATIENCE_MS }, () => {
  it('is the same in whatever order they were entered', () => {
    fc.assert(
      fc.property(season, fc.nat({ max: 1000 }), dayIn(5), (made, order, today) => {
        const inTime = [...made.shared.programmes].sort((a, b) => a.on - b.on);
        const first = derived(statesOf({ ...made, shared: { ...made.shared, programmes: inTime } }, today));
        expect(derived(statesOf(reordered(made, order), today))).toEqual(first);
      }),
      { numRuns: 400, seed: 20270516 },
    );
  });

  it('has no check on a day on which its hive is to be left shut, but a thinning that a kept cell forces', () => {
    let [checked, spans] = [0, 0];
    fc.assert(
      fc.property(season, dayIn(5), (made, today) => {
        for (const { schedule } of statesOf(made, today)) {
          spans += schedule.leaveShut.length;
          for (const { code, window, why, forced, opens } of schedule.checks) {
            if (forced !== null || !opens) continue;
            checked += 1;
            const inside = shutOn(schedule.leaveShut, window.earliest) ?? shutOn(schedule.leaveShut, window.latest);
            if (inside && !(code === 'thin-cells' && why.includes('may let its virgin out'))) {
              throw new Error(`${code} ${formatDay(window.earliest)} to ${formatDay(window.latest)}: ${why}`);
            }
          }
        }
      }),
      { numRuns: 600, seed: 20270517 },
    );
    expect(checked).toBeGreaterThan(500);
    expect(spans).toBeGreaterThan(100);
  });
});
