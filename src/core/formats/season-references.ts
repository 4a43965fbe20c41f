import { z } from 'zod';
import { CAR, HOME } from '../kit/kit-entry';
import type { Issue } from '../problems/issue';
import { say } from '../problems/says';
import { FRAME_SIZES } from '../space/frame-size';
import { framesOf, type Hive } from '../space/hive';
import type { SeasonFacts } from './season-file';

/**
 * Where rows of a season do not fit together: an identifier twice, a reference to something that is not in the file, a cell of another
 * colony, something that comes of itself, a frame of a size that nobody knows.
 */
export function wrongReferences(content: SeasonFacts): readonly Issue[] {
  return [
    ...doubleIds(content),
    ...danglingReferences(content),
    ...strangePlaces(content),
    ...strayCells(content),
    ...circles(content),
    ...strangeSizes(content),
    ...strangeHives(content),
  ];
}

/** Settings go by their key. */
type WithIds = Exclude<keyof SeasonFacts, 'settings'>;
const tablesWithIds = (content: SeasonFacts): readonly WithIds[] =>
  (Object.keys(content) as (keyof SeasonFacts)[]).filter((table) => table !== 'settings');

function doubleIds(content: SeasonFacts): Issue[] {
  return tablesWithIds(content).flatMap((table) => {
    const seen = new Set<string>();
    return content[table].flatMap(({ id }, i): Issue[] => {
      if (!seen.has(id)) {
        seen.add(id);
        return [];
      }
      const message = say('identifier-twice');
      return [{ path: ['facts', table, i, 'id'], code: 'duplicate-id', message }];
    });
  });
}

/** What the columns of each table name. */
const REFERENCES: { readonly [Table in keyof SeasonFacts]?: { readonly [column: string]: (typeof NAMED)[number] } } = {
  colonies: { apiaryId: 'apiaries', parentColonyId: 'colonies' },
  formerPlaces: { colonyId: 'colonies', apiaryId: 'apiaries' },
  queens: { motherQueenId: 'queens' },
  queenEvents: { queenId: 'queens', colonyId: 'colonies', hivedAsId: 'colonies' },
  inspections: { colonyId: 'colonies' },
  cells: { colonyId: 'colonies' },
  cellObservations: { inspectionId: 'inspections', cellId: 'cells' },
  photos: { inspectionId: 'inspections' },
  cellMoves: { cellId: 'cells', toColonyId: 'colonies' },
  programmes: { colonyId: 'colonies', queenId: 'queens' },
  programmeUnits: { programmeId: 'programmes', colonyId: 'colonies' },
  keptCells: { programmeId: 'programmes', cellId: 'cells' },
  stepsDone: { programmeId: 'programmes' },
  checkAnswers: { programmeId: 'programmes', colonyId: 'colonies', queenlessColonyId: 'colonies' },
  checkChanges: { colonyId: 'colonies' },
  surveys: { colonyId: 'colonies' },
  framePlans: { colonyId: 'colonies' },
  weatherDays: { apiaryId: 'apiaries' },
  nights: { apiaryId: 'apiaries' },
  scaleDays: { colonyId: 'colonies' },
  scaleAnswers: { colonyId: 'colonies' },
  rounds: { apiaryId: 'apiaries' },
  roundWishes: { apiaryId: 'apiaries', colonyId: 'colonies' },
  seasonPlans: { colonyId: 'colonies' },
  foodEntries: { colonyId: 'colonies' },
  kitEntries: { packedFor: 'apiaries' },
  stands: { apiaryId: 'apiaries' },
  standMoves: { standId: 'stands', ontoId: 'stands' },
  yardMarks: { apiaryId: 'apiaries' },
};
const NAMED = ['apiaries', 'colonies', 'queens', 'inspections', 'cells', 'programmes', 'stands'] as const;

function danglingReferences(content: SeasonFacts): Issue[] {
  const known = new Map(NAMED.map((table) => [table, new Set<unknown>(content[table].map(({ id }) => id))]));
  const message = say('names-what-is-not-there');
  return Object.entries(REFERENCES).flatMap(([table, columns]) => {
    const rows = content[table as keyof SeasonFacts] as readonly { readonly [column: string]: unknown }[];
    return rows.flatMap((row, i) =>
      Object.entries(columns)
        .filter(([column, named]) => row[column] !== null && known.get(named)?.has(row[column]) === false)
        .map(([column]): Issue => ({ path: ['facts', table, i, column], code: 'unknown-reference', message })),
    );
  });
}

/** Things lie at home, in the car, or at an apiary of the file. */
function strangePlaces({ apiaries, kitEntries }: SeasonFacts): Issue[] {
  const known = new Set<string | null>([null, HOME, CAR, ...apiaries.map(({ id }) => id)]);
  const message = say('names-what-is-not-there');
  return kitEntries.flatMap((entry, i) =>
    (['from', 'to'] as const)
      .filter((field) => !known.has(entry[field]))
      .map((field): Issue => ({ path: ['facts', 'kitEntries', i, field], code: 'unknown-reference', message })),
  );
}

/** A cell can only be seen in its own colony, or in the one that it was given to. */
function strayCells({ inspections, cells, cellObservations, cellMoves }: SeasonFacts): Issue[] {
  const givenTo = new Map(cellMoves.map(({ cellId, toColonyId }) => [cellId, toColonyId]));
  const colonyOf = new Map([...inspections, ...cells].map(({ id, colonyId }) => [id, colonyId]));
  return cellObservations.flatMap(({ inspectionId, cellId }, i): Issue[] => {
    const [looked, hangs] = [colonyOf.get(inspectionId), colonyOf.get(cellId)];
    if (looked === undefined || hangs === undefined || looked === hangs || looked === givenTo.get(cellId)) return [];
    const message = say('cell-of-another-colony');
    return [{ path: ['facts', 'cellObservations', i, 'cellId'], code: 'contradiction', message }];
  });
}

/** No colony comes of itself, and no queen is her own forebear. */
function circles({ colonies, queens }: SeasonFacts): Issue[] {
  const issue = (table: string, i: number, field: string): Issue => ({
    path: ['facts', table, i, field],
    code: 'contradiction',
    message: say('comes-of-itself'),
  });
  return [
    ...inCircle(colonies.map(({ id, parentColonyId }) => [id, parentColonyId])).map((i) =>
      issue('colonies', i, 'parentColonyId'),
    ),
    ...inCircle(queens.map(({ id, motherQueenId }) => [id, motherQueenId])).map((i) =>
      issue('queens', i, 'motherQueenId'),
    ),
  ];
}

/** The places of those from whom one comes back to themselves, going from child to parent. */
function inCircle(pairs: readonly (readonly [id: string, parent: string | null])[]): readonly number[] {
  const parentOf = new Map(pairs);
  /** Those from whom the way is known to end. */
  const ending = new Set<string>();
  return pairs.flatMap(([start], i) => {
    const way = new Set<string>();
    let id: string | null = start;
    while (id !== null && !way.has(id) && !ending.has(id)) {
      way.add(id);
      id = parentOf.get(id) ?? null;
    }
    if (id === null || ending.has(id)) {
      for (const passed of way) ending.add(passed);
      return [];
    }
    return id === start ? [i] : [];
  });
}

/** A round was at hives of this file. */
function strangeHives({ rounds, colonies }: SeasonFacts): Issue[] {
  const known = new Set(colonies.map(({ id }) => id));
  return rounds.flatMap(({ hives }, i) =>
    hives.flatMap(({ colonyId }, at): Issue[] =>
      known.has(colonyId)
        ? []
        : [
            {
              path: ['facts', 'rounds', i, 'hives', at, 'colonyId'],
              code: 'unknown-reference',
              message: say('names-what-is-not-there'),
            },
          ],
    ),
  );
}

/** Frames are of a size that every book knows, or that is among the settings of this one. */
function strangeSizes({ surveys, framePlans, settings }: SeasonFacts): Issue[] {
  const own = z
    .array(z.looseObject({ id: z.string() }))
    .safeParse(settings.find(({ key }) => key === 'ownSizes')?.value);
  const known = new Set([...FRAME_SIZES, ...(own.success ? own.data : [])].map(({ id }) => id));
  const isStrange = (hive: Hive) => [...hive.boxes, ...framesOf(hive)].some(({ size }) => !known.has(size));
  const issue = (...path: (string | number)[]): Issue => ({
    path: ['facts', ...path],
    code: 'unknown-reference',
    message: say('frame-of-unknown-size'),
  });
  return [
    ...surveys.flatMap(({ hive }, i) => (isStrange(hive) ? [issue('surveys', i, 'hive')] : [])),
    ...framePlans.flatMap(({ units }, i) =>
      units.some(({ hive }) => isStrange(hive)) ? [issue('framePlans', i, 'units')] : [],
    ),
  ];
}
