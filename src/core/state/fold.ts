import { addDays, type Day } from '../calendar/day';
import { type ColonyCellDates, colonyCellDates } from '../cells/date-cells';
import { afterStep } from '../colony/after-step';
import { type Aged, agedBy, OLD_AFTER_ROUTINE, withTimePassed } from '../colony/aged';
import { endedOn } from '../colony/ended-on';
import type { ColonyFacts } from '../colony/facts';
import type { InspectionKnown, InspectionRead } from '../colony/inspection-known';
import { atStart, type BroodSeen, isBelow, type Known, lastKnownLive, type Setting } from '../colony/known';
import { firstLookFrom, knownSince } from '../colony/known-since';
import { type Step, stepsOf } from '../colony/steps';
import type { TrackedCell } from '../colony/track-cells';
import { withSurveys } from '../colony/with-surveys';
import { lazily } from '../lazily';
import { checkKey } from '../programmes/check-key';
import type { CheckAnswerFact, PartFact, ProgrammePart } from '../programmes/facts';
import { type FollowUpState, followUpsOf } from '../programmes/follow-up-state';
import { partBy } from '../programmes/parts';
import type { QueenState } from '../queens/queen-state';
import { patienceWith } from '../queens/virgin-care';
import { type VirginFlights, virginFlights } from '../queens/virgin-flights';
import { type ColonySchedule, colonySchedule, EMPTY_SCHEDULE } from '../schedule/colony-schedule';
import type { SurveyedFrames } from '../schedule/make-room';
import { roomFigures, type Settings, yearAt } from '../settings/settings';
import { factsBefore, halvesCarried } from './divided';

export type { Step } from '../colony/steps';

/** The schedule as it stood once something had happened. */
export interface ScheduleThen {
  readonly step: Step;
  readonly schedule: ColonySchedule;
}

/** A colony as it stands on one day. All of it follows from the facts; none of it is stored. */
export interface ColonyState {
  readonly today: Day;
  readonly knownSince: Day;
  /** In order of time. */
  readonly inspections: readonly InspectionKnown[];
  readonly lastInspection: InspectionKnown | null;
  /** What its last reading has become by today; null: it still stands. */
  readonly aged: Aged | null;
  readonly cells: readonly TrackedCell[];
  /** Cells that may hold a queen, apart from those above the excluder of a Demaree. */
  readonly liveCells: readonly TrackedCell[];
  readonly cellDates: ColonyCellDates;
  readonly queen: QueenState;
  /** Its frames as last surveyed or moved, and the room that follows; null: they never were. */
  readonly frames: SurveyedFrames | null;
  /** From the last inspection that noted the youngest brood; null when none did. */
  readonly lastLaid: BroodSeen | null;
  /** Programmes begun by today, in order of time. */
  readonly parts: readonly ProgrammePart[];
  /** Given by today, in order of time; those that follow from an inspection are not among them. */
  readonly answers: readonly CheckAnswerFact[];
  /** Of those programmes, whatever became of them. */
  readonly followUps: readonly FollowUpState[];
  readonly schedule: ColonySchedule;
  /** How the schedule came to be what it is, in order of time. Reckoned when it is asked for: few screens show it. */
  readonly schedules: () => readonly ScheduleThen[];
  /** Of its virgin, once she may be out; null: it has none, or nothing is known of the weather where it stands. */
  readonly flights: VirginFlights | null;
  readonly ended: boolean;
}

function scheduleOf(
  known: Known,
  look: InspectionRead | null,
  { facts, settings, today, changes }: Setting,
  aged: Aged | null,
): ColonySchedule {
  const live = lastKnownLive(known);
  const { origin } = facts;
  const { queen, alreadyDue, parts, told, frames, followUps } = known;
  const liveCells = live.filter(isBelow);
  const liveAbove = live.filter((cell) => !isBelow(cell));
  return colonySchedule(
    {
      startedOn: knownSince(facts),
      firstLookFrom: firstLookFrom(facts),
      origin,
      look,
      queen,
      aged,
      liveCells,
      liveAbove,
      patientUntil: patienceWith(queen, facts, followUps),
      alreadyDue: look ? alreadyDue : () => null,
      parts,
      answers: told,
      frames,
      afternoons: facts.afternoons ?? null,
      settings,
      today,
    },
    followUps,
    changes,
  );
}

/** Schedules of longer ago are history; what is due now follows from what came after. */
const SCHEDULES_KEPT_FOR = 400;

/** What is known once all steps have happened; `told` hears what was known after each. */
function afterAll(steps: readonly Step[], setting: Setting, told: (known: Known, step: Step) => void): Known {
  const { settings, today } = setting;
  let known = atStart(setting);
  let dueByLast: () => Day | null = () => null;
  for (const step of steps) {
    known = afterStep(known, step, setting, dueByLast);
    if (known.parts.length > 0) {
      const before = { followUps: known.followUps, on: step.on };
      known = { ...known, followUps: followUpsOf(known.parts, known.told, settings, today, before) };
    }
    if (step.kind === 'look' && isRecent(step, today)) dueByLast = nextLook(known, setting);
    told(known, step);
  }
  return known;
}

const isRecent = ({ on }: Step, today: Day): boolean => on >= today - SCHEDULES_KEPT_FOR;

/** Goes through all steps once more: few ask, and what was known at each would be held for all that do not. */
function schedulesOf(steps: readonly Step[], setting: Setting): readonly ScheduleThen[] {
  const schedules: ScheduleThen[] = [];
  afterAll(steps, setting, (known, step) => {
    if (isRecent(step, setting.today)) schedules.push({ step, schedule: scheduleNow(known, setting) });
  });
  return schedules;
}

/**
 * The state of a colony on `today` from its facts, which may come in any order. Facts dated after `today` are not yet known
 * and do not count.
 */
export function foldColony(facts: ColonyFacts, ofBook: Settings, today: Day): ColonyState {
  const settings = { ...ofBook, yearHere: yearAt(facts, ofBook) };
  const figures = roomFigures(settings);
  const inspections = facts.inspections.map((inspection) => withSurveys(inspection, facts, figures));
  const changes = facts.changes.filter(({ on }) => on <= today);
  const setting: Setting = { facts: { ...facts, inspections }, settings, today, changes };
  const divided = facts.parts.map((part) => ({ part, before: queenBefore(part, ofBook) }));
  const parts = divided.map(({ part, before }) => partBy(part, inspections, facts.answers, today, before));
  const carried = divided.flatMap(({ part, before }) => halvesCarried(part, before, today));
  const steps = stepsOf(setting.facts, parts, today, carried);
  const looks: InspectionKnown[] = [];
  const followed = afterAll(steps, setting, ({ lastLook }, step) => {
    if (step.kind !== 'look' || !lastLook) return;
    // Of a visit entered in two goes each entry keeps what it says itself.
    looks.push(lastLook.inspection === step.inspection ? lastLook : { ...lastLook, inspection: step.inspection });
  });
  const byTime = agedBy(followed, today, settings);
  const known = withTimePassed(followed, byTime);
  const cells = [...known.past.values(), ...known.cells.values()].sort((a, b) => a.firstSeen - b.firstSeen);
  const lastDay = endedOn(facts.endedOn, known.parts);
  const ended = lastDay !== null && lastDay <= today;
  const schedule = ended ? EMPTY_SCHEDULE : scheduleNow(known, setting, byTime);
  return {
    today,
    knownSince: knownSince(facts),
    inspections: looks,
    lastInspection: known.lastLook,
    aged: byTime ?? oldReading(followed, schedule, today),
    cells,
    liveCells: lastKnownLive(known).filter(isBelow),
    cellDates: colonyCellDates(
      cells.filter(({ goneMissing, overdueOn }) => !goneMissing && overdueOn === null).map(({ planBy }) => planBy),
    ),
    queen: known.queen,
    frames: known.frames,
    lastLaid: known.brood,
    parts: known.parts,
    answers: known.answers,
    followUps: known.followUps,
    schedule,
    flights: flightsOf(schedule, facts, today),
    schedules: lazily(() => schedulesOf(steps, setting)),
    ended,
  };
}

function queenBefore(part: PartFact, settings: Settings): QueenState | null {
  const before = factsBefore(part);
  return before && foldColony(before, settings, part.programme.on).queen;
}

/** A virgin is waited for whose eggs are yet to be seen, and she may be out by now. */
function flightsOf(
  { emergence, eggsBy }: ColonySchedule,
  { afternoons }: ColonyFacts,
  today: Day,
): VirginFlights | null {
  if (!afternoons || !emergence || !eggsBy || emergence.earliest > today) return null;
  return virginFlights(emergence, afternoons, today);
}

/** By when it is to be looked at again, as known right after a look. */
const nextLook = (known: Known, setting: Setting): (() => Day | null) =>
  lazily(() => scheduleNow(known, setting).checks[0]?.window.latest ?? known.alreadyDue());

const scheduleNow = (known: Known, setting: Setting, aged: Aged | null = null): ColonySchedule =>
  scheduleOf(known, known.lastLook, setting, aged);

/** The look that was to follow the last one is long overdue: what that said is of its day. */
function oldReading({ lastLook, queen }: Known, { checks }: ColonySchedule, today: Day): Aged | null {
  if (!lastLook || lastLook.queenAfter !== queen) return null;
  const { id, on } = lastLook.inspection;
  const due = checks.find(({ key }) => key === checkKey('look', id));
  const since = due && addDays(due.window.latest, OLD_AFTER_ROUTINE.value + 1);
  return since !== undefined && since <= today
    ? { as: 'old', since, seenOn: on, read: lastLook.reading.reading }
    : null;
}
