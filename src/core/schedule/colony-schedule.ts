import { figure } from '../biology/figure';
import { NUC_SETTLES, PRIME_SWARM_LAYS } from '../biology/mating';
import { SOURCES } from '../biology/sources';
import { addDays, type Day } from '../calendar/day';
import { spanOf } from '../calendar/window';
import { dayWords } from '../calendar/words';
import { emergencesOf } from '../colony/track-cells';
import type { CheckChangeFact } from '../programmes/facts';
import type { FollowUpState } from '../programmes/follow-up-state';
import { actCheck } from './act-check';
import { type Check, type CheckCode, checkKey } from './check';
import { applyChanges, type SkippedCheck } from './check-changes';
import { outOfLeaveShut, shutOn } from './leave-shut-wins';
import { makeRoomCheck } from './make-room';
import { programmeChecks } from './programme-checks';
import { cagedQueen, raisingQueen, virginExpected, windowAfter } from './queen-checks';
import { routineAfter } from './routine-after';
import { checks, type ScheduleFrom, type SchedulePart } from './schedule-part';
import { eggsWindow, emergencyEmergence, leaveShutSpan } from './virgin-care';

const FIRST_LOOK_WITHIN = figure('First look at a colony new to the book', 7, 'days', SOURCES.caution);
/** A look into the nest at a programme's check does for the routine look that would come at about the same time. */
const SAME_VISIT = figure(
  'A programme’s look does for a routine look due until then or',
  2,
  'days before',
  SOURCES.caution,
);
const FIRST_FULL_LOOK = figure(
  'First full look once a young queen lays',
  { early: 4, typical: 6, late: 7 },
  'days since her eggs were seen',
  SOURCES.caution,
);

export interface ColonySchedule extends SchedulePart {
  /** In order of the day they are best done. */
  readonly checks: readonly Check[];
  readonly skipped: readonly SkippedCheck[];
  /** Not done in time, and no longer to be done, since the hive is to be left shut by now. */
  readonly missed: readonly Check[];
}

export const EMPTY_SCHEDULE: ColonySchedule = { ...checks(), skipped: [], missed: [] };

/**
 * What is to be done at a colony next, and when it is to be left alone, from how it stands now: by its queen and its last reading,
 * with the follow-ups of its programmes. Nothing is left due on days on which it is to be left shut; what the keeper moved or left
 * out is moved or left out last.
 */
export function colonySchedule(
  from: ScheduleFrom,
  followUps: readonly FollowUpState[],
  changes: readonly CheckChangeFact[],
): ColonySchedule {
  const byQueen = scheduleByQueen(from, followUps);
  const own = programmeChecks(followUps, from.liveAbove);
  // Once there are cells, room alone is too late.
  const room = from.frames && from.liveCells.length === 0 ? makeRoomCheck(from.frames, from.queen, from.parts) : null;
  // The frames say more of a nest without room than the reading does.
  const isSaid = (check: Check) => room !== null && check.code === 'act' && from.look?.reading.reading === 'congested';
  const kept = byQueen.checks.filter((check) => !isSameVisit(check, own) && !isSaid(check));
  const shutNow = shutOn(byQueen.leaveShut, from.today) !== null;
  const isMissed = ({ code, window }: Check) => shutNow && ONLY_BEFORE.has(code) && window.latest < from.today;
  const dated = [...kept, ...own, ...(room ? [room] : [])].map((check) => outOfLeaveShut(check, byQueen.leaveShut));
  const changed = applyChanges(
    dated.filter((check) => !isMissed(check)),
    changes,
  );
  const bestOf = ({ plannedFor, window }: Check) => plannedFor ?? window.ideal;
  return {
    ...byQueen,
    // Of two on one day that comes first which can wait less.
    checks: [...changed.checks].sort((a, b) => bestOf(a) - bestOf(b) || a.window.latest - b.window.latest),
    skipped: changed.skipped,
    missed: dated.filter(isMissed),
  };
}

/** What has to be done before a virgin is out, or not at all. */
const ONLY_BEFORE: ReadonlySet<CheckCode> = new Set(['find-cells', 'thin-cells', 'move-parent']);

const LOOKS: ReadonlySet<CheckCode> = new Set(['nuc-settled', 'laying-check', 'bottom-check', 'which-half', 'united']);

function isSameVisit({ code, window }: Check, programme: readonly Check[]): boolean {
  if (code !== 'look' && code !== 'first-look') return false;
  return programme.some(
    (check) => LOOKS.has(check.code) && check.window.earliest <= addDays(window.latest, SAME_VISIT.value),
  );
}

function scheduleByQueen(from: ScheduleFrom, followUps: readonly FollowUpState[]): SchedulePart {
  const { queen, look, answers } = from;
  if (look?.reading.reading === 'drone-laying') return checks(actCheck(from));
  if (queen.eitherHalfSince !== null) return eitherHalf(from, queen.eitherHalfSince);
  if (queen.expected === 'caged' && queen.cagedOn !== null) return cagedQueen(from, queen.cagedOn);
  if (queen.expected === 'virgin' && queen.virginEmerged) return virginExpected(from, queen.virginEmerged);
  if (queen.expected === 'none' || queen.presumedGone) return raisingQueen(from);
  const eggsAnswered = answers.findLast(({ on }) => on === queen.lastEggsSeen);
  if (eggsAnswered && (!look || look.inspection.on < eggsAnswered.on))
    return firstFullLook(eggsAnswered.on, eggsAnswered.id);
  if (!look) return followUps.some(({ status }) => status === 'due') ? checks() : firstLook(from);
  const routine = routineAfter(from, look);
  const act = actCheck(from);
  return act && act.window.latest <= routine.window.latest ? checks(act) : checks(routine, act);
}

/** Nobody knows yet which half has the queen: from the day a virgin could be out, both are treated as hers. */
function eitherHalf({ settings, liveCells }: ScheduleFrom, since: Day): SchedulePart {
  const emergence = spanOf(emergencesOf(liveCells)) ?? emergencyEmergence(since);
  return {
    ...checks(),
    leaveShut: [leaveShutSpan(emergence, settings)],
    emergence,
    eggsBy: eggsWindow(emergence, settings),
  };
}

function firstFullLook(on: Day, answerId: string): SchedulePart {
  return checks({
    key: checkKey('look', answerId),
    code: 'look',
    window: windowAfter(on, FIRST_FULL_LOOK),
    why: `Eggs seen on ${dayWords(on)} in a few frames. The first full look since she lays.`,
    programme: null,
    plannedFor: null,
  });
}

function firstLook({ origin, startedOn }: ScheduleFrom): SchedulePart {
  const first = (code: CheckCode, window: Check['window'], why: string) =>
    checks({ key: checkKey(code, 'start'), code, window, why, programme: null, plannedFor: null });
  if (origin === 'prime-swarm') {
    const why = 'A hived swarm’s old queen lays again within three to seven days.';
    return first('laying-check', windowAfter(startedOn, PRIME_SWARM_LAYS), why);
  }
  if (origin === 'nuc') {
    return first(
      'nuc-settled',
      windowAfter(startedOn, NUC_SETTLES),
      'A new nuc: is she laying, is there food, are there cells?',
    );
  }
  const window = { earliest: startedOn, ideal: startedOn, latest: addDays(startedOn, FIRST_LOOK_WITHIN.value) };
  return first('first-look', window, 'Nothing has been entered for it yet.');
}
