import { z } from 'zod';
import type { Issue } from '../problems/issue';
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
    ...strayCells(content),
    ...circles(content),
    ...strangeSizes(content),
  ];
}

const WITH_IDS = [
  'apiaries',
  'colonies',
  'queens',
  'queenEvents',
  'inspections',
  'cells',
  'cellObservations',
  'photos',
  'cellMoves',
  'programmes',
  'programmeUnits',
  'keptCells',
  'stepsDone',
  'checkAnswers',
  'checkChanges',
  'surveys',
  'framePlans',
  'keptFrames',
  'revisions',
] as const;

function doubleIds(content: SeasonFacts): Issue[] {
  return WITH_IDS.flatMap((table) => {
    const seen = new Set<string>();
    return content[table].flatMap(({ id }, i): Issue[] => {
      if (!seen.has(id)) {
        seen.add(id);
        return [];
      }
      const message = 'This identifier stands twice. Leave one of the two out.';
      return [{ path: ['facts', table, i, 'id'], code: 'duplicate-id', message }];
    });
  });
}

function danglingReferences(content: SeasonFacts): Issue[] {
  const ids = (rows: readonly { readonly id: string }[]) => new Set(rows.map(({ id }) => id));
  const [apiaries, colonies, queens] = [ids(content.apiaries), ids(content.colonies), ids(content.queens)];
  const [inspections, cells, programmes] = [ids(content.inspections), ids(content.cells), ids(content.programmes)];
  const issues: Issue[] = [];
  const check = (known: Set<string>, id: string | null, ...path: (string | number)[]) => {
    if (id === null || known.has(id)) return;
    const message = 'This names something that is not in the file. Export the file again, whole.';
    issues.push({ path: ['facts', ...path], code: 'unknown-reference', message });
  };
  content.colonies.forEach(({ apiaryId, parentColonyId }, i) => {
    check(apiaries, apiaryId, 'colonies', i, 'apiaryId');
    check(colonies, parentColonyId, 'colonies', i, 'parentColonyId');
  });
  content.formerPlaces.forEach(({ colonyId, apiaryId }, i) => {
    check(colonies, colonyId, 'formerPlaces', i, 'colonyId');
    check(apiaries, apiaryId, 'formerPlaces', i, 'apiaryId');
  });
  content.queens.forEach(({ motherQueenId }, i) => {
    check(queens, motherQueenId, 'queens', i, 'motherQueenId');
  });
  content.queenEvents.forEach(({ queenId, colonyId, hivedAsId }, i) => {
    check(queens, queenId, 'queenEvents', i, 'queenId');
    check(colonies, colonyId, 'queenEvents', i, 'colonyId');
    check(colonies, hivedAsId, 'queenEvents', i, 'hivedAsId');
  });
  content.inspections.forEach(({ colonyId }, i) => {
    check(colonies, colonyId, 'inspections', i, 'colonyId');
  });
  content.cells.forEach(({ colonyId }, i) => {
    check(colonies, colonyId, 'cells', i, 'colonyId');
  });
  content.cellObservations.forEach(({ inspectionId, cellId }, i) => {
    check(inspections, inspectionId, 'cellObservations', i, 'inspectionId');
    check(cells, cellId, 'cellObservations', i, 'cellId');
  });
  content.photos.forEach(({ inspectionId }, i) => {
    check(inspections, inspectionId, 'photos', i, 'inspectionId');
  });
  content.cellMoves.forEach(({ cellId, toColonyId }, i) => {
    check(cells, cellId, 'cellMoves', i, 'cellId');
    check(colonies, toColonyId, 'cellMoves', i, 'toColonyId');
  });
  content.programmes.forEach(({ colonyId, queenId }, i) => {
    check(colonies, colonyId, 'programmes', i, 'colonyId');
    check(queens, queenId, 'programmes', i, 'queenId');
  });
  content.programmeUnits.forEach(({ programmeId, colonyId }, i) => {
    check(programmes, programmeId, 'programmeUnits', i, 'programmeId');
    check(colonies, colonyId, 'programmeUnits', i, 'colonyId');
  });
  content.keptCells.forEach(({ programmeId, cellId }, i) => {
    check(programmes, programmeId, 'keptCells', i, 'programmeId');
    check(cells, cellId, 'keptCells', i, 'cellId');
  });
  content.stepsDone.forEach(({ programmeId }, i) => {
    check(programmes, programmeId, 'stepsDone', i, 'programmeId');
  });
  content.checkAnswers.forEach(({ programmeId, colonyId, queenlessColonyId }, i) => {
    check(programmes, programmeId, 'checkAnswers', i, 'programmeId');
    check(colonies, colonyId, 'checkAnswers', i, 'colonyId');
    check(colonies, queenlessColonyId, 'checkAnswers', i, 'queenlessColonyId');
  });
  content.checkChanges.forEach(({ colonyId }, i) => {
    check(colonies, colonyId, 'checkChanges', i, 'colonyId');
  });
  content.surveys.forEach(({ colonyId }, i) => {
    check(colonies, colonyId, 'surveys', i, 'colonyId');
  });
  content.framePlans.forEach(({ colonyId }, i) => {
    check(colonies, colonyId, 'framePlans', i, 'colonyId');
  });
  return issues;
}

/** A cell can only be seen in its own colony, or in the one that it was given to. */
function strayCells({ inspections, cells, cellObservations, cellMoves }: SeasonFacts): Issue[] {
  const givenTo = new Map(cellMoves.map(({ cellId, toColonyId }) => [cellId, toColonyId]));
  const colonyOf = new Map([...inspections, ...cells].map(({ id, colonyId }) => [id, colonyId]));
  return cellObservations.flatMap(({ inspectionId, cellId }, i): Issue[] => {
    const [looked, hangs] = [colonyOf.get(inspectionId), colonyOf.get(cellId)];
    if (looked === undefined || hangs === undefined || looked === hangs || looked === givenTo.get(cellId)) return [];
    const message = 'This cell is of another colony than the inspection that saw it. Export the file again, whole.';
    return [{ path: ['facts', 'cellObservations', i, 'cellId'], code: 'contradiction', message }];
  });
}

/** No colony comes of itself, and no queen is her own forebear. */
function circles({ colonies, queens }: SeasonFacts): Issue[] {
  const issue = (table: string, i: number, field: string): Issue => ({
    path: ['facts', table, i, field],
    code: 'contradiction',
    message: 'This goes round in a circle: nothing comes of itself. Correct it in Ubbet, and export the file again.',
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
    message: 'A frame here is of a size that is not in the file. Export the file again, whole.',
  });
  return [
    ...surveys.flatMap(({ hive }, i) => (isStrange(hive) ? [issue('surveys', i, 'hive')] : [])),
    ...framePlans.flatMap(({ units }, i) =>
      units.some(({ hive }) => isStrange(hive)) ? [issue('framePlans', i, 'units')] : [],
    ),
  ];
}
