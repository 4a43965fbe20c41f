import { z } from 'zod';
import { apiaryFact } from '../facts/apiary';
import { colonyFact, formerPlaceFact } from '../facts/colony';
import { isoDayField } from '../facts/day-field';
import { idField } from '../facts/fields';
import { foodFact } from '../facts/food';
import { framePlanFact } from '../facts/frame-plan';
import { cellFact, cellObservationFact, inspectionFact } from '../facts/inspection';
import { keptFrameFact } from '../facts/kept-frame';
import { kitEntryFact } from '../facts/kit';
import { photoFact } from '../facts/photo';
import { practisedFact } from '../facts/practised';
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
import { REVISED, REVISION_ACTIONS } from '../facts/revised';
import { roundFact, roundWishFact } from '../facts/round';
import { scaleAnswerFact, scaleDayFact } from '../facts/scale';
import { seasonPlanFact } from '../facts/season-plan';
import { SETTING_KEYS, settingsFields } from '../facts/setting';
import { surveyFact } from '../facts/survey';
import { nightFact, weatherDayFact } from '../facts/weather';
import { standFact, standMoveFact, yardMarkFact } from '../facts/yard';
import { failure, type Issue, type Result } from '../problems/issue';
import { say } from '../problems/says';
import { verbatim } from '../says/together';
import { NORTHERN_SWARM_MONTHS, SOUTHERN_SWARM_MONTHS } from '../settings/settings';
import { parseInput } from './parse-input';
import { contradictionsIn } from './season-contradictions';
import { wrongReferences } from './season-references';

export const SEASON_FORMAT = 'ubbet-season';
export const SEASON_VERSION = 17;

const instantField = z.iso.datetime();

const facts = z.strictObject({
  apiaries: z.array(apiaryFact),
  colonies: z.array(colonyFact.extend({ enteredOn: isoDayField.nullable(), deletedAt: instantField.nullable() })),
  formerPlaces: z.array(formerPlaceFact),
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
  weatherDays: z.array(weatherDayFact),
  nights: z.array(nightFact),
  scaleDays: z.array(scaleDayFact),
  scaleAnswers: z.array(scaleAnswerFact),
  rounds: z.array(roundFact.extend({ deletedAt: instantField.nullable() })),
  roundWishes: z.array(roundWishFact),
  stands: z.array(standFact.extend({ deletedAt: instantField.nullable() })),
  standMoves: z.array(standMoveFact),
  yardMarks: z.array(yardMarkFact.extend({ deletedAt: instantField.nullable() })),
  seasonPlans: z.array(seasonPlanFact.extend({ deletedAt: instantField.nullable() })),
  foodEntries: z.array(foodFact.extend({ deletedAt: instantField.nullable() })),
  practised: z.array(practisedFact),
  kitEntries: z.array(kitEntryFact.and(z.object({ deletedAt: instantField.nullable() }))),
  settings: z.array(z.strictObject({ key: z.enum(SETTING_KEYS), value: z.unknown() })),
  revisions: z.array(
    z.strictObject({
      id: idField,
      entity: z.enum(REVISED),
      entityId: idField,
      revisedAt: instantField,
      action: z.enum(REVISION_ACTIONS),
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
    const message = say('not-a-season-file', { seasonFormat: SEASON_FORMAT });
    return failure({ path: ['format'], code: 'invalid', message });
  }
  if (header.data.version > SEASON_VERSION) {
    const message = say('file-of-later-version', { version: header.data.version, seasonVersion: SEASON_VERSION });
    return failure({ path: ['version'], code: 'later-version', message });
  }
  const present = toPresentVersion(document, header.data.version);
  const wrongRows = rowIssues(present);
  if (wrongRows.length > 0) return failure(...wrongRows);
  const parsed = parseInput(seasonFile, present);
  if (!parsed.ok) return failure(...parsed.issues.slice(0, MAX_ISSUES));
  const issues = [
    ...wrongReferences(parsed.value.facts),
    ...contradictionsIn(parsed.value.facts),
    ...settingIssues(parsed.value.facts),
  ];
  if (issues.length > 0) return failure(...issues.slice(0, MAX_ISSUES));
  return { ok: true, value: parsed.value.facts };
}

/** Faults of single rows, table by table, up to the most that are listed: a file that is wrong throughout is not read to its end. */
function rowIssues(document: unknown): readonly Issue[] {
  const shape = z.looseObject({ facts: z.record(z.string(), z.unknown()) }).safeParse(document);
  if (!shape.success) return [];
  const issues: Issue[] = [];
  for (const [name, table] of Object.entries(facts.shape)) {
    const rows = shape.data.facts[name];
    if (!Array.isArray(rows)) continue;
    for (const [i, row] of rows.entries()) {
      const parsed = parseInput(table.element as z.ZodType, row);
      if (parsed.ok) continue;
      issues.push(...parsed.issues.map((issue) => ({ ...issue, path: ['facts', name, i, ...issue.path] })));
      if (issues.length >= MAX_ISSUES) return issues.slice(0, MAX_ISSUES);
    }
  }
  return issues;
}

interface Since {
  readonly tables: readonly string[];
  readonly fields: { readonly [table: string]: object };
  /** How a row of an older file is told today. */
  readonly rows?: { readonly [table: string]: (row: object) => object };
}

/** Which half of the world it is was asked, where now the months are in which swarms come. */
const withSwarmMonths = (row: object): object =>
  'key' in row && 'value' in row && row.key === 'hemisphere'
    ? { key: 'swarmMonths', value: row.value === 'south' ? SOUTHERN_SWARM_MONTHS : NORTHERN_SWARM_MONTHS }
    : row;

/** Steps were kept as text: it stands as it was written. */
function withStepsSaid(plan: object): object {
  const steps = 'steps' in plan && Array.isArray(plan.steps) ? plan.steps : null;
  if (!steps) return plan;
  return {
    ...plan,
    steps: steps.map((step) => (typeof step?.text === 'string' ? { ...step, text: verbatim(step.text) } : step)),
  };
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
  5: { tables: ['formerPlaces'], fields: { programmes: { queenShakenDown: false } } },
  6: {
    tables: [],
    fields: { apiaries: { swarmMonths: null } },
    rows: { framePlans: withStepsSaid, settings: withSwarmMonths },
  },
  7: { tables: [], fields: { colonies: { enteredOn: null, deletedAt: null } } },
  8: { tables: ['weatherDays', 'nights', 'scaleDays', 'scaleAnswers'], fields: {} },
  9: {
    tables: ['rounds', 'roundWishes'],
    fields: { apiaries: { wayMinutes: null }, inspections: { until: null } },
  },
  10: { tables: ['kitEntries', 'stands', 'yardMarks'], fields: { apiaries: { diseaseSuspectedSince: null } } },
  11: { tables: ['standMoves'], fields: {} },
  12: {
    tables: ['seasonPlans', 'foodEntries'],
    fields: {
      apiaries: { year: null },
      inspections: { temper: 'not-noted', food: 'not-looked-for' },
      queens: { isToBreedFrom: false },
    },
  },
  13: { tables: ['practised'], fields: {} },
  // Settings alone: what is done at the first signs, and what was asked once.
  14: { tables: [], fields: {} },
  15: { tables: [], fields: {} },
  // Settings alone: whether the calendar reminds of rounds.
  16: { tables: [], fields: {} },
  // Settings alone: the roads from one apiary straight to another.
  17: { tables: [], fields: {} },
};

/** An older file as it would be written today. One that is not as it should be is left for the check to say so. */
function toPresentVersion(document: unknown, version: number): unknown {
  const shape = z.looseObject({ facts: z.record(z.string(), z.unknown()) }).safeParse(document);
  if (version < 1 || version >= SEASON_VERSION || !shape.success) return document;
  let facts = shape.data.facts;
  for (let next = version + 1; next <= SEASON_VERSION; next++) facts = withWhatCame(facts, SINCE[next] as Since);
  return { ...shape.data, version: SEASON_VERSION, facts };
}

const isRow = (row: unknown): row is object => typeof row === 'object' && row !== null;

function withWhatCame(old: Record<string, unknown>, { tables, fields, rows = {} }: Since): Record<string, unknown> {
  const added = Object.fromEntries(tables.map((table) => [table, []]));
  const eachRow = (table: string, told: (row: object) => object) => {
    const there = old[table];
    return [table, Array.isArray(there) ? there.map((row) => (isRow(row) ? told(row) : row)) : there];
  };
  const filled = Object.entries(fields).map(([table, blank]) => eachRow(table, (row) => ({ ...blank, ...row })));
  const told = Object.entries(rows).map(([table, tell]) => eachRow(table, tell));
  return { ...added, ...old, ...Object.fromEntries([...filled, ...told]) };
}

/** More faults than this are not listed: the file as a whole is wrong. */
export const MAX_ISSUES = 20;

function notJson(text: string): Issue {
  const begun = text.trimStart();
  if (begun.startsWith('{') && begun.slice(0, 200).includes(SEASON_FORMAT)) {
    const message = say('file-breaks-off');
    return { path: [], code: 'truncated', message };
  }
  return {
    path: [],
    code: 'not-json',
    message: say('not-a-json-file'),
  };
}

function settingIssues({ settings }: SeasonFacts): Issue[] {
  return settings.flatMap(({ key, value }, i) => {
    const parsed = parseInput(settingsFields.shape[key], value);
    return parsed.ok ? [] : parsed.issues.map((issue) => ({ ...issue, path: ['facts', 'settings', i, 'value'] }));
  });
}
