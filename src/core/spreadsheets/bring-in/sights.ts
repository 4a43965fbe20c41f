import { dayOfMinute, daysBetween } from '../../calendar/day';
import { CELL_STAGES, STAGES } from '../../cells/stage';
import type { SeasonFacts } from '../../formats/season-file';
import type { Inspection, InspectionsOfBook } from './inspections-of-book';

export type Sight = SeasonFacts['cellObservations'][number];

/** The oldest that a cell can be seen, days since laying: what goes by the same name after more days than that is another cell. */
export const CELL_SEEN_FOR = Math.max(...CELL_STAGES.map((stage) => STAGES[stage].ages?.to ?? 0));

/** Sights of cells: the book's, and those of the sheet as they are taken. A row claims one, so that two rows are never the same one. */
export class Sights {
  readonly byId = new Map<string, Sight>();
  readonly #ofLook = new Map<string, Map<string, Sight>>();
  readonly #ofCell = new Map<string, CellsCourse>();
  readonly #claimed = new Set<string>();
  readonly #looks: InspectionsOfBook;

  constructor(sights: readonly Sight[], looks: InspectionsOfBook) {
    this.#looks = looks;
    for (const sight of sights) if (looks.byId.get(sight.inspectionId)?.deletedAt === null) this.add(sight);
  }

  add(sight: Sight): void {
    this.byId.set(sight.id, sight);
    within(this.#ofLook, sight.inspectionId).set(sight.cellId, sight);
    const look = this.#looks.byId.get(sight.inspectionId);
    if (look) this.#ofCell.set(sight.cellId, courseWith(this.#ofCell.get(sight.cellId), sight, look));
  }

  of(lookId: string, cellId: string): Sight | undefined {
    return this.#ofLook.get(lookId)?.get(cellId);
  }

  /** Of a cell's sights at other inspections than one as many as can speak against it: where it was broken down, the first and the last. */
  elsewhere(cellId: string, lookId: string) {
    const course = this.#ofCell.get(cellId);
    if (!course) return [];
    return [...course.brokenDown, course.first, course.last]
      .filter(({ look }) => look.id !== lookId)
      .map(({ sight, look: { id, at } }) => ({ id, at, on: dayOfMinute(at), cells: [sight] }));
  }

  isClaimed({ id }: Sight): boolean {
    return this.#claimed.has(id);
  }

  claim({ id }: Sight): void {
    this.#claimed.add(id);
  }

  /** Sights of an inspection that no row has claimed yet. */
  unclaimedAt(lookId: string): readonly Sight[] {
    return [...(this.#ofLook.get(lookId)?.values() ?? [])].filter((sight) => !this.isClaimed(sight));
  }

  /** Whether a cell can still be the one that is seen at a minute: not longer before its first sight, or after its last, than cells are there. */
  isAlive(cellId: string, at: string): boolean {
    const course = this.#ofCell.get(cellId);
    if (!course) return false;
    const on = dayOfMinute(at);
    const [first, last] = [dayOfMinute(course.first.look.at), dayOfMinute(course.last.look.at)];
    return daysBetween(on, first) <= CELL_SEEN_FOR && daysBetween(last, on) <= CELL_SEEN_FOR;
  }
}

interface Seen {
  readonly sight: Sight;
  readonly look: Inspection;
}
/** What of a cell's sights others are held against: of a sheet that names one cell on every row they are not gone through each time. */
interface CellsCourse {
  readonly first: Seen;
  readonly last: Seen;
  readonly brokenDown: readonly Seen[];
}

function courseWith(course: CellsCourse | undefined, sight: Sight, look: Inspection): CellsCourse {
  const seen = { sight, look };
  const others = course?.brokenDown.filter((one) => one.sight.id !== sight.id) ?? [];
  const isOver = sight.takenDown || sight.found === 'removed';
  return {
    first: course && course.first.look.at < look.at ? course.first : seen,
    last: course && course.last.look.at > look.at ? course.last : seen,
    brokenDown: isOver ? [...others, seen] : others,
  };
}

function within<V>(map: Map<string, Map<string, V>>, key: string): Map<string, V> {
  const inner = map.get(key) ?? new Map<string, V>();
  map.set(key, inner);
  return inner;
}
