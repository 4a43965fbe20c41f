import { dayOfMinute, daysBetween } from '../../calendar/day';
import { isLive } from '../../cells/stage';
import type { Inspection } from './inspections-of-book';
import type { BookSide } from './plan';
import { CELL_SEEN_FOR } from './sights';

interface LastSeen {
  readonly cellId: string;
  readonly colonyId: string;
  readonly at: string;
  /** It held a queen to be, and was left. */
  readonly isLive: boolean;
}

/** Cells as they were last seen, in the book or in the sheet, and the inspections of the sheet that say that there was none. */
export class SightsToEnd {
  readonly #last = new Map<string, LastSeen>();
  readonly #nones = new Map<string, Inspection[]>();

  constructor({ inspections, cells, cellObservations, cellMoves }: BookSide) {
    const looks = new Map(inspections.filter(({ deletedAt }) => deletedAt === null).map((look) => [look.id, look]));
    const colonyOf = new Map(cells.map(({ id, colonyId }) => [id, colonyId]));
    const moved = new Set(cellMoves.map(({ cellId }) => cellId));
    for (const { inspectionId, cellId, found, takenDown } of cellObservations) {
      const look = looks.get(inspectionId);
      const colonyId = colonyOf.get(cellId);
      if (!look || colonyId === undefined || moved.has(cellId)) continue;
      this.seen({ cellId, colonyId, at: look.at, isLive: found !== 'not-found' && isLive(found) && !takenDown });
    }
  }

  seen(sight: LastSeen): void {
    const before = this.#last.get(sight.cellId);
    if (!before || sight.at >= before.at) this.#last.set(sight.cellId, sight);
  }

  none(look: Inspection): void {
    this.#nones.set(look.colonyId, [...(this.#nones.get(look.colonyId) ?? []), look]);
  }

  /** Each cell that was left alive, with the first later inspection at which there was none, while it could still have been there. */
  gone(): readonly { readonly cellId: string; readonly inspectionId: string }[] {
    return [...this.#last.values()].flatMap(({ cellId, colonyId, at, isLive: wasLive }) => {
      if (!wasLive) return [];
      const later = (this.#nones.get(colonyId) ?? []).filter(
        (look) => look.at > at && daysBetween(dayOfMinute(at), dayOfMinute(look.at)) <= CELL_SEEN_FOR,
      );
      const first = later.sort((a, b) => (a.at < b.at ? -1 : 1))[0];
      return first ? [{ cellId, inspectionId: first.id }] : [];
    });
  }
}
