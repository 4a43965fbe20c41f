import 'server-only';
import { formatDay } from '../../core/calendar/day';
import type { SeasonFacts } from '../../core/formats/season-file';
import type { Bringable } from '../../core/spreadsheets/bring-in/fields';
import type { BookSide } from '../../core/spreadsheets/bring-in/plan';
import type { Db } from '../../db/open';
import { lifetimeOf } from '../../db/repositories/lifetime';
import { readAllFacts, TABLES } from '../season/season-facts';

/** What of the book each kind is held against; the rest comes back empty. */
const HELD_AGAINST: { readonly [K in Bringable]: readonly (keyof BookSide)[] } = {
  colonies: ['apiaries', 'colonies', 'inspections'],
  queens: ['apiaries', 'colonies', 'queens', 'queenEvents'],
  'queen-events': ['apiaries', 'colonies', 'queens', 'queenEvents'],
  inspections: ['apiaries', 'colonies', 'inspections', 'cells', 'cellMoves'],
  cells: ['apiaries', 'colonies', 'inspections', 'cells', 'cellMoves', 'cellObservations'],
  weights: ['apiaries', 'colonies', 'scaleDays'],
};
const BOOK_SIDE = [
  'apiaries',
  'colonies',
  'inspections',
  'cells',
  'cellMoves',
  'cellObservations',
  'queens',
  'queenEvents',
  'scaleDays',
] as const satisfies readonly (keyof BookSide)[];

/** The book as a spreadsheet of a kind is held against it. */
export function bookSideOf(db: Db, kind: Bringable): BookSide {
  const wanted = new Set<keyof SeasonFacts>(HELD_AGAINST[kind]);
  const without = new Set((Object.keys(TABLES) as (keyof SeasonFacts)[]).filter((name) => !wanted.has(name)));
  const facts = readAllFacts(db, without);
  const side = Object.fromEntries(BOOK_SIDE.map((name) => [name, facts[name]])) as unknown as BookSide;
  // A sheet of colonies tells of ends that were put down; any other is held against those by a union too.
  return kind === 'colonies'
    ? side
    : { ...side, colonies: side.colonies.map((colony) => ({ ...colony, ...endOf(db, colony) })) };
}

function endOf(db: Db, colony: BookSide['colonies'][number]): { readonly endedOn: string | null } {
  const { endedOn } = lifetimeOf(db, colony);
  return { endedOn: typeof endedOn === 'number' ? formatDay(endedOn) : null };
}
