import type { Day } from '../core/calendar/day';
import type { DayRange } from '../core/calendar/window';
import type { MethodName } from '../core/methods/method';
import { allSizes, roomFigures, type Settings, yearAt } from '../core/settings/settings';
import { comesToSomething, waysToGiveRoom } from '../core/space/give-room';
import { broodFrameCount } from '../core/space/hive';
import type { Flow } from '../core/space/nectar';
import { outRange, type Room } from '../core/space/room';
import type { Triggers } from '../core/space/triggers';
import { seasonPart } from '../core/year/beekeeping-year';
import { inWords } from '../words/in-words';
import { methodTitle } from '../words/methods/methods';
import { roomPhrases } from '../words/pages/room';
import { storedRoomWords } from '../words/room';
import { flowWords } from '../words/scale';
import type { AllApiaries, StandingColony } from './all-apiaries';
import { coldestAt, NOTHING_MEASURED, type ScaleNow } from './measured';

type Surveyed = NonNullable<StandingColony['state']['frames']>;

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
  const frames = state.frames as Surveyed;
  const { survey, room, triggers } = frames;
  const words = storedRoomWords(survey, room, roomFigures(settings), state.today);
  return {
    colonyId: colony.id,
    name: colony.name,
    apiary: apiary.name,
    ...words,
    seenOn: survey.on,
    out: outRange(room),
    course: room.course,
    proposals: waysToGiveRoom(
      {
        room,
        triggers,
        nest: { coldestNightC, broodFrames: broodFrameCount(survey.hive), coveredSeams: survey.coveredSeams },
        limits: settings,
        isSeasonOver: seasonPart(state.today, yearAt(apiary, settings)) === 'after-season',
      },
      (method) => comesToSomething(method, layOutFrom(frames, settings, coldestNightC)),
    ).map(({ method, why }) => ({ method, title: methodTitle(method), why: inWords(why) })),
    supers: superWords(triggers),
  };
}

/** What the board would lay a method out from. */
const layOutFrom = (
  { survey: { hive, manner, flow, queenFrameId }, room }: Surveyed,
  settings: Settings,
  coldestNightC: number | null,
): Parameters<typeof comesToSomething>[1] => ({
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
  fill: 'empty',
  usualSuper: settings.superSize,
  flow,
  nectarKg: roomFigures(settings).nectarKg,
  wouldLayPerDay: room.wouldLayPerDay,
  areCounted: manner === 'counts',
  manyPests: false,
});

function superWords({ supersFull, ripeSupers }: Triggers): readonly string[] {
  return [
    ...(supersFull === null ? [] : [roomPhrases.supersFull(supersFull)]),
    ...(ripeSupers.length > 0 ? [roomPhrases.supersReady(ripeSupers.length)] : []),
  ];
}
