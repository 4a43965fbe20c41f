import type { Day } from '../core/calendar/day';
import type { DayRange } from '../core/calendar/window';
import type { MethodName } from '../core/methods/method';
import { methodNamed } from '../core/methods/methods';
import type { Settings } from '../core/settings/settings';
import { broodFrameCount } from '../core/space/hive';
import { openOrInterleave } from '../core/space/open-or-interleave';
import { outRange, type Room } from '../core/space/room';
import type { Triggers } from '../core/space/triggers';
import { roomWords } from './room-words';
import type { Yard, YardColony } from './yard';

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
}

export interface RoomView {
  /** The soonest out of room first. */
  readonly lines: readonly RoomLine[];
  /** Nobody has told what is on their frames. */
  readonly unknown: readonly { readonly colonyId: string; readonly name: string; readonly apiary: string }[];
}

/** How long each colony’s queen has room, the soonest out first, and what would give her more. */
export function roomView({ colonies, settings }: Yard, coldestNightC: number | null): RoomView {
  const known = colonies.filter(({ state }) => state.frames !== null);
  return {
    lines: known
      .map((one) => roomLine(one, settings, coldestNightC))
      .sort((a, b) => rank(a) - rank(b) || (a.out?.from ?? LAST) - (b.out?.from ?? LAST) || (a.name < b.name ? -1 : 1)),
    unknown: colonies
      .filter(({ state }) => state.frames === null)
      .map(({ colony, apiary }) => ({ colonyId: colony.id, name: colony.name, apiary: apiary.name })),
  };
}

const LAST = Number.POSITIVE_INFINITY;
const rank = ({ isPressing }: RoomLine) => (isPressing ? 0 : 1);

function roomLine({ colony, apiary, state }: YardColony, settings: Settings, coldestNightC: number | null): RoomLine {
  const { survey, room, triggers } = state.frames as NonNullable<typeof state.frames>;
  const words = roomWords(room, state.today);
  const broodFrames = broodFrameCount(survey.hive);
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
): readonly RoomProposal[] {
  const propose = (method: MethodName, why: string): RoomProposal => ({
    method,
    title: methodNamed(method).title,
    why,
  });
  const inNest = openOrInterleave(known, settings);
  return [
    ...(bound?.by === 'pollen'
      ? [propose('pollen-bound', 'Pollen takes three tenths of the drawn comb or more.')]
      : []),
    ...(bound && bound.by !== 'pollen'
      ? [propose('honey-bound', `${bound.by === 'nectar' ? 'Nectar' : 'Honey'} takes the comb that she needs.`)]
      : []),
    ...(!bound && (out || isShortNow) ? [propose(inNest.method, inNest.why)] : []),
    ...(addBox ? [propose('add-box', 'Bees cover four fifths of the top box or more.')] : []),
    ...(addSuper ? [propose('add-super', 'The supers are seven tenths full or more.')] : []),
  ];
}

function superWords({ supersFull, ripeSupers }: Triggers): readonly string[] {
  return [
    ...(supersFull === null ? [] : [`Supers ${Math.round(supersFull * 100)} % full`]),
    ...(ripeSupers.length > 0
      ? [`${ripeSupers.length === 1 ? 'One super is' : `${ripeSupers.length} supers are`} ready to take off`]
      : []),
  ];
}
