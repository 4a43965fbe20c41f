import { figure } from '../biology/figure';
import { NUC_SETTLES, PRIME_SWARM_LAYS } from '../biology/mating';
import { addDays, type Day, earliestOf, latestOf } from '../calendar/day';
import type { CheckWindow } from '../calendar/window';
import { isFullSearch } from '../cells/thoroughness';
import { checkKey } from '../programmes/check-key';
import type { CheckChangeFact } from '../programmes/facts';
import type { FollowUpState } from '../programmes/follow-up-state';
import { lays, requeeningIdOf } from '../queens/queen-questions';
import type { Laying } from '../queens/queen-state';
import { yearHere } from '../settings/settings';
import { seasonPart, workingYear } from '../year/beekeeping-year';
import { actCheck } from './act-check';
import { cagedQueen } from './caged-queen';
import { aCheck, type Check, type CheckCode, type LeaveShut } from './check';
import { applyChanges, type SkippedCheck } from './check-changes';
import { doubtCheck } from './doubt-check';
import { eitherHalf } from './either-half';
import { excluderCheck } from './excluder-check';
import { windowAfter } from './in-cycle';
import { outOfLeaveShut } from './leave-shut-wins';
import { makeRoomCheck } from './make-room';
import { programmeChecks } from './programme-checks';
import { giveTestComb, lateQueen, raisingQueen, virginExpected } from './queen-checks';
import { FIRST_LOOK_WITHIN } from './routine';
import { routineAfter } from './routine-after';
import { say } from './says';
import { checks, type ScheduleFrom, type SchedulePart } from './schedule-part';

/** A look into the nest at a programme's check does for the routine look that would come at about the same time. */
const SAME_VISIT = figure('a-programmes-look-does-for-a-routine-look-due-until-then-or', 2, 'days-before', 'caution');
const FIRST_FULL_LOOK = figure(
  'first-full-look-once-a-young-queen-lays',
  { early: 4, typical: 6, late: 7 },
  'days-since-her-eggs',
  'caution',
);
/** No living colony is left longer than this without a date, unless it is to be left shut or a programme says so. */
export const DATE_WITHIN = figure('a-colony-has-a-date-within', 21, 'days', 'caution');

export interface ColonySchedule extends SchedulePart {
  /** In order of the day they are best done. */
  readonly checks: readonly Check[];
  readonly skipped: readonly SkippedCheck[];
  /** Not done in time, and no longer to be done: a virgin may be out by now. */
  readonly missed: readonly Check[];
}

export const EMPTY_SCHEDULE: ColonySchedule = { ...checks(), skipped: [], missed: [] };

/**
 * What is to be done at a colony next, and when it is to be left alone, from how it stands now: by its queen and its last reading,
 * with the follow-ups of its programmes. Nothing is left due on days on which it is to be left shut; what the keeper moved or left
 * out is moved or left out last. There is always a date.
 */
export function colonySchedule(
  from: ScheduleFrom,
  followUps: readonly FollowUpState[],
  changes: readonly CheckChangeFact[],
): ColonySchedule {
  const byQueen = scheduleByQueen(from, followUps);
  const own = programmeChecks(followUps, from.liveAbove);
  // Once there are cells, room alone is too late.
  const room =
    from.frames && from.liveCells.length === 0
      ? makeRoomCheck(from.frames, from.queen, from.parts, from.today, yearHere(from.settings))
      : null;
  // The frames say more of a nest without room than the reading does, and say last whether room was made since.
  const toldByFrames = from.frames !== null && from.look !== null && from.frames.survey.on >= from.look.inspection.on;
  const isSaid = (check: Check) =>
    (room !== null || toldByFrames) && check.code === 'act' && from.look?.reading.reading === 'congested';
  const kept = byQueen.checks.filter((check) => !isSameVisit(check, own) && !isSaid(check));
  const doubt = doubtCheck(from);
  const excluder = excluderCheck(from);
  const all = [...kept, ...own, ...(room ? [room] : []), ...(doubt ? [doubt] : []), ...(excluder ? [excluder] : [])];
  const dated = all.map((check) => outOfLeaveShut(check, byQueen.leaveShut));
  const isMissed = (check: Check) => isMoot(check, byQueen.leaveShut, from.today);
  const changed = applyChanges(
    dated.filter((check) => !isMissed(check)),
    changes,
  );
  const bestOf = ({ plannedFor, window }: Check) => plannedFor ?? window.ideal;
  const withDate = [...changed.checks, ...nextDate(from, changed.checks, byQueen.leaveShut)];
  return {
    ...byQueen,
    // Of two on one day that comes first which can wait less.
    checks: withDate.sort((a, b) => bestOf(a) - bestOf(b) || a.window.latest - b.window.latest),
    skipped: changed.skipped,
    missed: dated.filter(isMissed),
  };
}

/** What has to be done before a virgin is out, or not at all. */
const ONLY_BEFORE: ReadonlySet<CheckCode> = new Set(['find-cells', 'thin-cells', 'move-parent']);

/** It was to be done before a virgin could be out, and was not: once she may be, it is never asked for again. */
function isMoot({ code, window }: Check, leaveShut: readonly LeaveShut[], today: Day): boolean {
  const isShutSince = leaveShut.some(({ from, to }) => from <= to && from <= today);
  return ONLY_BEFORE.has(code) && window.latest < today && isShutSince;
}

const LOOKS: ReadonlySet<CheckCode> = new Set(['nuc-settled', 'laying-check', 'bottom-check', 'which-half', 'united']);

function isSameVisit({ code, window }: Check, programme: readonly Check[]): boolean {
  if (code !== 'look' && code !== 'first-look') return false;
  return programme.some(
    (check) => LOOKS.has(check.code) && check.window.earliest <= addDays(window.latest, SAME_VISIT.value),
  );
}

function scheduleByQueen(from: ScheduleFrom, followUps: readonly FollowUpState[]): SchedulePart {
  const { queen, look } = from;
  if (look?.reading.reading === 'drone-laying') return checks(actCheck(from) ?? routineAfter(from, look));
  switch (queen.is) {
    case 'either-half':
      return eitherHalf(from, queen.since);
    case 'caged':
      return cagedQueen(from, queen);
    case 'virgin':
      return virginExpected(from, queen);
    case 'going':
    case 'raising':
    case 'without':
      return raisingQueen(from, queen);
    case 'laying':
      return whereSheLays(from, queen, followUps);
    case 'not-known':
      return whereSheLays(from, null, followUps);
  }
}

/** @param queen null: nobody has said anything of her */
function whereSheLays(from: ScheduleFrom, queen: Laying | null, followUps: readonly FollowUpState[]): SchedulePart {
  const { look } = from;
  const { overdue } = from.queen;
  if (overdue?.is === 'late-but-there') return lateQueen(from, overdue.on, null);
  const comb = overdue && giveTestComb(from, overdue.on);
  if (comb) return checks(comb);
  const laysSince = queen?.laysSince ?? null;
  const lookedFully = look && isFullSearch(look.inspection.thoroughness) ? look.inspection.on : null;
  if (laysSince && (lookedFully === null || lookedFully < laysSince.on))
    return firstFullLook(laysSince.on, laysSince.id);
  const isAsked = followUps.some(({ status }) => status === 'due');
  const arrivedOn = queen?.arrivedOn ?? null;
  const arrived = arrivedOn !== null && !isAsked ? settlingCheck(from, arrivedOn) : null;
  if (!look) return arrived ? checks(arrived) : isAsked ? checks() : firstLook(from);
  const routine = routineAfter(from, look);
  const act = actCheck(from);
  // Want of room answers no question about cells: the look by the usual rule stands beside it.
  const isActFirst = act !== null && act.reading !== 'congested' && act.window.latest <= routine.window.latest;
  if (arrived) return checks(arrived, act, act ? null : routine);
  return isActFirst ? checks(act) : checks(routine, act);
}

function firstFullLook(on: Day, factId: string): SchedulePart {
  return checks(
    aCheck({
      key: checkKey('look', factId),
      code: 'look',
      window: windowAfter(on, FIRST_FULL_LOOK),
      why: say('first-full-inspection', { eggsOn: on }),
    }),
  );
}

/** A queen who came with a swarm or a nuc: does she lay here? Looked for early and not found, it is looked again. */
function settlingCheck({ origin, look }: ScheduleFrom, arrivedOn: Day): Check {
  const isNuc = origin === 'nuc';
  const planned = windowAfter(arrivedOn, isNuc ? NUC_SETTLES : PRIME_SWARM_LAYS);
  const looked = look && look.inspection.eggs === 'none' && look.inspection.on >= arrivedOn ? look.inspection.on : null;
  const window = looked === null ? planned : againWithin(planned, looked);
  return aCheck({
    key: checkKey(isNuc ? 'nuc-settled' : 'laying-check', 'start'),
    code: isNuc ? 'nuc-settled' : 'laying-check',
    window,
    why: say(isNuc ? 'new-nuc' : 'hived-swarm'),
  });
}

const LOOK_AGAIN_AFTER = figure('look-for-eggs-again-where-there-were-none-yet', 3, 'days', 'caution');

/** Some days after an empty look, within the window that is left of it. */
export function againWithin({ latest }: CheckWindow, looked: Day): CheckWindow {
  const next = addDays(looked, LOOK_AGAIN_AFTER.value);
  const last = latestOf(latest, addDays(looked, 1));
  return { earliest: earliestOf(next, last), ideal: last, latest: last };
}

function firstLook({ firstLookFrom, parts }: ScheduleFrom): SchedulePart {
  const half = parts.findLast((part) => part.half !== null)?.half;
  const since = half ? half.on : firstLookFrom;
  return checks(
    aCheck({
      key: checkKey('first-look', 'start'),
      code: 'first-look',
      window: { earliest: since, ideal: since, latest: addDays(since, FIRST_LOOK_WITHIN.value) },
      why: half ? say('she-is-in-this-half', { on: half.on }) : say('nothing-entered-yet'),
    }),
  );
}

/**
 * A look where nothing else gives the colony a date soon enough: none is left that presses, it is not to be left shut, and no
 * programme asks for it later. Not in the rest of winter.
 */
function nextDate(from: ScheduleFrom, asked: readonly Check[], leaveShut: readonly LeaveShut[]): readonly Check[] {
  const { today, look, settings, firstLookFrom, queen } = from;
  const shut = leaveShut.findLast(({ from: first, to }) => first <= to && to >= today);
  if (shut) return asked.some(({ window }) => window.latest > shut.to) ? [] : [afterShut(from, shut)];
  const soon = addDays(today, DATE_WITHIN.value);
  const hasDate = asked.some(
    ({ window, plannedFor, programme }) =>
      (plannedFor ?? window.earliest) <= soon || programme !== null || window.earliest > endOfWork(from),
  );
  if (hasDate || seasonPart(today, yearHere(settings)) === 'rest') return [];
  if (asked.some(({ code }) => code === 'look')) return [];
  if (look) return [routineAfter(from, look)];
  const since = latestOf(firstLookFrom, queen.lastProof?.on ?? firstLookFrom);
  return [
    aCheck({
      key: checkKey('look', 'next'),
      code: 'look',
      window: { earliest: since, ideal: since, latest: addDays(since, FIRST_LOOK_WITHIN.value) },
      why: say(lays(queen) ? 'nothing-else-due' : 'see-how-it-stands'),
    }),
  ];
}

/** What was to follow the days on which it is left shut was left out or is done: how it stands is seen once it may be opened. */
function afterShut({ queen }: ScheduleFrom, { to }: LeaveShut): Check {
  const earliest = addDays(to, 1);
  return aCheck({
    key: checkKey('look', `shut:${requeeningIdOf(queen) ?? 'start'}`),
    code: 'look',
    window: { earliest, ideal: earliest, latest: addDays(to, FIRST_LOOK_WITHIN.value) },
    why: say('may-be-opened-again', { from: earliest }),
  });
}

/** The last day of the beekeeping year that `today` lies in; in the rest that year is over. */
function endOfWork({ today, settings }: ScheduleFrom): Day {
  const year = yearHere(settings);
  return seasonPart(today, year) === 'rest' ? addDays(today, -1) : workingYear(today, year).to;
}
