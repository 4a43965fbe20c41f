import type { Day } from '../calendar/day';
import { liftsBrood } from '../methods/lifts-brood';
import { methodNamed } from '../methods/methods';
import type { ProgrammePart } from '../programmes/facts';
import type { HalfKnown } from '../programmes/which-half';
import { isWithoutQueen } from '../queens/queen-questions';
import { onlyOn, type QueenState, withVirgin } from '../queens/queen-state';
import { roomFigures, type SettingsHere, yearHere } from '../settings/settings';
import { aboveExcluder } from '../space/above-excluder';
import { roomOf } from '../space/room';
import { triggersOf } from '../space/triggers';
import { laidBefore } from '../space/would-lay';
import { seasonPart } from '../year/beekeeping-year';
import { withLook } from './after-look';
import { afterQueenEvent } from './after-queen-event';
import { withNothingLeft } from './after-seen';
import { daysOf, type QueenEventFact } from './facts';
import { emergingOf, type Known, type Setting, withQueen } from './known';
import { partedDays } from './parted-days';
import { afterHalfKnown, afterProgrammeStart } from './queen-by-programme';
import type { Step } from './steps';
import { mayStillHoldQueen, type TrackedCell, takenFrom } from './track-cells';
import { withAnswer } from './with-answer';

/** One pure transition for each kind of step. */
const AFTER: {
  readonly [K in Step['kind']]: (
    known: Known,
    step: Extract<Step, { kind: K }>,
    setting: Setting,
    dueByLast: () => Day | null,
  ) => Known;
} = {
  half: (known, { part, half }) =>
    isOfAnotherPart(known, part, half) ? known : withQueen(known, afterHalfKnown(known.queen, { ...part, half })),
  queen: (known, { event }, { settings }) =>
    withQueen(known, withoutBrood(afterQueenEvent(known.queen, event, emergingOf(known)), event, settings)),
  given: (known, { departure }) => {
    const cell = known.cells.get(departure.cellId);
    if (!cell) return known;
    return { ...known, cells: new Map(known.cells).set(cell.cell.id, takenFrom(cell, departure.toColonyId)) };
  },
  arrived: (known, { on, arrival: { id, cell, travel } }) => {
    const isVirgin = travel === 'caged-virgin';
    const came: Known = {
      ...known,
      cells: new Map(known.cells).set(cell.cell.id, isVirgin ? asEmerged(cell) : cell),
      cellFacts: new Map(known.cellFacts).set(cell.cell.id, cell.cell),
      cellsKnownOn: on,
    };
    return isVirgin ? withQueen(came, withVirgin(known.queen, onlyOn(on), null, id)) : came;
  },
  programme: (known, { part }) => {
    const { on, keptCellIds } = part.programme;
    const carriesOn = part.queen === 'either' && isWithoutQueen(part.before ?? known.queen);
    const begun = withQueen(known, afterProgrammeStart(known.queen, part));
    const cells = withoutCleared(known, part);
    const tookDown = cells !== known.cells;
    // A cell given as a virgin in her cage is a virgin from that day.
    const virgin = keptCellIds.some((id) => known.cells.get(id)?.planBy.status === 'emerged');
    const withHer = virgin ? withQueen(begun, withVirgin(begun.queen, onlyOn(on), null, part.programme.id)) : begun;
    return {
      ...withHer,
      cells,
      searches: tookDown ? [...known.searches, { on, thoroughness: 'tip-up', cellsRemoved: true }] : known.searches,
      cutOffs: liftsBrood(part.programme.method) ? [...known.cutOffs, daysOf(part.programme)] : known.cutOffs,
      cellsKnownOn: keptCellIds.length > 0 ? on : known.cellsKnownOn,
      parts: [...known.parts, carriesOn ? { ...part, queen: 'taken', carriesOn, half: null, halves: [] } : part],
    };
  },
  survey: (known, { survey }, { settings, facts }) => {
    const figures = roomFigures(settings);
    const triggers = triggersOf(survey.hive, survey.coveredSeams, figures.sizes);
    const room = roomOf(
      survey,
      figures,
      laidBefore(facts.surveys, survey, figures.sizes, partedDays(facts.parts, survey)),
    );
    const before = known.frames;
    const above = aboveExcluder(survey, before);
    const isCutOff = above?.isNew === true && above.hasBrood && above.from.id === survey.id;
    const lookedOn = survey.source === 'survey' ? survey.on : (before?.lookedOn ?? survey.on);
    return {
      ...known,
      cutOffs: isCutOff ? [...known.cutOffs, { from: survey.on, to: survey.on }] : known.cutOffs,
      frames: { survey, lookedOn, room, triggers, above },
    };
  },
  answer: (known, { answer }, setting) => {
    const after = withAnswer(known, answer, setting);
    return { ...after, answers: [...known.answers, answer] };
  },
  look: (known, { inspection }, setting, dueByLast) => withLook(known, inspection, setting, dueByLast),
};

/**
 * What is known of a colony once a step has happened.
 *
 * @param dueByLast by when it was to be looked at, going by the last look
 */
export function afterStep(known: Known, step: Step, setting: Setting, dueByLast: () => Day | null): Known {
  const after = AFTER[step.kind](known, step as never, setting, dueByLast);
  // What is entered between two looks parts them.
  const isApart = step.kind !== 'look' && after !== known && after.beforeVisit !== null;
  return isApart ? { ...after, beforeVisit: null } : after;
}

/**
 * It carries on what was waited for before it was divided, and neither half has her; or it was divided again since, and of the two
 * parts that it has become, the later split tells.
 */
function isOfAnotherPart({ parts }: Known, { programme }: ProgrammePart, { is }: HalfKnown): boolean {
  const own = parts.findIndex((part) => part.programme.id === programme.id);
  if (parts[own]?.carriesOn) return true;
  const isDividedAgain = parts.some(({ queen }, i) => i > own && queen === 'either');
  return own >= 0 && isDividedAgain && (is === 'queen' || is === 'settled');
}

/** A colony without brood, between the last laying of a year and the first of the next, raises no queen from what it has. */
function withoutBrood(queen: QueenState, { kind, on }: QueenEventFact, settings: SettingsHere): QueenState {
  const isLost = kind === 'removed' || kind === 'lost';
  if (!isLost || queen.is !== 'raising' || seasonPart(on, yearHere(settings)) !== 'rest') return queen;
  return withNothingLeft(queen, on);
}

/** The cell of a virgin who has left it. */
function asEmerged(cell: TrackedCell): TrackedCell {
  const emerged = { status: 'emerged' } as const;
  return { ...cell, dates: { ...cell.dates, ...emerged }, planBy: { ...cell.planBy, ...emerged } };
}

/**
 * Cells that a method does not keep are down by the end of its day; in a unit that lost none by it they stay. So do those that were left
 * at a look of a later minute of that day, where no cell was named to be kept.
 */
function withoutCleared(
  { cells, lastLook }: Known,
  { programme, units }: ProgrammePart,
): ReadonlyMap<string, TrackedCell> {
  const { keptCellIds, on, method } = programme;
  const { clearsCells, raisesQueen } = methodNamed(method);
  const keepsSome = keptCellIds.length > 0 && raisesQueen !== null && units.includes(raisesQueen.unit);
  if (!clearsCells && !keepsSome) return cells;
  const { at } = programme;
  const isLater = lastLook && at !== null && lastLook.inspection.on === on && lastLook.inspection.at > at;
  const left = isLater && keptCellIds.length === 0 ? [...lastLook.liveCells, ...lastLook.liveAbove] : [];
  const kept = new Set([...keptCellIds, ...left.map(({ cell }) => cell.id)]);
  const down = [...cells].filter(([id, cell]) => !kept.has(id) && mayStillHoldQueen(cell, on));
  if (down.length === 0) return cells;
  return new Map([...cells, ...down.map(([id, cell]) => [id, takenFrom(cell, null)] as const)]);
}
