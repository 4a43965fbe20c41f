import { type Day, daysBetween } from '../calendar/day';
import type { DayRange } from '../calendar/window';
import { STAGES } from '../cells/stage';
import { isActedOn } from '../colony/acted-on';
import { isSaidFirst, readingToday } from '../colony/aged';
import { fitFactsOf } from '../colony/fit-facts';
import { stageByNow } from '../colony/inspection-known';
import { mayStillHoldQueen, type TrackedCell } from '../colony/track-cells';
import { methodNamed } from '../methods/methods';
import type { Thing } from '../methods/thing';
import { cagedOn, isClipped, lateButThereOn, noEggsOn } from '../queens/queen-questions';
import { shutOn } from '../schedule/leave-shut-wins';
import { colonyOnDay } from '../schedule/standing';
import type { EarlyFirst } from '../settings/schools';
import { TENTHS } from '../space/content';
import { broodBoxes, supers } from '../space/hive';
import type { ColonyState } from '../state/fold';
import type { SeasonPart } from '../year/place-year';
import type { ChoicesAsked, ColonyAsked, PlaceAsked } from './asked';
import { NUC_DAYS, OF_A_NUC } from './strength';

/** What of the place and of the keeper the order of a colony's choices follows from. */
export interface BesideColony {
  readonly season: SeasonPart;
  readonly flow: DayRange | null;
  /** The coldest of the next five nights, C; null: not known. */
  readonly coldestOfNextFive: number | null;
  readonly secondStand: boolean | null;
  readonly otherColonies: number;
  readonly wanted: ChoicesAsked['wanted'];
  readonly earlyFirst: EarlyFirst;
  /** Null: not counted. */
  readonly kit: readonly Thing[] | null;
}

const SEASONS: { readonly [P in SeasonPart]: PlaceAsked['season'] } = {
  'build-up': 'build-up',
  'swarm-season': 'swarm',
  'after-season': 'after',
  rest: 'rest',
};

/** What is asked of a colony's choices, from how it stands today. What nobody looked for stays that. */
export function askedOf(state: ColonyState, beside: BesideColony): ChoicesAsked {
  const { season, flow, coldestOfNextFive, secondStand, otherColonies, wanted, earlyFirst, kit } = beside;
  const drones = fitFactsOf(state, flow).drones ?? 'not-looked-for';
  return {
    on: state.today,
    ...readFor(state),
    colony: colonyOf(state, flow),
    place: { drones, coldestOfNextFive, flow, season: SEASONS[season], secondStand, otherColonies },
    wanted,
    earlyFirst,
    kit,
  };
}

type Read = Pick<ChoicesAsked, 'reading' | 'underWay'>;

/** What its last look has become by today, unless something befell the queen or was done about it since: as the headline has it. */
function readFor(state: ColonyState): Read {
  const { lastInspection, queen, aged, parts } = state;
  const read = (reading: Read['reading']): Read => ({ reading, underWay: false });
  if (cagedOn(queen) !== null) return read('not-laying');
  if (isSaidFirst(aged, queen)) {
    if (aged.as === 'may-have-swarmed') return read('may-have-swarmed');
    if (aged.as === 'old' || aged.as === 'may-have-cells') return read('not-enough-seen');
    return read(aged.as === 'eggs-overdue' ? 'awaiting-eggs' : (readingToday(state) ?? 'not-enough-seen'));
  }
  if (queen.overdue) return read(queen.overdue.is === 'no-eggs' ? 'awaiting-eggs' : 'not-laying');
  const isNotedSince = !lastInspection || lastInspection.queenAfter !== queen;
  const since = lastInspection ?? null;
  const isDone = isActedOn(
    { on: since?.inspection.on ?? state.knownSince, reading: since?.reading.reading ?? 'not-enough-seen' },
    parts,
  );
  if (queen.is === 'either-half') return { reading: 'raising-queen', underWay: true };
  const looked = since?.reading.reading ?? 'not-enough-seen';
  if (isNotedSince || isDone || OF_A_LAYING_QUEEN.has(looked)) {
    if (queen.is === 'raising' || queen.is === 'without') {
      return { reading: 'raising-queen', underWay: queen.programme !== null };
    }
    if (queen.is === 'virgin') return read('virgin-loose');
    if (queen.is === 'going') return read('swarmed');
    if (isDone) return { reading: 'settled', underWay: isRunning(state) };
  }
  return read(looked);
}

/** What is only read of a colony whose queen is expected to lay: of another it would ask for what cannot be done. */
const OF_A_LAYING_QUEEN: ReadonlySet<Read['reading']> = new Set([
  'early-preparing',
  'preparing',
  'swarm-imminent',
  'congested',
  'cups-only',
  'settled',
]);

/** Something is still to be looked at of what was begun. */
const isRunning = ({ followUps }: ColonyState): boolean => followUps.some(({ status }) => status === 'due');

function colonyOf(state: ColonyState, flow: DayRange | null): ColonyAsked {
  const { today, lastInspection, queen, frames, cellDates } = state;
  const facts = fitFactsOf(state, flow);
  const look = lastInspection?.inspection ?? null;
  const isToday = look?.on === today;
  const hive = frames?.survey.hive ?? null;
  const live = state.liveCells.filter((cell) => mayStillHoldQueen(cell, today));
  const stores = facts.stores;
  const usual = isYoungNuc(state) ? OF_A_NUC : null;
  return {
    broodFrames: facts.broodFrames ?? usual?.frames ?? null,
    coveredSeams: facts.coveredSeams ?? usual?.seams ?? null,
    queenFound: !isToday || look.queen === 'not-looked-for' ? 'not-looked-for' : look.queen === 'seen' ? 'today' : 'no',
    eggs: look?.eggs ?? 'not-looked-for',
    cells: { count: live.length, oldest: oldestOf(live, today) },
    earliestEmergence: live.length > 0 ? cellDates.firstEmergence : null,
    earliestSealing: live.length > 0 ? cellDates.firstSealing : null,
    broodBoxes: Math.min(3, Math.max(1, hive ? broodBoxes(hive).length : 1)) as 1 | 2 | 3,
    supers: hive ? supers(hive).length : 0,
    coveredTenths: tenthsOf(frames?.triggers.topBoxCovered) ?? ofOneBox(facts.coveredSeams),
    fullestSuperTenths: tenthsOf(frames?.triggers.supersFull),
    bound: stores === 'not-looked-for' ? 'not-known' : stores === 'room' ? 'none' : stores,
    clipped: isClipped(queen),
    layingWorkers: look?.severalEggsPerCell === 'seen' && look.queen !== 'seen',
    leaveShutTo: shutToOf(state),
    cause: lastInspection?.reading.cause ?? null,
    eggsOverdue: noEggsOn(queen) !== null || state.aged?.as === 'eggs-overdue',
    testFrame: testFrameOf(state, live.length > 0),
    virgin: look?.queenSeenAs === 'virgin' ? 'seen' : isTooting(look?.piping) ? 'heard' : 'no',
    // What it was left without is known once somebody has looked.
    broodYoung: queen.is !== 'without',
  };
}

const isYoungNuc = ({ parts, today }: ColonyState): boolean =>
  parts.some(
    ({ units, programme }) =>
      units.some((unit) => unit.endsWith('nuc')) && daysBetween(programme.on, today) <= NUC_DAYS,
  );

const tenthsOf = (share: number | null | undefined): number | null =>
  share === null || share === undefined ? null : Math.floor(share * TENTHS + 1e-9);

/** Where its boxes are not known, so many seams as one box has are those of one; more say nothing of the top one. */
const ofOneBox = (seams: number | null): number | null => (seams !== null && seams <= TENTHS ? seams : null);

const isTooting = (piping: string | undefined): boolean => piping === 'tooting' || piping === 'both';

/** Days after laying from which a closed cell is ripe. */
const RIPE_AGE = STAGES['sealed-ripe'].ages?.from as number;
const OLDEST = ['egg', 'larva', 'sealed', 'ripe', 'emerged'] as const;

/** The furthest that one of the cells is by today. */
function oldestOf(cells: readonly TrackedCell[], today: Day): ColonyAsked['cells']['oldest'] {
  const ages = cells.map((cell) => {
    const { group } = STAGES[stageByNow(cell, { on: today })];
    const laidBy = cell.planBy.laid?.to ?? today;
    if (group === 'sealed' && daysBetween(laidBy, today) >= RIPE_AGE) return 'ripe';
    return group === 'sealed' ? 'sealed' : group === 'larva' ? 'larva' : group === 'over' ? 'emerged' : 'egg';
  });
  return OLDEST.findLast((one) => ages.includes(one)) ?? 'none';
}

/** The last day on which it is to be left shut; null: it is not today, or the day itself asks for a look. */
function shutToOf({ schedule, today }: ColonyState): Day | null {
  const shut = shutOn(schedule.leaveShut, today);
  if (!shut) return null;
  const isAsked = colonyOnDay(schedule, today).due.some(({ check }) => check.opens && check.window.earliest <= today);
  return isAsked ? null : shut.to;
}

/** What a test frame has told since the queen was missed. */
function testFrameOf({ parts, followUps, queen }: ColonyState, hasCells: boolean): ColonyAsked['testFrame'] {
  const given = parts.findLast(({ programme }) => programme.method === methodNamed('test-comb').name);
  if (!given) return 'none';
  const read = followUps.find(({ programmeId, code }) => programmeId === given.programme.id && code === 'read-comb');
  if (read?.status === 'due') return 'given';
  if (lateButThereOn(queen) !== null) return 'no-cells';
  return hasCells ? 'cells' : 'none';
}
