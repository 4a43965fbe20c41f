import { LAST_QUEENABLE_AGE } from '../biology/development';
import { type AgeSpread, type Figure, figure } from '../biology/figure';
import { CAGE_CHECK, CAST_LAYS, PRIME_SWARM_LAYS, RELEASED_QUEEN_LAYS } from '../biology/mating';
import { SOURCES } from '../biology/sources';
import { addDays, type Day, latestOf } from '../calendar/day';
import { type CheckWindow, spanOf, type Window } from '../calendar/window';
import { dayWords } from '../calendar/words';
import type { ColonyOrigin } from '../colony/facts';
import type { LookRead } from '../colony/look';
import type { QueenState } from '../colony/queen-state';
import { emergencesOf } from '../colony/track-cells';
import { READING_WORDS } from '../inspections/reading-words';
import type { Settings } from '../settings/settings';
import type { Check, LeaveShut } from './check';
import { routineLook } from './routine';
import { eggsWindow, emergencyEmergence, findCellsWindow, leaveShutSpan } from './virgin-care';

const FIRST_LOOK_WITHIN = figure('First look at a colony new to the book', 7, 'days', SOURCES.caution);
const NUC_SETTLED = figure(
  'See whether a nuc has settled',
  { early: 2, typical: 3, late: 5 },
  'days since it was made',
  SOURCES.caution,
);
/** One cell for the queen, one in hand. */
export const KEPT_CELLS_AT_MOST = figure('Cells kept at most', 2, 'cells', SOURCES.caution);

export interface ColonySchedule {
  /** In order of their best day. */
  readonly checks: readonly Check[];
  readonly leaveShut: readonly LeaveShut[];
  /** When the virgin that is raised came or will come out. */
  readonly emergence: Window | null;
  readonly eggsBy: (CheckWindow & { readonly failedOn: Day }) | null;
}

export interface ScheduleFrom {
  readonly startedOn: Day;
  readonly origin: ColonyOrigin;
  readonly look: LookRead | null;
  readonly queen: QueenState;
  /** By when it was to be looked at, going by the look before. */
  readonly alreadyDue: Day | null;
  readonly settings: Settings;
}

const NOTHING: ColonySchedule = { checks: [], leaveShut: [], emergence: null, eggsBy: null };

function windowAfter(from: Day, { value }: Figure<AgeSpread>): CheckWindow {
  return {
    earliest: addDays(from, value.early),
    ideal: addDays(from, value.typical),
    latest: addDays(from, value.late),
  };
}

/** What is to be done at a colony next, and when it is to be left alone, from how it stands now. */
export function colonySchedule(from: ScheduleFrom): ColonySchedule {
  const schedule = scheduleByQueen(from);
  const checks = [...schedule.checks].sort((a, b) => a.window.ideal - b.window.ideal);
  return { ...schedule, checks };
}

function scheduleByQueen(from: ScheduleFrom): ColonySchedule {
  const { queen, look, settings } = from;
  if (look?.reading.reading === 'drone-laying') return checks(actCheck(look));
  if (queen.expected === 'caged' && queen.cagedOn !== null) return cagedQueen(from, queen.cagedOn);
  if (queen.expected === 'virgin' && queen.virginEmerged) return virginExpected(from, queen.virginEmerged);
  if (queen.expected === 'none' || queen.presumedGone) return raisingQueen(from);
  if (!look) return firstLook(from);

  const routine = routineLook(
    {
      on: look.inspection.on,
      thoroughness: look.inspection.thoroughness,
      cellsRemoved: look.takenDown > 0,
      clipped: queen.clipped,
      alreadyDue: from.alreadyDue,
      datesStand: look.reading.reading === 'not-enough-seen',
    },
    settings,
  );
  const { actBy } = look.reading;
  const lookAgain: Check = { code: 'look', ...routine };
  return actBy !== null && actBy <= routine.window.latest ? checks(actCheck(look)) : checks(lookAgain, actCheck(look));
}

const checks = (...list: (Check | null)[]): ColonySchedule => ({
  ...NOTHING,
  checks: list.filter((check) => check !== null),
});

/** Acting on a reading: from the day it was seen, best a day before it is too late. */
function actCheck({ inspection: { on }, reading: { reading, actBy } }: LookRead): Check | null {
  if (actBy === null) return null;
  return {
    code: 'act',
    window: { earliest: on, ideal: latestOf(on, addDays(actBy, -1)), latest: actBy },
    why: READING_WORDS[reading].advice,
    order: READING_WORDS[reading].order,
  };
}

function firstLook({ origin, startedOn }: ScheduleFrom): ColonySchedule {
  if (origin === 'prime-swarm') {
    return checks({
      code: 'laying-check',
      window: windowAfter(startedOn, PRIME_SWARM_LAYS),
      why: 'A hived swarm’s old queen lays again within three to seven days.',
    });
  }
  if (origin === 'nuc') {
    return checks({
      code: 'nuc-settled',
      window: windowAfter(startedOn, NUC_SETTLED),
      why: 'A new nuc: is she laying, is there food, are there cells?',
    });
  }
  const latest = addDays(startedOn, FIRST_LOOK_WITHIN.value);
  return checks({
    code: 'first-look',
    window: { earliest: startedOn, ideal: startedOn, latest },
    why: 'Nothing has been entered for it yet.',
  });
}

function cagedQueen({ look, queen }: ScheduleFrom, cagedOn: Day): ColonySchedule {
  const out = windowAfter(cagedOn, CAGE_CHECK);
  const lookedSince = look !== null && look.inspection.on >= out.earliest;
  const released: Check = {
    code: 'released',
    window: out,
    why: `Queen caged in on ${dayWords(cagedOn)}: is she out of the cage?`,
  };
  const laying: Check = {
    code: 'laying-check',
    window: windowAfter(cagedOn, RELEASED_QUEEN_LAYS),
    why: `Queen caged in on ${dayWords(cagedOn)}: eggs are due.`,
  };
  return checks(queen.released || lookedSince ? null : released, laying);
}

function virginExpected({ look, origin, startedOn, settings }: ScheduleFrom, emerged: Window): ColonySchedule {
  const reading = look?.reading.reading;
  // Patience has run out, or something more urgent was seen: the reading leads.
  const urgent = look && reading !== 'virgin-loose' && reading !== 'awaiting-eggs' ? actCheck(look) : null;
  if (urgent && reading !== 'cast-risk') return checks(urgent);
  if (!look && origin === 'cast') {
    const window = windowAfter(startedOn, CAST_LAYS);
    return {
      ...checks({ code: 'laying-check', window, why: 'A cast has a virgin: time for her to fly and lay.' }),
      leaveShut: [{ from: startedOn, to: addDays(window.earliest, -1) }],
      emergence: emerged,
      eggsBy: { ...window, failedOn: addDays(startedOn, settings.matingFailedDays) },
    };
  }
  const care = careForVirgin(emerged, settings);
  return urgent ? beforeShutting(urgent, care) : care;
}

/**
 * A visit that cannot wait, since a cell left alone may let a virgin out that day: it comes first, even where the span in which the
 * hive is to be left shut would have begun; the span begins the day after it.
 */
function beforeShutting(check: Check, care: ColonySchedule): ColonySchedule {
  const dayAfter = addDays(check.window.latest, 1);
  return {
    ...care,
    checks: [check, ...care.checks],
    leaveShut: care.leaveShut.map(({ from, to }) => ({ from: latestOf(from, dayAfter), to })),
  };
}

function careForVirgin(emergence: Window, settings: Settings): ColonySchedule {
  const eggsBy = eggsWindow(emergence, settings);
  const { failedOn, ...window } = eggsBy;
  return {
    checks: [
      {
        code: 'eggs',
        window,
        why: `None by ${dayWords(window.latest)}: test comb the same day; counts as failed on ${dayWords(failedOn)}.`,
      },
    ],
    leaveShut: [leaveShutSpan(emergence, settings)],
    emergence,
    eggsBy,
  };
}

/** Queenless, by the keeper's hand or because she left with a swarm: thin the cells, leave it shut, look for eggs. */
function raisingQueen({ look, queen, settings }: ScheduleFrom): ColonySchedule {
  const live = look?.liveCells ?? [];
  const emergence = spanOf(emergencesOf(live));
  const searchedFrom = queen.removedOn === null ? null : addDays(queen.removedOn, LAST_QUEENABLE_AGE.value);
  const searched = look !== null && (searchedFrom === null || look.inspection.on >= searchedFrom);

  if (!emergence) {
    if (!searched && queen.removedOn !== null) {
      const care = careForVirgin(emergencyEmergence(queen.removedOn), settings);
      return beforeShutting(findCells(queen.removedOn, null), care);
    }
    if (!look) return NOTHING;
    return checks(actCheck(look) ?? { code: 'look', ...afterSearch(look, queen, settings) });
  }

  const care = careForVirgin(emergence, settings);
  const tooMany = live.length > KEPT_CELLS_AT_MOST.value;
  if (!searched && queen.removedOn !== null) {
    return beforeShutting(findCells(queen.removedOn, emergence), care);
  }
  if (!tooMany || !look) return care;
  const { on } = look.inspection;
  const latest = latestOf(on, addDays(emergence.earliest, -1));
  const thin: Check = {
    code: 'thin-cells',
    window: { earliest: on, ideal: latestOf(on, addDays(latest, -1)), latest },
    why: `${live.length} cells: keep one or two before the first virgin can be out on ${dayWords(emergence.earliest)}.`,
  };
  return beforeShutting(thin, care);
}

function findCells(removedOn: Day, known: Window | null): Check {
  return {
    code: 'find-cells',
    window: findCellsWindow(removedOn, known),
    why: `Queen gone since ${dayWords(removedOn)}: one look finds every cell before any virgin can be out.`,
  };
}

function afterSearch({ inspection, takenDown }: LookRead, { clipped }: QueenState, settings: Settings) {
  const { on, thoroughness } = inspection;
  const from = { on, thoroughness, cellsRemoved: takenDown > 0, clipped, alreadyDue: null, datesStand: false };
  return routineLook(from, settings);
}
