import { z } from 'zod';
import { apiaryFact } from '../facts/apiary';
import { colonyFact } from '../facts/colony';
import { idField } from '../facts/fields';
import { framePlanFact } from '../facts/frame-plan';
import { cellFact, cellObservationFact, inspectionFact } from '../facts/inspection';
import { keptFrameFact } from '../facts/kept-frame';
import { photoFact } from '../facts/photo';
import {
  cellMoveFact,
  checkAnswerFact,
  checkChangeFact,
  keptCellFact,
  programmeFact,
  programmeUnitFact,
  stepDoneFact,
} from '../facts/programme';
import { queenEventFact, queenFact } from '../facts/queen';
import { SETTING_KEYS, settingsFields } from '../facts/setting';
import { surveyFact } from '../facts/survey';
import { failure, type Issue, type Result } from '../problems/issue';
import { FRAME_SIZES } from '../space/frame-size';
import { framesOf, type Hive } from '../space/hive';
import { parseInput } from './parse-input';

export const SEASON_FORMAT = 'ubbet-season';
export const SEASON_VERSION = 4;

const instantField = z.iso.datetime();

const facts = z.strictObject({
  apiaries: z.array(apiaryFact),
  colonies: z.array(colonyFact),
  queens: z.array(queenFact),
  queenEvents: z.array(queenEventFact.extend({ deletedAt: instantField.nullable() })),
  inspections: z.array(inspectionFact.extend({ deletedAt: instantField.nullable() })),
  cells: z.array(cellFact),
  cellObservations: z.array(cellObservationFact),
  photos: z.array(photoFact),
  cellMoves: z.array(cellMoveFact),
  programmes: z.array(programmeFact.extend({ deletedAt: instantField.nullable() })),
  programmeUnits: z.array(programmeUnitFact),
  keptCells: z.array(keptCellFact),
  stepsDone: z.array(stepDoneFact),
  checkAnswers: z.array(checkAnswerFact),
  checkChanges: z.array(checkChangeFact),
  surveys: z.array(surveyFact.extend({ deletedAt: instantField.nullable() })),
  framePlans: z.array(framePlanFact.extend({ deletedAt: instantField.nullable() })),
  keptFrames: z.array(keptFrameFact),
  settings: z.array(z.strictObject({ key: z.enum(SETTING_KEYS), value: z.unknown() })),
  revisions: z.array(
    z.strictObject({
      id: idField,
      entity: z.enum(['apiary', 'colony', 'queen', 'queen-event', 'inspection', 'programme', 'check-answer', 'survey']),
      entityId: idField,
      revisedAt: instantField,
      action: z.enum(['corrected', 'deleted', 'restored']),
      before: z.unknown(),
    }),
  ),
});

/** Every fact there is, in the order of the tables; nothing derived. */
export type SeasonFacts = z.infer<typeof facts>;

const seasonFile = z.strictObject({
  format: z.literal(SEASON_FORMAT),
  version: z.literal(SEASON_VERSION),
  facts,
});

/** Writes facts as a season file. The same facts always give the same text. */
export function writeSeasonFile(content: SeasonFacts): string {
  return `${JSON.stringify({ format: SEASON_FORMAT, version: SEASON_VERSION, facts: content }, null, 1)}\n`;
}

/**
 * Reads a season file: JSON, of this format and version, every field as it must be, every reference to something that is in it,
 * every id once. Gives back all facts or every fault found (at most {@link MAX_ISSUES}).
 */
export function readSeasonFile(text: string): Result<SeasonFacts> {
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch {
    return failure(notJson(text));
  }
  const header = z.looseObject({ format: z.literal(SEASON_FORMAT), version: z.int() }).safeParse(document);
  if (!header.success) {
    const message = `This is not an Ubbet season file: it does not begin with "format": "${SEASON_FORMAT}". Choose a file that Ubbet has written.`;
    return failure({ path: ['format'], code: 'invalid', message });
  }
  if (header.data.version > SEASON_VERSION) {
    const message = `The file is of version ${header.data.version}, this Ubbet reads up to ${SEASON_VERSION}. Bring Ubbet up to date and try again.`;
    return failure({ path: ['version'], code: 'later-version', message });
  }
  const parsed = parseInput(seasonFile, toPresentVersion(document, header.data.version));
  if (!parsed.ok) return failure(...parsed.issues.slice(0, MAX_ISSUES));
  const issues = [
    ...doubleIds(parsed.value.facts),
    ...danglingReferences(parsed.value.facts),
    ...strayCells(parsed.value.facts),
    ...settingIssues(parsed.value.facts),
    ...strangeSizes(parsed.value.facts),
  ];
  if (issues.length > 0) return failure(...issues.slice(0, MAX_ISSUES));
  return { ok: true, value: parsed.value.facts };
}

interface Since {
  readonly tables: readonly string[];
  readonly fields: { readonly [table: string]: object };
}

/** What came with each version, with what an older file means by not having it: nothing of the kind, or not noted. */
const SINCE: { readonly [version: number]: Since } = {
  2: {
    tables: [
      'photos',
      'cellMoves',
      'programmes',
      'programmeUnits',
      'keptCells',
      'stepsDone',
      'checkAnswers',
      'checkChanges',
    ],
    fields: {
      apiaries: { mainFlowFrom: null, mainFlowTo: null },
      inspections: { broodFrames: null, coveredSeams: null, drones: 'not-looked-for' },
      cells: { part: null },
    },
  },
  3: { tables: ['surveys', 'framePlans', 'keptFrames'], fields: {} },
  4: {
    tables: [],
    fields: {
      colonies: { wanted: 'nothing' },
      inspections: {
        to: null,
        queenSeenAs: 'not-said',
        queenHandled: 'left',
        piping: 'not-listened',
        isByHelper: false,
      },
      queenEvents: { at: null, to: null, went: null, hivedAsId: null, deletedAt: null },
      programmes: { at: null, to: null, turnsDaily: false },
      cellMoves: { at: null },
    },
  },
};

/** An older file as it would be written today. One that is not as it should be is left for the check to say so. */
function toPresentVersion(document: unknown, version: number): unknown {
  const shape = z.looseObject({ facts: z.record(z.string(), z.unknown()) }).safeParse(document);
  if (version < 1 || version >= SEASON_VERSION || !shape.success) return document;
  let facts = shape.data.facts;
  for (let next = version + 1; next <= SEASON_VERSION; next++) facts = withWhatCame(facts, SINCE[next] as Since);
  return { ...shape.data, version: SEASON_VERSION, facts };
}

function withWhatCame(old: Record<string, unknown>, { tables, fields }: Since): Record<string, unknown> {
  const added = Object.fromEntries(tables.map((table) => [table, []]));
  const filled = Object.entries(fields).map(([table, blank]) => {
    const rows = old[table];
    return [table, Array.isArray(rows) ? rows.map((row) => ({ ...blank, ...row })) : rows];
  });
  return { ...added, ...old, ...Object.fromEntries(filled) };
}

/** More faults than this are not listed: the file as a whole is wrong. */
export const MAX_ISSUES = 20;

function notJson(text: string): Issue {
  const begun = text.trimStart();
  if (begun.startsWith('{') && begun.slice(0, 200).includes(SEASON_FORMAT)) {
    const message = 'The file breaks off before its end. Copy or export it again.';
    return { path: [], code: 'truncated', message };
  }
  return {
    path: [],
    code: 'not-json',
    message: 'This is not a JSON file. Choose a season file that Ubbet has written.',
  };
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

function settingIssues({ settings }: SeasonFacts): Issue[] {
  return settings.flatMap(({ key, value }, i) => {
    const parsed = parseInput(settingsFields.shape[key], value);
    return parsed.ok ? [] : parsed.issues.map((issue) => ({ ...issue, path: ['facts', 'settings', i, 'value'] }));
  });
}
