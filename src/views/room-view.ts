import type { Day } from '../core/calendar/day';
import type { DayRange } from '../core/calendar/window';
import type { MethodName } from '../core/methods/method';
import { seasonPart } from '../core/schedule/beekeeping-year';
import { allSizes, roomFigures, type Settings, swarmMonthsAt } from '../core/settings/settings';
import { broodFrameCount } from '../core/space/hive';
import type { Flow } from '../core/space/nectar';
import { openOrInterleave } from '../core/space/open-or-interleave';
import { asIs } from '../core/space/proposals/proposal';
import { propose as layOut } from '../core/space/proposals/propose';
import { outRange, type Room } from '../core/space/room';
import type { Triggers } from '../core/space/triggers';
import { movedFrames } from '../core/space/work-list/order';
import { inWords } from '../words/in-words';
import { methodTitle } from '../words/methods/methods';
import { roomPhrases } from '../words/pages/room';
import { storedRoomWords } from '../words/room';
import { flowWords } from '../words/scale';
import type { AllApiaries, StandingColony } from './all-apiaries';
import { coldestAt, NOTHING_MEASURED, type ScaleNow } from './measured';

/** What to do for a colony short of room, and why that. */
export interface RoomProposal {
  readonly method: MethodName;
  readonly title: string;
  readonly why: string;
}

export interface RoomLine {
  readonly colonyId: string;
  readonly name: string;
  readonly apiary: string;
  readonly headline: string;
  readonly isPressing: boolean;
  readonly because: readonly string[];
  /** Until when the frames are known. */
  readonly seenOn: Day;
  readonly out: DayRange | null;
  readonly course: Room['course'];
  readonly proposals: readonly RoomProposal[];
  /** What the supers want, in words. */
  readonly supers: readonly string[];
  /** What its own scale says of the flow; null: it stands on none. */
  readonly scale: string | null;
}

export interface RoomView {
  /** The soonest out of room first. */
  readonly lines: readonly RoomLine[];
  /** Nobody has told what is on their frames. */
  readonly unknown: readonly { readonly colonyId: string; readonly name: string; readonly apiary: string }[];
}

/**
 * How long each colony’s queen has room, the soonest out first, and what would give her more.
 *
 * @param saidC the coldest of the next five nights as the keeper says, °C; null: as it is known at each apiary
 */
export function roomView(
  { colonies, settings, measured = NOTHING_MEASURED }: AllApiaries,
  saidC: number | null,
): RoomView {
  const known = colonies.filter(({ state }) => state.frames !== null);
  return {
    lines: known
      .map((one) => ({
        ...roomLine(one, settings, saidC ?? coldestAt(measured, one.apiary.id)),
        scale: scaleBeside(one.state.frames?.survey.flow ?? 'none', measured.scales.get(one.colony.id)),
      }))
      .sort((a, b) => rank(a) - rank(b) || (a.out?.from ?? LAST) - (b.out?.from ?? LAST) || (a.name < b.name ? -1 : 1)),
    unknown: colonies
      .filter(({ state }) => state.frames === null)
      .map(({ colony, apiary }) => ({ colonyId: colony.id, name: colony.name, apiary: apiary.name })),
  };
}

/** The coldest night at each apiary as it is known there; null: at none of them. */
export function nightsByApiary({ apiaries, measured = NOTHING_MEASURED }: AllApiaries): string | null {
  const known = apiaries.flatMap(({ id, name }) => {
    const coldestC = coldestAt(measured, id);
    return coldestC === null ? [] : [{ name, coldestC }];
  });
  return known.length === 0 ? null : roomPhrases.nightsKnown(known);
}

/** What the survey said of the flow beside what the scale shows. */
const scaleBeside = (entered: Flow, scale: ScaleNow | undefined): string | null =>
  scale ? `${roomPhrases.flowEntered(entered)} ${flowWords(scale)}` : null;

const LAST = Number.POSITIVE_INFINITY;
const rank = ({ isPressing }: RoomLine) => (isPressing ? 0 : 1);

function roomLine(
  { colony, apiary, state }: StandingColony,
  settings: Settings,
  coldestNightC: number | null,
): Omit<RoomLine, 'scale'> {
  const { survey, room, triggers } = state.frames as NonNullable<typeof state.frames>;
  const words = storedRoomWords(survey, room, roomFigures(settings), state.today);
  const broodFrames = broodFrameCount(survey.hive);
  const frames = state.frames as NonNullable<typeof state.frames>;
  const canLayOut = (method: MethodName) => canBeLaidOut(method, frames, settings, coldestNightC);
  return {
    colonyId: colony.id,
    name: colony.name,
    apiary: apiary.name,
    ...words,
    seenOn: survey.on,
    out: outRange(room),
    course: room.course,
    proposals: proposalsFor(
      room,
      triggers,
      { coldestNightC, broodFrames, coveredSeams: survey.coveredSeams },
      settings,
      // Nobody gives a second box or a super once the season is over.
      seasonPart(state.today, swarmMonthsAt(apiary, settings)) === 'after-season',
    ).filter(
      ({ method }, _, all) =>
        canLayOut(method) &&
        // The sides are opened where interleaving cannot be laid out.
        !(method === 'open-sides' && all.some((one) => one.method === 'interleave') && canLayOut('interleave')),
    ),
    supers: superWords(triggers),
  };
}

/** What would help first: what hems her in is freed, then room is given in the nest, then on top. */
function proposalsFor(
  { bound, out, isShortNow }: Room,
  { addBox, addSuper }: Triggers,
  known: Parameters<typeof openOrInterleave>[0],
  settings: Settings,
  isOver: boolean,
): readonly RoomProposal[] {
  const propose = (method: MethodName, why: string): RoomProposal => ({
    method,
    title: methodTitle(method),
    why,
  });
  const inNest = openOrInterleave(known, settings);
  return [
    ...(bound?.by === 'pollen' ? [propose('pollen-bound', roomPhrases.pollenTakesThreeTenths)] : []),
    ...(bound && bound.by !== 'pollen' ? [propose('honey-bound', roomPhrases.storesTakeHerComb(bound.by))] : []),
    ...(!bound && (out || isShortNow) ? [propose(inNest.method, inWords(inNest.why))] : []),
    ...(!bound && (out || isShortNow) && inNest.method === 'interleave'
      ? [propose('open-sides', roomPhrases.emptyFramesInBetweenWould)]
      : []),
    ...(addBox && !isOver ? [propose('add-box', roomPhrases.beesCoverFourFifths)] : []),
    ...(addSuper && !isOver ? [propose('add-super', roomPhrases.theSupersAreSevenTenths)] : []),
  ];
}

/** The board has something to lay out for it: nothing is recommended that comes to nothing there. */
function canBeLaidOut(
  method: MethodName,
  { survey, room }: NonNullable<StandingColony['state']['frames']>,
  settings: Settings,
  coldestNightC: number | null,
): boolean {
  let made = 0;
  const newId = () => {
    made += 1;
    return roomPhrases.newOnes(made);
  };
  const { hive, manner, flow, queenFrameId } = survey;
  const { arrangement } = layOut(method, {
    hive,
    context: {
      queenFrameId,
      otherQueenFrames: new Set(),
      keptCellFrames: new Set(),
      cellFrames: new Set(),
      coldestNightC,
      warmNightC: settings.interleaveNightC,
      onlySealedUpBelowC: settings.onlySealedUpNightC,
      hasDisease: false,
    },
    sizes: allSizes(settings),
    newId,
    fill: 'empty',
    usualSuper: settings.superSize,
    flow,
    nectarKg: roomFigures(settings).nectarKg,
    wouldLayPerDay: room.wouldLayPerDay,
    areCounted: manner === 'counts',
    manyPests: false,
  });
  return made > 0 || movedFrames(asIs(hive), arrangement).length > 0;
}

function superWords({ supersFull, ripeSupers }: Triggers): readonly string[] {
  return [
    ...(supersFull === null ? [] : [roomPhrases.supersFull(supersFull)]),
    ...(ripeSupers.length > 0 ? [roomPhrases.supersReady(ripeSupers.length)] : []),
  ];
}
