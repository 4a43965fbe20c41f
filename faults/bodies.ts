import { z } from 'zod';
import { apiaryFact } from '../src/core/facts/apiary';
import { colonyEntry } from '../src/core/facts/colony';
import { inspectionEntry } from '../src/core/facts/entry';
import { startEntry } from '../src/core/facts/first-run';
import { framePlanFact, planProgress } from '../src/core/facts/frame-plan';
import { keptFrameFact } from '../src/core/facts/kept-frame';
import { photoFact } from '../src/core/facts/photo';
import { checkAnswerFact, checkChangeFact, stepTick } from '../src/core/facts/programme';
import { programmeStart } from '../src/core/facts/programme-start';
import { queenEventFact, queenFact } from '../src/core/facts/queen';
import { overField } from '../src/core/facts/resend';
import { scaleAnswerEntry } from '../src/core/facts/scale';
import { schoolsEntry, settingsEntry } from '../src/core/facts/setting';
import { surveyFact } from '../src/core/facts/survey';
import { nightsEntry, weatherHour } from '../src/core/facts/weather';
import type { Chance } from './random';

const nothing = z.strictObject({});
const id = z.uuid();
const day = z.iso.date();

/** Everything that takes a body, and what it is to look like. */
export const TAKES: readonly { readonly method: string; readonly path: string; readonly schema: z.ZodType }[] = [
  { method: 'POST', path: '/api/inspections', schema: inspectionEntry.extend({ over: overField }) },
  { method: 'POST', path: '/api/surveys', schema: surveyFact.extend({ over: overField }) },
  { method: 'POST', path: '/api/answers', schema: checkAnswerFact },
  { method: 'POST', path: '/api/check-changes', schema: checkChangeFact },
  { method: 'POST', path: '/api/steps', schema: stepTick },
  { method: 'POST', path: '/api/frame-plans', schema: framePlanFact },
  { method: 'POST', path: '/api/frame-plans/progress', schema: planProgress },
  { method: 'POST', path: '/api/photos', schema: photoFact },
  { method: 'POST', path: '/api/apiaries', schema: apiaryFact },
  { method: 'POST', path: '/api/colonies', schema: colonyEntry },
  {
    method: 'POST',
    path: '/api/queen-events',
    schema: z.strictObject({ event: queenEventFact, newQueen: queenFact.nullable() }),
  },
  { method: 'POST', path: '/api/kept-frames', schema: keptFrameFact },
  { method: 'POST', path: '/api/programmes', schema: programmeStart },
  {
    method: 'POST',
    path: '/api/starts',
    schema: z.strictObject({ start: programmeStart, gifts: z.array(programmeStart).max(3) }),
  },
  { method: 'POST', path: '/api/programme-ends', schema: z.strictObject({ id, endedOn: day.nullable() }) },
  { method: 'POST', path: '/api/settings', schema: settingsEntry },
  { method: 'POST', path: '/api/calendar', schema: nothing },
  { method: 'POST', path: '/api/start', schema: startEntry },
  { method: 'POST', path: '/api/schools', schema: schoolsEntry },
  { method: 'POST', path: '/api/nights', schema: nightsEntry },
  { method: 'POST', path: '/api/scale-answers', schema: scaleAnswerEntry },
  {
    method: 'POST',
    path: '/api/device-keys',
    schema: z.strictObject({ kind: z.enum(['weather', 'scale']), ofId: id }),
  },
  { method: 'DELETE', path: '/api/scale-files', schema: z.strictObject({ of: id }) },
  { method: 'POST', path: '/api/weather', schema: z.strictObject({ hours: z.array(weatherHour) }) },
  { method: 'POST', path: '/api/backups', schema: nothing },
  { method: 'POST', path: '/api/backups/folder', schema: z.strictObject({ folder: z.string().nullable() }) },
  { method: 'POST', path: '/api/season/wipe', schema: nothing },
  { method: 'POST', path: '/api/access/reader-link', schema: nothing },
  { method: 'DELETE', path: '/api/access/reader-link', schema: nothing },
  { method: 'POST', path: '/api/backups/bring-back', schema: z.strictObject({ name: z.string() }) },
  {
    method: 'POST',
    path: '/api/season/preview',
    schema: z.looseObject({ format: z.string(), facts: z.looseObject({}) }),
  },
  {
    method: 'POST',
    path: '/api/season/import',
    schema: z.looseObject({ format: z.string(), facts: z.looseObject({}) }),
  },
  { method: 'DELETE', path: '/api/answers/:id', schema: nothing },
  { method: 'POST', path: '/api/nowhere', schema: nothing },
  ...['inspections', 'surveys', 'queen-events', 'programmes'].flatMap((kind) => [
    { method: 'DELETE', path: `/api/${kind}/:id`, schema: nothing },
    { method: 'POST', path: `/api/${kind}/:id`, schema: nothing },
  ]),
  {
    method: 'POST',
    path: '/api/access/passphrase',
    schema: z.strictObject({ passphrase: z.string(), onThisMachine: z.boolean() }),
  },
  { method: 'POST', path: '/api/access/shut-out', schema: z.strictObject({ id: z.string() }) },
];

type Json = { readonly [key: string]: unknown };

/** A value that a JSON schema describes, from what is known to be in the book where it asks for an identifier. */
export function madeBy(schema: Json, luck: Chance, ids: readonly string[], name = ''): unknown {
  const { enum: choices, const: only, type, format, pattern } = schema as Record<string, never>;
  const either = (schema.anyOf ?? schema.oneOf) as readonly Json[] | undefined;
  if (only !== undefined) return only;
  if (choices) return luck.pick(choices);
  if (either) return madeBy(luck.pick(either), luck, ids, name);
  switch (type as unknown) {
    case 'object': {
      const properties = (schema.properties ?? {}) as Record<string, Json>;
      return Object.fromEntries(Object.entries(properties).map(([key, inner]) => [key, madeBy(inner, luck, ids, key)]));
    }
    case 'array': {
      const length = luck.below(3);
      return Array.from({ length }, () => madeBy((schema.items ?? {}) as Json, luck, ids));
    }
    case 'integer':
    case 'number': {
      const [min, max] = [Number(schema.minimum ?? 0), Math.min(Number(schema.maximum ?? 20), 1000)];
      return min + luck.below(Math.max(1, max - min + 1));
    }
    case 'boolean':
      return luck.next() < 0.5;
    case 'null':
      return null;
    case 'string':
      return textOf({ name, format: String(format ?? ''), pattern: String(pattern ?? '') }, luck, ids);
    default:
      return null;
  }
}

/** Days and minutes are told by what they are called: their schemas say no more than that they are text. */
const MINUTES = new Set(['at', 'finishedAt']);
const DAYS = /^(on|to|since|until)$|(On|From|To)$/;

function textOf(
  { name, format, pattern }: { readonly name: string; readonly format: string; readonly pattern: string },
  luck: Chance,
  ids: readonly string[],
): string {
  if (format === 'uuid' || pattern.includes('[0-9a-fA-F]{8}')) return luck.pick(ids);
  const day = `2027-05-${String(1 + luck.below(16)).padStart(2, '0')}`;
  if (MINUTES.has(name)) return `${day}T12:00`;
  if (DAYS.test(name)) return day;
  return luck.pick(['', 'a', 'Clover', day, '/9j/4AAQ']);
}

const STRANGE: readonly unknown[] = [
  null,
  '',
  'x'.repeat(5000),
  '\u0000',
  '💥',
  "'; drop table colony; --",
  -1,
  1e308,
  Number.MAX_SAFE_INTEGER,
  0.1,
  true,
  [],
  {},
  [[]],
  { toString: 1 },
  '2027-02-30',
  '2027-05-16T25:61',
  '9999-12-31',
  '0001-01-01',
  '__proto__',
];

/** A body with one thing in it that should not be. */
export function hostile(value: unknown, luck: Chance, ids: readonly string[]): unknown {
  const strange = () => (luck.next() < 0.2 ? luck.pick(ids).toUpperCase() : luck.pick(STRANGE));
  if (Array.isArray(value)) {
    if (value.length === 0 || luck.next() < 0.2) return strange();
    const at = luck.below(value.length);
    // Twice the same, too.
    if (luck.next() < 0.2) return [...value, value[at]];
    return value.map((one, i) => (i === at ? hostile(one, luck, ids) : one));
  }
  if (value !== null && typeof value === 'object') {
    const keys = Object.keys(value);
    if (keys.length === 0 || luck.next() < 0.08)
      return { ...value, [luck.pick(['extra', '__proto__', 'id'])]: strange() };
    const key = luck.pick(keys);
    if (luck.next() < 0.1) return Object.fromEntries(Object.entries(value).filter(([name]) => name !== key));
    return { ...value, [key]: hostile((value as Json)[key], luck, ids) };
  }
  return strange();
}

/** Addresses of pages, with what stands for a colony, a programme and so on. */
export const PAGES = [
  '/',
  '/hive',
  '/season',
  '/colonies',
  '/colonies/new',
  '/colonies/:id',
  '/colonies/:id/edit',
  '/colonies/:id/decide',
  '/colonies/:id/inspect',
  '/colonies/:id/inspect/:id',
  '/colonies/:id/queen',
  '/colonies/:id/queen/:id',
  '/colonies/:id/frames',
  '/colonies/:id/frames/survey',
  '/colonies/:id/start/demaree',
  '/colonies/:id/start/:id',
  '/colonies/:id/board/demaree',
  '/programmes/:id',
  '/frame-plans/:id',
  '/start',
  '/offline',
  '/apiaries/new',
  '/apiaries/:id/edit',
  '/rounds/:id',
  '/apiaries/:id',
  '/room',
  '/cells',
  '/cell-clock',
  '/data',
  '/settings',
  '/phone',
  '/days/2027-05-16',
  '/days/:id',
  '/api/photos/:id',
  '/api/pack',
  '/api/inspections/:id',
  '/api/surveys/:id',
  '/api/backups/look',
  '/calendar/:id',
] as const;

const STRANGE_PARTS = [
  '%ff',
  '%00',
  '..%2f..',
  'x'.repeat(3000),
  '%F0%9F%92%A5',
  'null',
  '-1',
  "'",
  '%25',
  '2027-02-30',
];
const PARAMETERS = [
  'night',
  'stand',
  'cell',
  'entry',
  'apiary',
  'origin',
  'hive',
  'have',
  'name',
  'on',
  'frames',
  'from',
  'day',
];

/** An address that nobody means, of a page that there is. */
export function strangeAddress(page: string, luck: Chance, ids: readonly string[]): string {
  const part = () => (luck.next() < 0.4 ? luck.pick(ids) : luck.pick(STRANGE_PARTS));
  const path = page.replaceAll(':id', part);
  const parameters = Array.from({ length: luck.below(4) }, () => `${luck.pick(PARAMETERS)}=${part()}`);
  // The same one twice.
  const twice = parameters[0] !== undefined && luck.next() < 0.5 ? [parameters[0]] : [];
  const query = [...parameters, ...twice].join('&');
  return query === '' ? path : `${path}?${query}`;
}
