import { figure } from '../biology/figure';
import { CAST_LAYS, LATE_MATING_WAITS, READ_TEST_COMB } from '../biology/mating';
import { addDays, type Day, latestOf } from '../calendar/day';
import type { Window } from '../calendar/window';
import { type Aged, ONE_LOOK_WITHIN } from '../colony/aged';
import { doubtSaid } from '../colony/queen-doubt';
import { emergenceOf, mayStillHoldQueen } from '../colony/track-cells';
import { say as sayOfMethod } from '../methods/says';
import { arrivedOn, lostIn, noEggsOn } from '../queens/queen-questions';
import type { Going, QueenState, Raising, Virgin, Without } from '../queens/queen-state';
import { eggsWindow, emergenceRaised, leaveShutSpan } from '../queens/virgin-care';
import { virginFlights } from '../queens/virgin-flights';
import type { Said } from '../says/said';
import { sentences } from '../says/together';
import { KEPT_CELLS_AT_MOST, yearHere } from '../settings/settings';
import { endOfRest } from '../year/beekeeping-year';
import { actCheck } from './act-check';
import { afterPrime, cellSearch } from './cell-search';
import type { Check } from './check';
import { againWithin } from './colony-schedule';
import { answered, inCycle, windowAfter } from './in-cycle';
import { routineAfter } from './routine-after';
import { say } from './says';
import { checks, type ScheduleFrom, type SchedulePart } from './schedule-part';

/** A colony found without a queen and without a cell is not left so for long. */
const GIVE_A_QUEEN_WITHIN = figure('give-a-queenless-colony-a-queen-or-a-cell', 3, 'days', 'caution');

/** From 8 hours after the colony has lost its queen, better 24; within days, before there are cells. */
const CAGE_QUEEN_IN = figure(
  'cage-a-bought-queen-in',
  { early: 0, typical: 1, late: 3 },
  'days-since-queenless',
  'queenRearing',
);

/** A queen that is there and late is given some days more. */
const LATE_QUEEN_LAYS = figure(
  'look-for-the-eggs-of-a-late-queen',
  { early: 4, typical: 5, late: 7 },
  'days-since-test-frame',
  'caution',
);

/** A virgin came out, or is taken to have: leave it shut, then look for eggs, unless something more urgent was read. */
export function virginExpected(from: ScheduleFrom, queen: Extract<QueenState, Virgin>): SchedulePart {
  const { look, origin } = from;
  const { emerged } = queen;
  const reading = look?.reading.reading;
  // Patience has run out, or something more urgent was seen: the reading leads.
  const isAwaited = reading === 'virgin-loose' || reading === 'awaiting-eggs' || reading === 'settled';
  const noted = latestOf(emerged.earliest, look?.inspection.on ?? emerged.earliest);
  // A reading of before she was noted has nothing to ask any more.
  const isOfHer = reading === 'cast-risk' || look?.queenExpected === 'virgin';
  const urgent = isOfHer && !isAwaited ? actCheck(from) : isOfHer ? null : cellsBesideHer(from, noted);
  if (urgent && isOfHer && reading !== 'cast-risk') return checks(urgent);
  const care =
    origin === 'cast' && queen.requeeningId === 'start' ? careForCast(from, emerged) : careForVirgin(from, emerged);
  return urgent ? castRisk(from, urgent, isOfHer && look ? look.inspection.on : noted, care) : care;
}

/** A virgin was noted after the last look, over cells that are left: each of them can take a cast. */
function cellsBesideHer(from: ScheduleFrom, on: Day): Check | null {
  const { liveCells, parts, settings, today } = from;
  const left = liveCells.filter((cell) => mayStillHoldQueen(cell, today));
  const areKept = parts.length > 0 && left.length <= settings.cellsKept;
  if (left.length === 0 || areKept) return null;
  return inCycle(from, {
    code: 'act',
    window: { earliest: on, ideal: on, latest: on },
    why: say('advice', { reading: 'cast-risk', isReplacing: false }),
    order: say('act-on', { reading: 'cast-risk', isReplacing: false }),
    reading: 'cast-risk',
  });
}

/**
 * Other virgins are still to emerge: their cells come down today. The day after it is not too late, though the hive would have to be
 * left shut by then; it is once the last of them is out, or the first may fly.
 */
function castRisk({ liveCells, today }: ScheduleFrom, urgent: Check, since: Day, care: SchedulePart): SchedulePart {
  const mayFly = today > addDays(since, ONE_LOOK_WITHIN.value);
  if (mayFly || !liveCells.some((cell) => mayStillHoldQueen(cell, today))) return care;
  const forced = say('more-virgins-to-emerge');
  return beforeShutting([{ ...urgent, forced }], care);
}

/** A hived cast has a virgin: it is left shut and looked into by its own days, and once more after an empty look. */
function careForCast(from: ScheduleFrom, emerged: Window): SchedulePart {
  const { look, startedOn, settings, queen } = from;
  const { overdue } = queen;
  if (overdue?.is === 'late-but-there') return lateQueen(from, overdue.on, emerged);
  const planned = windowAfter(startedOn, CAST_LAYS);
  const empty = look?.inspection.eggs === 'none' && look.inspection.on >= planned.earliest ? look.inspection.on : null;
  const comb = overdue && giveTestComb(from, overdue.on);
  const window = empty === null ? planned : againWithin(planned, empty);
  const laying = inCycle(from, {
    code: 'laying-check',
    window,
    why: say('cast-has-a-virgin'),
  });
  return {
    ...checks(comb ?? (overdue ? null : laying)),
    leaveShut: [{ from: startedOn, to: addDays(planned.earliest, -1) }],
    emergence: emerged,
    eggsBy: { ...planned, failedOn: addDays(startedOn, settings.matingFailedDays) },
  };
}

/**
 * A visit that cannot wait, since a cell left alone may let a virgin out that day: it comes first, even where the span in which the
 * hive is to be left shut would have begun; the span begins the day after it.
 */
function beforeShutting(urgent: readonly Check[], care: SchedulePart): SchedulePart {
  const [first, ...others] = urgent.map(({ window }) => window.latest);
  if (first === undefined) return care;
  const dayAfter = addDays(latestOf(first, ...others), 1);
  return {
    ...care,
    checks: [...urgent, ...care.checks],
    leaveShut: care.leaveShut.map(({ from, to }) => ({ from: latestOf(from, dayAfter), to })),
  };
}

function careForVirgin(from: ScheduleFrom, emergence: Window): SchedulePart {
  const { settings, queen } = from;
  const eggsBy = eggsWindow(emergence, settings);
  if (queen.overdue?.is === 'late-but-there') return lateQueen(from, queen.overdue.on, emergence);
  const { failedOn, ...window } = eggsBy;
  const doubt = queen.doubt?.code === 'eggs-too-early' && doubtSaid(queen.doubt);
  const late = matingMayBeLate(from, emergence);
  const eggs = inCycle(from, {
    code: 'eggs',
    window,
    why: sentences(sayOfMethod('none-by', { latest: window.latest, failedOn }), late, doubt),
  });
  const emptyOn = noEggsOn(queen);
  const comb = emptyOn !== null && emptyOn >= window.earliest ? giveTestComb(from, emptyOn, late) : null;
  // Once they were looked for to the end of the window, looking again tells nothing more.
  const stillOpen = emptyOn === null || emptyOn < window.latest;
  return {
    checks: [...(stillOpen ? [eggs] : []), ...(comb ? [comb] : [])],
    leaveShut: [leaveShutSpan(emergence, settings)],
    emergence,
    eggsBy,
  };
}

/** A test frame showed that there is a queen, or she was seen: she is given some days more, and then replaced. */
export function lateQueen(from: ScheduleFrom, shownOn: Day, emergence: Window | null): SchedulePart {
  const window = windowAfter(shownOn, LATE_QUEEN_LAYS);
  const failedOn = addDays(window.latest, 1);
  const { lastProof } = from.queen;
  const isSeen = lastProof?.by === 'seen' && lastProof.on === shownOn;
  const why = isSeen
    ? say('she-was-seen', {
        shownOn,
        latest: window.latest,
        isHived: arrivedOn(from.queen) !== null || from.origin === 'cast',
      })
    : say('test-frame-had-no-cells', { shownOn, latest: window.latest });
  const emptyOn = noEggsOn(from.queen);
  const isLateAgain = emptyOn !== null && emptyOn >= window.earliest;
  const replace = inCycle(from, {
    code: 'act',
    window: {
      earliest: emptyOn ?? window.latest,
      ideal: emptyOn ?? window.latest,
      latest: addDays(emptyOn ?? window.latest, GIVE_A_QUEEN_WITHIN.value),
    },
    why: say('queen-does-not-lay'),
    order: say('replace-her'),
  });
  const eggs = inCycle(from, { code: 'eggs', window, why });
  return { ...checks(isLateAgain ? replace : eggs), emergence, eggsBy: { ...window, failedOn } };
}

/**
 * Said where weather kept a virgin in for all of her first days of flying; null: it did not, or it is not known. The days on which her
 * eggs are looked for stay as they are.
 */
export function matingMayBeLate({ afternoons, today }: ScheduleFrom, emergence: Window): Said | null {
  const flights = afternoons && virginFlights(emergence, afternoons, today);
  return flights?.lateSince == null ? null : say('mating-may-be-late', { from: flights.from, to: flights.lateSince });
}

/**
 * A test frame, within days of a look that found no eggs; null where one hangs there already: given since, or still to be read when the look was
 * taken.
 *
 * @param late where mating may be late: the frame can wait some days more
 */
export function giveTestComb(from: ScheduleFrom, on: Day, late: Said | null = null): Check | null {
  const hangsThere = from.parts.some(
    ({ programme }) => programme.method === 'test-comb' && addDays(programme.on, READ_TEST_COMB.value.late) >= on,
  );
  if (hangsThere) return null;
  const ideal = late ? addDays(on, LATE_MATING_WAITS.value) : on;
  return inCycle(from, {
    code: 'act',
    window: { earliest: on, ideal, latest: addDays(ideal, GIVE_A_QUEEN_WITHIN.value) },
    why: sentences(say('no-eggs-test-frame-tells', { on }), late, late && say('test-frame-can-wait', { until: ideal })),
    order: say('give-a-test-frame'),
  });
}

/** Queenless, by the keeper's hand or because she left with a swarm: thin the cells, leave it shut, look for eggs. */
export function raisingQueen(from: ScheduleFrom, queen: Extract<QueenState, Going | Raising | Without>): SchedulePart {
  const { look, liveCells, parts } = from;
  const { programme } = queen;
  const removed = lostIn(queen);
  if (programme?.buysQueen && removed !== null && queen.is !== 'without') {
    const half = parts.find((part) => part.programme.id === programme.id)?.half;
    return checks(cageQueenIn(from, latestOf(removed.to, half?.on ?? removed.to), removed.from));
  }
  const known = emergenceOf(liveCells);
  if (!known && queen.is === 'without') return checks(giveAQueen(from, queen.since));
  const emergence = known ?? emergenceRaised(queen);
  // Nothing is known of its cells, nor when they began: what was read last leads.
  if (!emergence) return checks(look ? (actCheck(from) ?? routineAfter(from, look)) : null);

  const care = careForVirgin(from, emergence);
  const { aged } = from;
  if (aged?.as === 'may-have-swarmed' || aged?.as === 'virgin-may-be-out') return oneLook(from, aged, care);
  const search = removed === null ? afterPrime(from, emergence) : cellSearch(from, removed, known);
  if (search.length > 0) return beforeShutting(search, care);
  if (liveCells.length <= KEPT_CELLS_AT_MOST.value || !look) return care;
  const { on } = look.inspection;
  const thinned = programme && answered(from, 'thin-cells', on);
  if (thinned) return care;
  const latest = latestOf(on, addDays(emergence.earliest, -1));
  const thin = inCycle(from, {
    code: 'thin-cells',
    window: { earliest: on, ideal: latestOf(on, addDays(latest, -1)), latest },
    why: say('keep-one-or-two', { cells: liveCells.length, virginFrom: emergence.earliest }),
  });
  return beforeShutting([thin], care);
}

/**
 * A virgin may be out of cells that nobody has seen to: one look while she cannot fly yet, which takes down what could still take a cast;
 * after that it is left shut.
 */
function oneLook(from: ScheduleFrom, { as, since, seenOn }: Aged, care: SchedulePart): SchedulePart {
  const latest = addDays(since, ONE_LOOK_WITHIN.value);
  // Thinned already: those that are left are the ones that were kept.
  const isThinned = as === 'virgin-may-be-out' && from.liveCells.length <= from.settings.cellsKept && lookedFor(from);
  if (from.today > latest || isThinned) return care;
  const look = inCycle(from, {
    code: 'act',
    window: { earliest: since, ideal: since, latest },
    why: say('one-look', { since, seenOn, until: latest }),
    order: say('one-look-at-its-cells'),
    forced: say('more-virgins-to-emerge'),
    reading: 'cast-risk',
  });
  return beforeShutting([look], care);
}

/** Cells were broken down at the last look: it was thinned then. */
const lookedFor = ({ look }: ScheduleFrom): boolean => look !== null && look.takenDown > 0;

/** A bought queen is taken once the bees have missed their own for a day, and before they have cells of their own. */
function cageQueenIn(from: ScheduleFrom, since: Day, queenless: Day): Check {
  return inCycle(from, {
    code: 'act',
    window: windowAfter(since, CAGE_QUEEN_IN),
    why: say('queenless-since', { on: queenless }),
    order: say('cage-the-bought-queen'),
  });
}

/** Within days; what was found in the rest waits for the first days on which hives are opened again. */
function giveAQueen(from: ScheduleFrom, since: Day): Check {
  const first = latestOf(since, endOfRest(since, yearHere(from.settings)));
  return inCycle(from, {
    code: 'act',
    window: { earliest: first, ideal: first, latest: addDays(first, GIVE_A_QUEEN_WITHIN.value) },
    why: say('nothing-to-raise-one-from'),
    order: say('give-a-queen-or-cell'),
  });
}
