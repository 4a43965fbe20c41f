import { LAST_QUEENABLE_AGE } from '../biology/development';
import { type AgeSpread, type Figure, figure } from '../biology/figure';
import { CAGE_CHECK, CAST_LAYS, RELEASED_QUEEN_LAYS } from '../biology/mating';
import { SOURCES } from '../biology/sources';
import { addDays, type Day, earliestOf, latestOf } from '../calendar/day';
import { type CheckWindow, spanOf, type Window } from '../calendar/window';
import { dayWords } from '../calendar/words';
import { emergencesOf } from '../colony/track-cells';
import type { CheckAnswerFact } from '../programmes/facts';
import { KEPT_CELLS_AT_MOST } from '../settings/settings';
import { actCheck } from './act-check';
import { type Check, type CheckCode, checkKey } from './check';
import { routineAfter } from './routine-after';
import { checks, type ScheduleFrom, type SchedulePart } from './schedule-part';
import { eggsWindow, emergencyEmergence, findCellsWindow, leaveShutSpan } from './virgin-care';

/** A colony found without a queen and without a cell is not left so for long. */
const GIVE_A_QUEEN_WITHIN = figure('Give a queenless colony a queen or a cell', 3, 'days', SOURCES.caution);

/** From 8 hours after the colony has lost its queen, better 24; within days, before there are cells. */
const CAGE_QUEEN_IN = figure(
  'Cage a bought queen in',
  { early: 0, typical: 1, late: 3 },
  'days since the colony has no queen',
  SOURCES.queenRearing,
);

/** A queen that is there and late is given some days more. */
const LATE_QUEEN_LAYS = figure(
  'Look for the eggs of a late queen',
  { early: 4, typical: 5, late: 7 },
  'days since a test comb showed no cells',
  SOURCES.caution,
);

export function windowAfter(from: Day, { value }: Figure<AgeSpread>): CheckWindow {
  return {
    earliest: addDays(from, value.early),
    ideal: addDays(from, value.typical),
    latest: addDays(from, value.late),
  };
}

type Asked = Pick<Check, 'code' | 'window' | 'why'> & { readonly order?: string };

/** A check that hangs on the colony's present span without a laying queen, and on the programme it came about by. */
function inCycle({ queen }: ScheduleFrom, asked: Asked): Check {
  const { cycle, programme } = queen;
  return {
    key: checkKey(asked.code, cycle ?? 'queen'),
    ...asked,
    programme: programme && { id: programme.id, unit: programme.unit },
    plannedFor: null,
  };
}

/** The last answer to a check of the programme that the colony is under, from a day on. */
function answered({ queen, answers }: ScheduleFrom, code: CheckCode, since: Day): CheckAnswerFact | null {
  return (
    answers.findLast(
      (answer) => answer.programmeId === queen.programme?.id && answer.code === code && answer.on >= since,
    ) ?? null
  );
}

/** A queen in a cage: is she out, and does she lay? A programme asks for both by itself. */
export function cagedQueen(from: ScheduleFrom, cagedOn: Day): SchedulePart {
  const { look, queen } = from;
  if (queen.programme) return checks();
  const out = windowAfter(cagedOn, CAGE_CHECK);
  const lookedSince = look !== null && look.inspection.on >= out.earliest;
  const released = inCycle(from, {
    code: 'released',
    window: out,
    why: `Queen caged in on ${dayWords(cagedOn)}: is she out of the cage?`,
  });
  const laying = inCycle(from, {
    code: 'laying-check',
    window: windowAfter(cagedOn, RELEASED_QUEEN_LAYS),
    why: `Queen caged in on ${dayWords(cagedOn)}: eggs are due.`,
  });
  return checks(queen.released || lookedSince ? null : released, laying);
}

/** A virgin came out, or is taken to have: leave it shut, then look for eggs, unless something more urgent was read. */
export function virginExpected(from: ScheduleFrom, emerged: Window): SchedulePart {
  const { look, origin, startedOn, settings } = from;
  const reading = look?.reading.reading;
  // Patience has run out, or something more urgent was seen: the reading leads.
  const urgent = look && reading !== 'virgin-loose' && reading !== 'awaiting-eggs' ? actCheck(from) : null;
  if (urgent && reading !== 'cast-risk') return checks(urgent);
  if (!look && origin === 'cast') {
    const window = windowAfter(startedOn, CAST_LAYS);
    return {
      ...checks(
        inCycle(from, { code: 'laying-check', window, why: 'A cast has a virgin: time for her to fly and lay.' }),
      ),
      leaveShut: [{ from: startedOn, to: addDays(window.earliest, -1) }],
      emergence: emerged,
      eggsBy: { ...window, failedOn: addDays(startedOn, settings.matingFailedDays) },
    };
  }
  const care = careForVirgin(from, emerged);
  return urgent ? beforeShutting([urgent], care) : care;
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
  if (queen.lateButThereOn !== null) return lateQueen(from, queen.lateButThereOn, emergence);
  const { failedOn, ...window } = eggsBy;
  const eggs = inCycle(from, {
    code: 'eggs',
    window,
    why: `None by ${dayWords(window.latest)}: test comb the same day; counts as failed on ${dayWords(failedOn)}.`,
  });
  const { noEggsOn } = queen;
  const comb = noEggsOn !== null && noEggsOn >= window.earliest ? giveTestComb(from, noEggsOn) : null;
  // Once they were looked for to the end of the window, looking again tells nothing more.
  const stillOpen = noEggsOn === null || noEggsOn < window.latest;
  return {
    checks: [...(stillOpen ? [eggs] : []), ...(comb ? [comb] : [])],
    leaveShut: [leaveShutSpan(emergence, settings)],
    emergence,
    eggsBy,
  };
}

/** A test comb showed that there is a queen: she is given some days more. */
function lateQueen(from: ScheduleFrom, shownOn: Day, emergence: Window): SchedulePart {
  const window = windowAfter(shownOn, LATE_QUEEN_LAYS);
  const failedOn = addDays(window.latest, 1);
  const why = `The test comb of ${dayWords(shownOn)} had no cells, so there is a queen. None by ${dayWords(window.latest)}: replace her.`;
  return { ...checks(inCycle(from, { code: 'eggs', window, why })), emergence, eggsBy: { ...window, failedOn } };
}

function giveTestComb(from: ScheduleFrom, on: Day): Check | null {
  const since = from.parts.some(({ programme }) => programme.method === 'test-comb' && programme.on >= on);
  if (since) return null;
  return inCycle(from, {
    code: 'act',
    window: { earliest: on, ideal: on, latest: addDays(on, GIVE_A_QUEEN_WITHIN.value) },
    why: `No eggs on ${dayWords(on)}: a test comb tells within days whether there is a queen.`,
    order: 'Give a test comb',
  });
}

/** Queenless, by the keeper's hand or because she left with a swarm: thin the cells, leave it shut, look for eggs. */
export function raisingQueen(from: ScheduleFrom): SchedulePart {
  const { look, queen, liveCells } = from;
  const { removedOn, programme, withoutSince } = queen;
  if (programme?.buysQueen && removedOn !== null && withoutSince === null) return checks(cageQueenIn(from, removedOn));
  const emergence = spanOf(emergencesOf(liveCells));
  if (!emergence) {
    if (withoutSince !== null) return checks(giveAQueen(from, withoutSince));
    const search = removedOn === null ? [] : cellSearch(from, removedOn, null);
    const mayRaise = removedOn !== null && (search.length > 0 || !lookedSince(from, removedOn));
    if (mayRaise) return beforeShutting(search, careForVirgin(from, emergencyEmergence(removedOn)));
    if (!look) return checks();
    return checks(actCheck(from) ?? routineAfter(from, look));
  }

  const care = careForVirgin(from, emergence);
  const search = removedOn === null ? [] : cellSearch(from, removedOn, emergence);
  if (search.length > 0) return beforeShutting(search, care);
  if (liveCells.length <= KEPT_CELLS_AT_MOST.value || !look) return care;
  const { on } = look.inspection;
  const thinned = programme && answered(from, 'thin-cells', on);
  if (thinned) return care;
  const latest = latestOf(on, addDays(emergence.earliest, -1));
  const thin = inCycle(from, {
    code: 'thin-cells',
    window: { earliest: on, ideal: latestOf(on, addDays(latest, -1)), latest },
    why: `${liveCells.length} cells: keep one or two before the first virgin can be out on ${dayWords(emergence.earliest)}.`,
  });
  return beforeShutting([thin], care);
}

/** The first day on which a look finds every cell: none can be started after it, or the day forced by a cell that is nearly ripe. */
function searchFrom(removedOn: Day, known: Window | null): Day {
  return earliestOf(addDays(removedOn, LAST_QUEENABLE_AGE.value), findCellsWindow(removedOn, known).earliest);
}

function lookedSince({ look }: ScheduleFrom, removedOn: Day): boolean {
  return look !== null && look.inspection.on >= searchFrom(removedOn, null);
}

/**
 * The visit that finds every cell of a colony without its queen, thins them and, where the method says so, moves it. Empty once it
 * was made, or where the keeper chose not to thin again.
 */
function cellSearch(from: ScheduleFrom, removedOn: Day, known: Window | null): readonly Check[] {
  const { look, queen } = from;
  const { programme } = queen;
  const window = findCellsWindow(removedOn, known);
  const since = searchFrom(removedOn, known);
  const looked = look !== null && look.inspection.on >= since && look.inspection.on > removedOn;
  const risk =
    known && window.latest < addDays(removedOn, LAST_QUEENABLE_AGE.value)
      ? ` A kept cell may let its virgin out from ${dayWords(known.earliest)}: cells started later are not found then, and casts may follow.`
      : '';
  const list: Check[] = [];
  // Once her eggs were looked for, cells are no longer the question.
  const isOver = queen.noEggsOn !== null || queen.lateButThereOn !== null;
  const isDone = looked || isOver || (programme !== null && answered(from, 'thin-cells', since) !== null);
  if (!isDone && programme?.isThinned) {
    const why = `Reduce to the kept cell once more: eggs left behind have become cells.${risk}`;
    list.push(inCycle(from, { code: 'thin-cells', window, why }));
  }
  if (!isDone && !programme) {
    const why = `Queen gone since ${dayWords(removedOn)}: one look finds every cell before any virgin can be out.`;
    list.push(inCycle(from, { code: 'find-cells', window, why }));
  }
  if (programme?.isMoved && !isOver && !answered(from, 'move-parent', removedOn)) {
    const why = `To the other side of the swarm: its new flyers go home to her.${risk}`;
    list.push(inCycle(from, { code: 'move-parent', window, why }));
  }
  return list;
}

/** A bought queen is taken once the bees have missed their own for a day, and before they have cells of their own. */
function cageQueenIn(from: ScheduleFrom, removedOn: Day): Check {
  return inCycle(from, {
    code: 'act',
    window: windowAfter(removedOn, CAGE_QUEEN_IN),
    why: `Queenless since ${dayWords(removedOn)}: a day on it takes a bought queen best. Take down every cell first.`,
    order: 'Cage the bought queen in',
  });
}

function giveAQueen(from: ScheduleFrom, since: Day): Check {
  return inCycle(from, {
    code: 'act',
    window: { earliest: since, ideal: since, latest: addDays(since, GIVE_A_QUEEN_WITHIN.value) },
    why: 'It has no queen and nothing to raise one from. Every day makes its bees older.',
    order: 'Give it a queen or a cell, or unite it',
  });
}
