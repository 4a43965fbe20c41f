import { figure } from '../biology/figure';
import { addDays, type Day, daysBetween } from '../calendar/day';
import { checkKey } from '../programmes/check-key';
import type { ProgrammePart } from '../programmes/facts';
import { lays } from '../queens/queen-questions';
import type { QueenState } from '../queens/queen-state';
import type { AboveExcluder } from '../space/above-excluder';
import { ROOM_AT_MOST } from '../space/laying-room';
import type { Room } from '../space/room';
import type { SurveyFact } from '../space/survey';
import type { Triggers } from '../space/triggers';
import { seasonPart } from '../year/beekeeping-year';
import type { PlaceYear } from '../year/place-year';
import { aCheck, type Check } from './check';
import { say } from './says';

/** So long before she runs out of room it is time to give some, and so long it is best done at the latest. */
const WARN_BEFORE = figure('warned-before-laying-room-runs-out', 7, 'days', 'caution');
const BEST_BEFORE = figure('room-is-best-given-before-it-runs-out', 3, 'days', 'caution');
/** A nest that is hemmed in, or a hive that is full, is seen to within this many days. */
const FULL_WITHIN = figure('a-nest-hemmed-in-or-a-hive-that-is-full-is-seen-to-within', 7, 'days', 'caution');

/** Frames as they were surveyed or left, and the room that follows. */
export interface SurveyedFrames {
  readonly survey: SurveyFact;
  /** The day on which somebody last looked at them; what was moved since is reckoned on. */
  readonly lookedOn: Day;
  readonly room: Room;
  readonly triggers: Triggers;
  /** What was found above an excluder; null: there is none. */
  readonly above: AboveExcluder | null;
}

/**
 * The warning that a laying queen runs out of room, from the last survey of her frames; null where there is no need, where no
 * queen lays, and where something was begun since that changed the frames. It ends by itself: frames that were looked at more than
 * three weeks ago tell nothing of today, bees need no room at rest, and nobody gives a second box or a super once the season is over.
 */
export function makeRoomCheck(
  { survey, lookedOn, room, triggers }: SurveyedFrames,
  queen: QueenState,
  parts: readonly ProgrammePart[],
  today: Day,
  year: PlaceYear,
): Check | null {
  if (!lays(queen)) return null;
  const season = seasonPart(today, year);
  if (season === 'rest' || daysBetween(lookedOn, today) > ROOM_AT_MOST.value) return null;
  const boxesHelp = season !== 'after-season';
  const [addBox, addSuper] = [boxesHelp && triggers.addBox, boxesHelp && triggers.addSuper];
  if (parts.some(({ programme: { on } }) => on > survey.on || (on === survey.on && survey.source === 'survey')))
    return null;
  const { out } = room;
  const isPressing = room.bound !== null || room.isShortNow || addBox || addSuper;
  if (!out && !isPressing) return null;
  const latest = latestDay(survey.on, out?.from ?? null, isPressing);
  const notBefore = (day: Day) => (day < survey.on ? survey.on : day > latest ? latest : day);
  const reasons = [
    room.bound && say('nest-bound', { by: room.bound.by }),
    room.isShortNow && say('short-now'),
    out && say('out-of-room', { out, nectarKg: room.nectarDecides }),
    addBox && say('time-for-a-box', { covered: triggers.topBoxCovered ?? 0 }),
    addSuper && say('time-for-a-super', { full: triggers.supersFull ?? 0 }),
  ].filter((reason) => reason !== null && reason !== false);
  return aCheck({
    key: checkKey('make-room', survey.id),
    code: 'make-room',
    window: {
      earliest: isPressing ? survey.on : notBefore(addDays(latest, -WARN_BEFORE.value)),
      ideal: notBefore(addDays(latest, -BEST_BEFORE.value)),
      latest,
    },
    why: say('by-the-frames', { reasons }),
  });
}

/** The day before the first on which she may be out of room; a nest hemmed in within a week; never before it was seen. */
function latestDay(seen: Day, outFrom: Day | null, isPressing: boolean): Day {
  const byRoom = outFrom === null ? null : addDays(outFrom, -1);
  const byBound = isPressing ? addDays(seen, FULL_WITHIN.value) : null;
  const days = [byRoom, byBound].filter((day) => day !== null);
  return Math.max(seen, Math.min(...days)) as Day;
}
