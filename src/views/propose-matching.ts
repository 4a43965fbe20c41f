import { readNumber } from '../core/formats/csv-rows';
import type { ColumnSeen } from '../core/spreadsheets/bring-in/column-seen';
import {
  BRINGABLE,
  type Bringable,
  type FieldCode,
  fieldsOf,
  howRead,
  NEEDED,
  SEVERAL_MAY_BE,
} from '../core/spreadsheets/bring-in/fields';
import { type ColumnIs, type Matching, NOTHING, plainWord, wordOf } from '../core/spreadsheets/bring-in/matching';
import { readTime } from '../core/spreadsheets/bring-in/written-day';
import { codeWordsOf } from '../words/sheet-fields';
import { headingsOf, plainHeading } from '../words/sheet-headings';
import { VALUE_WORDS } from '../words/sheet-values';

/** A heading that is the field's own first name weighs most, then any that people write for it; what the cells are decides between equals. */
const POINTS = { own: 8, heading: 6, cells: 1, against: -5 } as const;
/** Of the cells so many have to be as the field's are, to speak for it. */
const MOST_CELLS = 0.8;

/** How a sheet may be understood: by its headings and what stands under them. The keeper goes over it. */
export function proposeMatching(columns: readonly ColumnSeen[], kind: Bringable = proposeKind(columns)): Matching {
  return {
    kind,
    columns: fieldsFor(columns, kind).map((field, i) =>
      field === null ? NOTHING : proposeColumn(kind, field, columns[i] as ColumnSeen),
    ),
    hives: {},
    apiary: null,
    isOverBook: false,
  };
}

/** Of what a sheet is: of the kind that leaves none of its needed columns open and makes most of the others. */
export function proposeKind(columns: readonly ColumnSeen[]): Bringable {
  const scores = BRINGABLE.map((kind) => {
    const fields = fieldsFor(columns, kind);
    const open = NEEDED[kind].filter((oneOf) => !oneOf.some((field) => fields.includes(field))).length;
    const made = fields.filter((field) => field !== null && field !== SEVERAL_MAY_BE).length;
    return { kind, score: made - open * columns.length };
  });
  return scores.reduce((best, one) => (one.score > best.score ? one : best)).kind;
}

/** Which field each column is, each field once; the best pairs are made first. */
function fieldsFor(columns: readonly ColumnSeen[], kind: Bringable): readonly (FieldCode | null)[] {
  const pairs = columns.flatMap((column, at) =>
    fieldsOf(kind).map((field) => ({ at, field, points: pointsOf(kind, field, column) })),
  );
  const found: (FieldCode | null)[] = columns.map(() => null);
  const taken = new Set<FieldCode>();
  for (const { at, field, points } of pairs.sort((a, b) => b.points - a.points || a.at - b.at)) {
    if (points < POINTS.heading + POINTS.against + 1 || found[at] !== null) continue;
    if (taken.has(field) && field !== SEVERAL_MAY_BE) continue;
    found[at] = field;
    taken.add(field);
  }
  return found;
}

function pointsOf(kind: Bringable, field: FieldCode, column: ColumnSeen): number {
  const heading = plainHeading(column.head);
  const at = headingsOf(kind, field).indexOf(heading);
  if (at < 0) return 0;
  const fits = column.filled === 0 ? null : fitOf(kind, field, column) >= MOST_CELLS;
  return (at === 0 ? POINTS.own : POINTS.heading) + (fits === null ? 0 : fits ? POINTS.cells : POINTS.against);
}

/** Which part of a column's cells is as those of a field are. */
function fitOf(kind: Bringable, field: FieldCode, { distinct, days }: ColumnSeen): number {
  const how = howRead(kind, field);
  const part = (isSo: (text: string) => boolean) => {
    const all = distinct.reduce((sum, { count }) => sum + count, 0);
    return all === 0 ? 1 : distinct.reduce((sum, { text, count }) => sum + (isSo(text) ? count : 0), 0) / all;
  };
  if (how === 'day' || how === 'minute') return days.days / days.cells;
  if (how === 'time') return part((text) => readTime(text) !== null);
  if (how === 'mass' || how === 'whole') return part((text) => readNumber(text) !== null);
  if (how === 'year') return part((text) => /^\d{2}(\d{2})?$/.test(text));
  return Array.isArray(how) ? part((text) => wordFor(kind, field, text) !== null || !/^\d+([.,]\d+)?$/.test(text)) : 1;
}

/** What is known of a column that is some field: units from its heading, the order of its days, what its words stand for. */
export function proposeColumn(kind: Bringable, field: FieldCode, { head, distinct, order }: ColumnSeen): ColumnIs {
  const how = howRead(kind, field);
  if (how === 'day' || how === 'minute') return { ...NOTHING, field, order, year: null };
  if (how === 'mass')
    return { ...NOTHING, field, unit: /\blbs?\b|pound/i.test(head) ? 'lb' : /\bkg\b|kilo/i.test(head) ? 'kg' : null };
  if (!Array.isArray(how)) return { ...NOTHING, field };
  const words = distinct.flatMap(({ text }) => {
    const code = wordFor(kind, field, text);
    return code === null ? [] : [[wordOf(text), code] as const];
  });
  return { ...NOTHING, field, words: Object.fromEntries(words) };
}

/** What a word most likely stands for; null: nobody can say. */
function wordFor(kind: Bringable, field: FieldCode, text: string): string | null {
  const word = plainWord(text);
  const codes = howRead(kind, field);
  if (!Array.isArray(codes)) return null;
  if (codes.includes(word)) return word;
  const names = codeWordsOf(kind, field);
  return (
    codes.find((code) => names[code]?.toLowerCase() === word) ??
    codes.find((code) => VALUE_WORDS[field]?.[code]?.includes(word)) ??
    null
  );
}
