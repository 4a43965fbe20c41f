import type { Looked } from '../core/brood/looked';
import { day } from '../core/calendar/day';
import type { InspectionEntry } from '../core/facts/entry';
import type { SurveyEntry } from '../core/facts/survey';
import { YOUNGEST_WORDS } from './brood';
import { findingWords } from './cells';
import { dayWords, minuteWords } from './days';
import { THOROUGHNESS_WORDS } from './inspections';
import { whereWords } from './where';

/** What an entry says of one thing. */
export interface EntryLine {
  readonly label: string;
  readonly value: string;
}

const LOOKED_WORDS: { readonly [L in Looked]: string } = {
  seen: 'seen',
  none: 'looked for, none',
  'not-looked-for': 'not looked for',
};

/** `honey`, `not-looked-for`: the names of choices read as words. */
const plainly = (value: string): string => value.replaceAll('-', ' ');
const count = (value: number | null): string => (value === null ? 'not noted' : String(value));

function cellLines(cells: InspectionEntry['cells'], labelOf: (cellId: string) => string): readonly EntryLine[] {
  return cells.map(({ cellId, found, takenDown, newCell }) => ({
    label: `Cell ${labelOf(cellId)}`,
    value: [findingWords(found), newCell && whereWords(newCell), takenDown && 'broken down'].filter(Boolean).join(', '),
  }));
}

/** The line that says how thoroughly. */
export const HOW_INSPECTED = 'How inspected';

/** All that an inspection says, a line for each thing. */
export function inspectionLines(entry: InspectionEntry, labelOf: (cellId: string) => string): readonly EntryLine[] {
  const { at, to, until, thoroughness, queen, queenSeenAs, queenHandled, eggs, youngest } = entry;
  const who = [
    queenSeenAs === 'not-said' ? null : plainly(queenSeenAs),
    queenHandled === 'left' ? null : plainly(queenHandled),
  ];
  return [
    { label: 'When', value: to === null ? minuteWords(at) : `${minuteWords(at)}, or up to ${dayWords(day(to))}` },
    ...(until === null ? [] : [{ label: 'Hive shut again at', value: until.slice(11) }]),
    { label: HOW_INSPECTED, value: THOROUGHNESS_WORDS[thoroughness].name },
    { label: 'Eggs', value: LOOKED_WORDS[eggs] },
    { label: 'Queen', value: [LOOKED_WORDS[queen], ...who].filter(Boolean).join(', ') },
    { label: 'Youngest brood', value: youngest === null ? 'not noted' : YOUNGEST_WORDS[youngest] },
    ...cellLines(entry.cells, labelOf),
    { label: 'Piping', value: plainly(entry.piping) },
    { label: 'Drone brood in worker cells', value: LOOKED_WORDS[entry.droneBroodInWorkerCells] },
    { label: 'Several eggs to a cell', value: LOOKED_WORDS[entry.severalEggsPerCell] },
    { label: 'Stores round the brood', value: plainly(entry.stores) },
    { label: 'Days of laying room', value: count(entry.layingRoomDays) },
    { label: 'Frames with brood', value: count(entry.broodFrames) },
    { label: 'Seams covered', value: count(entry.coveredSeams) },
    { label: 'Drones', value: plainly(entry.drones) },
    { label: 'Temper', value: plainly(entry.temper) },
    { label: 'Food', value: plainly(entry.food) },
    { label: 'Seen by', value: entry.isByHelper ? 'a helper' : 'yourself' },
    { label: 'Note', value: entry.note === '' ? 'none' : entry.note },
  ];
}

/** All that a survey says, as far as words can say it. */
export function surveyLines({ at, hive, flow, coveredSeams, note }: SurveyEntry): readonly EntryLine[] {
  return [
    { label: 'When', value: minuteWords(at) },
    ...hive.boxes.map(({ role, frames }, i) => ({
      label: `Box ${i + 1}, from below`,
      value: `${role}, ${frames.length} frames`,
    })),
    { label: 'Frames in all', value: String(hive.boxes.reduce((sum, { frames }) => sum + frames.length, 0)) },
    { label: 'Flow', value: plainly(flow) },
    { label: 'Seams covered', value: count(coveredSeams) },
    { label: 'Note', value: note === '' ? 'none' : note },
  ];
}

/** What is the same as having said nothing. */
const UNSAID = new Set(['not noted', 'not looked for', 'not listened', 'none', 'yourself']);

/** Of an entry's lines those that say something. */
export const saidLines = (lines: readonly EntryLine[]): readonly EntryLine[] =>
  lines.filter(({ value }) => !UNSAID.has(value));

/** One line of two versions beside each other; `null`: that version has no such line. */
export interface TwoLines {
  readonly label: string;
  readonly mine: string | null;
  readonly stored: string | null;
  readonly isSame: boolean;
}

/** Two versions beside each other, in the order of the first, what only the second has after it. */
export function besideEachOther(mine: readonly EntryLine[], stored: readonly EntryLine[]): readonly TwoLines[] {
  const valueIn = (lines: readonly EntryLine[], label: string) =>
    lines.find((line) => line.label === label)?.value ?? null;
  const labels = [...new Set([...mine, ...stored].map(({ label }) => label))];
  return labels.map((label) => {
    const [a, b] = [valueIn(mine, label), valueIn(stored, label)];
    return { label, mine: a, stored: b, isSame: a === b };
  });
}

/** As text, to be kept in a message or a note. */
export function linesAsText(title: string, lines: readonly EntryLine[]): string {
  return [title, ...lines.map(({ label, value }) => `${label}: ${value}`)].join('\n');
}
