import fc from 'fast-check';
import { addDays, type Day, day, formatDay } from '../../calendar/day';
import { CELL_STAGES } from '../../cells/stage';
import type { CellMoveFact, OwnFacts, SharedFacts } from '../../colony/assemble';
import {
  type CellSeenFact,
  type ColonyFacts,
  type InspectionFact,
  PIPING,
  QUEEN_EVENTS,
  QUEEN_SEEN_AS,
  type QueenEventFact,
  STORES,
} from '../../colony/facts';
import { inspection } from '../../colony/testing';
import type { FollowUpCode, MethodName } from '../../methods/method';
import { ALL_METHOD_NAMES } from '../../methods/method';
import { methodNamed } from '../../methods/methods';
import { CHECK_CODES } from '../../schedule/check';
import { DEFAULT_SETTINGS, SETTING_LIMITS, type Settings } from '../../settings/settings';
import type { SurveyFact } from '../../space/survey';
import { aBox, aHive } from '../../space/testing';
import { type ColonyState, foldColony } from '../../state/fold';
import type { Afternoons } from '../../weather/afternoons';
import { ANSWERS } from '../answers';
import { checkKey } from '../check-key';
import type { CheckAnswerFact, CheckChangeFact, ProgrammeFact } from '../facts';
import { aProgramme, assembled } from '../testing';

/** The first day of every random season, and how many days facts may lie in it. */
export const START = day('2027-05-01');
export const SPAN = 60;
export const COLONIES = ['home', 'child'] as const;
const METHODS_TRIED: readonly MethodName[] = ALL_METHOD_NAMES.filter(
  (name) => !['unite', 'hive-swarm', 'interleave', 'add-super'].includes(name),
);
const CELL_IDS = ['a', 'b', 'c'];
const HOURS_TRIED = 12;

export const dayIn = (from: number) => fc.integer({ min: from, max: SPAN }).map((days) => addDays(START, days));
const minuteOn = (on: Day, hour: number, n: number) =>
  `${formatDay(on)}T${String(8 + (hour % HOURS_TRIED)).padStart(2, '0')}:${String(n % 60).padStart(2, '0')}`;

/** A day that is certain, mostly; else one of a few, as somebody remembers it. */
const moment = (from: number) =>
  fc.record({
    on: dayIn(from),
    hour: fc.nat({ max: HOURS_TRIED - 1 }),
    isTimed: fc.boolean(),
    spread: fc.oneof(
      { weight: 5, arbitrary: fc.constant(0) },
      { weight: 1, arbitrary: fc.integer({ min: 1, max: 6 }) },
    ),
  });
const toOf = ({ on, spread }: { on: Day; spread: number }) => (spread === 0 ? null : addDays(on, spread));

const seen = fc.record({
  cellId: fc.constantFrom(...CELL_IDS),
  found: fc.constantFrom(...CELL_STAGES, 'not-found' as const),
  takenDown: fc.boolean(),
});

const looked = fc.constantFrom('seen' as const, 'none' as const, 'not-looked-for' as const);
const look = fc
  .record({
    when: moment(0),
    eggs: looked,
    queen: looked,
    queenSeenAs: fc.constantFrom(...QUEEN_SEEN_AS),
    piping: fc.constantFrom('not-listened' as const, 'not-listened' as const, ...PIPING),
    stores: fc.constantFrom(...STORES),
    thoroughness: fc.constantFrom('cleared' as const, 'bees-on' as const, 'tip-up' as const),
    cells: fc.uniqueArray(seen, { selector: ({ cellId }) => cellId, maxLength: 3 }),
  })
  .map(({ when, ...made }) => (n: number): InspectionFact => {
    const at = minuteOn(when.on, when.hour, n);
    return {
      ...inspection({ at, ...made, cells: made.cells as CellSeenFact[] }),
      id: `look-${n}`,
      on: when.on,
      to: toOf(when),
    };
  });

const queenEvent = fc.record({ when: moment(0), kind: fc.constantFrom(...QUEEN_EVENTS) }).map(
  ({ when, kind }) =>
    (n: number): QueenEventFact => ({
      id: `event-${n}`,
      queenId: 'q',
      at: when.isTimed ? minuteOn(when.on, when.hour, n) : null,
      on: when.on,
      to: toOf(when),
      kind,
      emerged: null,
    }),
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
        at: minuteOn(on, n, n),
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
    when: moment(2),
    kept: fc.subarray(CELL_IDS),
    buysQueen: fc.boolean(),
    turnsDaily: fc.boolean(),
    ends: fc.option(fc.integer({ min: 0, max: 20 }), { freq: 4 }),
  })
  .map(({ method, when, kept, buysQueen, turnsDaily, ends }) => (n: number): ProgrammeFact => {
    const { units, options } = methodNamed(method);
    return aProgramme({
      id: `p-${n}`,
      method,
      at: when.isTimed ? minuteOn(when.on, when.hour, n) : null,
      on: when.on,
      to: toOf(when),
      endedOn: ends === null ? null : addDays(when.on, ends),
      buysQueen,
      turnsDaily,
      units: units.map(({ name, isNewColony }) => ({ unit: name, colonyId: isNewColony ? 'child' : 'home' })),
      keptCellIds: options.includes('keptCells') ? kept : [],
    });
  });

const answer = fc
  .record({
    of: fc.nat(),
    code: fc.constantFrom(...(Object.keys(ANSWERS) as FollowUpCode[])),
    on: dayIn(3),
    hour: fc.nat({ max: HOURS_TRIED - 1 }),
    pick: fc.nat(),
    at: fc.constantFrom(...COLONIES),
  })
  .map(({ of, code, on, hour, pick, at }) => (n: number, programmes: readonly ProgrammeFact[]): CheckAnswerFact[] => {
    const programmeOf = programmes[of % Math.max(1, programmes.length)];
    if (!programmeOf || on < programmeOf.on) return [];
    const { code: said } = ANSWERS[code][pick % ANSWERS[code].length] as { code: string };
    const queenlessColonyId = code === 'which-half' && said === 'known' ? at : null;
    return [
      {
        id: `answer-${n}`,
        programmeId: programmeOf.id,
        colonyId: at,
        code,
        nth: 1,
        at: minuteOn(on, hour, n),
        on,
        answer: said,
        queenlessColonyId,
      },
    ];
  });

const change = fc
  .record({
    of: fc.nat(),
    code: fc.constantFrom(...CHECK_CODES),
    on: dayIn(3),
    kind: fc.constantFrom('moved' as const, 'skipped' as const, 'as-it-was' as const),
    by: fc.integer({ min: 0, max: 10 }),
    colonyId: fc.constantFrom(...COLONIES),
  })
  .map(
    ({ of, code, on, kind, by, colonyId }) =>
      (n: number, programmes: readonly ProgrammeFact[]): (CheckChangeFact & { colonyId: string })[] => {
        const programmeOf = programmes[of % Math.max(1, programmes.length)];
        if (!programmeOf) return [];
        const to = kind === 'moved' ? addDays(on, by) : null;
        const at = minuteOn(on, n, n);
        return [{ id: `change-${n}`, key: checkKey(code, programmeOf.id), at, on, kind, to, reason: 'rain', colonyId }];
      },
  );

/** Facts of two colonies, one of which may be the other's child, and what they share. */
export interface Season {
  readonly own: Record<'home' | 'child', Partial<OwnFacts>>;
  readonly shared: SharedFacts;
}

/** A random season of two colonies: what was seen, begun, answered, skipped and moved, in any order, late and twice. */
export const season: fc.Arbitrary<Season> = fc
  .record({
    home: fc.array(look, { maxLength: 6 }),
    child: fc.array(look, { maxLength: 4 }),
    programmes: fc.array(programme, { maxLength: 3 }),
    answers: fc.array(answer, { maxLength: 5 }),
    changes: fc.array(change, { maxLength: 3 }),
    events: fc.array(queenEvent, { maxLength: 3 }),
    surveys: fc.array(survey, { maxLength: 3 }),
    origin: fc.constantFrom('established' as const, 'prime-swarm' as const, 'cast' as const, 'nuc' as const),
    gives: fc.option(dayIn(3), { freq: 3 }),
  })
  .map(({ home, child, programmes, answers, changes, events, surveys, origin, gives }) => {
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
    const move: readonly CellMoveFact[] = gives
      ? [{ id: 'move', cellId: 'ha', toColonyId: 'child', label: 'x', at: null, on: gives, travel: 'on-frame' }]
      : [];
    const shared: SharedFacts = {
      programmes: begun.map((one) => ({ ...one, keptCellIds: one.keptCellIds.map((id) => `h${id}`) })),
      answers: answers.flatMap((make, i) => make(i, begun)),
      changes: changes.flatMap((make, i) => make(i, begun)),
      cellMoves: move,
    };
    const atHome = { queenEvents: events.map((make, i) => make(i)), surveys: surveys.map((make, i) => make(i)) };
    return { own: { home: { ...own(home, 'h'), ...atHome, origin }, child: own(child, 'c') }, shared };
  });

/** Both colonies of a season as they stand on a day. */
export function statesOf(
  { own, shared }: Season,
  today: Day,
  afternoons: Afternoons | null = null,
  settings: Settings = DEFAULT_SETTINGS,
): readonly ColonyState[] {
  const facts = assembled(own, shared);
  return COLONIES.map((id) => foldColony({ ...(facts.get(id) as ColonyFacts), afternoons }, settings, today));
}

/** The same facts, entered in another order. */
export function reordered({ own, shared }: Season, order: number): Season {
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
    shared: {
      ...shared,
      programmes: turned(shared.programmes),
      answers: turned(shared.answers),
      changes: turned(shared.changes),
    },
  };
}

const within = (key: keyof typeof SETTING_LIMITS) =>
  fc.integer({ min: Math.ceil(SETTING_LIMITS[key].min), max: Math.floor(SETTING_LIMITS[key].max) });
const months = fc.uniqueArray(fc.integer({ min: 1, max: 12 }), { minLength: 1, maxLength: 12 });

/** Whatever a keeper may set that dates follow from, likely or not. */
export const anySettings: fc.Arbitrary<Settings> = fc
  .record({
    swarmMonths: fc.oneof(months, fc.constant([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12])),
    leaveShutDays: within('leaveShutDays'),
    matingFailedDays: within('matingFailedDays'),
    fixedIntervalDays: fc.option(within('fixedIntervalDays'), { nil: null }),
    mainFlowNearDays: within('mainFlowNearDays'),
    leastBroodNuc: within('leastBroodNuc'),
    leastBroodSplit: within('leastBroodSplit'),
    leastBroodDemaree: within('leastBroodDemaree'),
    leastSeamsDemaree: within('leastSeamsDemaree'),
    interleaveNightC: within('interleaveNightC'),
    onlySealedUpNightC: within('onlySealedUpNightC'),
    cellsKept: within('cellsKept'),
    secondThinning: fc.boolean(),
  })
  .map((own) => ({ ...DEFAULT_SETTINGS, ...own }));
