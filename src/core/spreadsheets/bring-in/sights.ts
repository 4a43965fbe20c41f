import { dayOfMinute, daysBetween } from '../../calendar/day';
import { CELL_STAGES, STAGES } from '../../cells/stage';
import type { SeasonFacts } from '../../formats/season-file';
import type { InspectionsOfBook } from './inspections-of-book';

export type Sight = SeasonFacts['cellObservations'][number];

/** The oldest that a cell can be seen, days since laying: what goes by the same name after more days than that is another cell. */
const SEEN_FOR = Math.max(...CELL_STAGES.map((stage) => STAGES[stage].ages?.to ?? 0));

/** Sights of cells: the book's, and those of the sheet as they are taken. A row claims one, so that two rows are never the same one. */
export class Sights {
  readonly byId = new Map<string, Sight>();
  readonly #ofLook = new Map<string, Map<string, Sight>>();
  readonly #ofCell = new Map<string, Map<string, Sight>>();
  readonly #claimed = new Set<string>();
  readonly #looks: InspectionsOfBook;

  constructor(sights: readonly Sight[], looks: InspectionsOfBook) {
    this.#looks = looks;
    for (const sight of sights) if (looks.byId.get(sight.inspectionId)?.deletedAt === null) this.add(sight);
  }

  add(sight: Sight): void {
    this.byId.set(sight.id, sight);
    within(this.#ofLook, sight.inspectionId).set(sight.cellId, sight);
    within(this.#ofCell, sight.cellId).set(sight.id, sight);
  }

  of(lookId: string, cellId: string): Sight | undefined {
    return this.#ofLook.get(lookId)?.get(cellId);
  }

  /** A cell at other inspections than one, as those are held against it. */
  elsewhere(cellId: string, lookId: string) {
    return [...(this.#ofCell.get(cellId)?.values() ?? [])].flatMap((sight) => {
      const look = this.#looks.byId.get(sight.inspectionId);
      return look === undefined || look.id === lookId
        ? []
        : [{ id: look.id, at: look.at, on: dayOfMinute(look.at), cells: [sight] }];
    });
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

  /** Whether a cell can still be the one that is seen at a minute: not longer after, or before, another sight than cells are there. */
  isAlive(cellId: string, at: string): boolean {
    const on = dayOfMinute(at);
    return this.elsewhere(cellId, '').some((other) => Math.abs(daysBetween(other.on, on)) <= SEEN_FOR);
  }
}

function within<V>(map: Map<string, Map<string, V>>, key: string): Map<string, V> {
  const inner = map.get(key) ?? new Map<string, V>();
  map.set(key, inner);
  return inner;
}
