import type { Looked } from '../core/brood/looked';
import { day } from '../core/calendar/day';
import type { InspectionEntry } from '../core/facts/entry';
import { YOUNGEST_WORDS } from './brood';
import { findingWords } from './cells';
import { dayWords, minuteWords } from './days';
import { count, type EntryLine, plainly } from './entry-lines';
import { THOROUGHNESS_WORDS } from './inspections';
import { whereWords } from './where';

const LOOKED_WORDS: { readonly [L in Looked]: string } = {
  seen: 'seen',
  none: 'looked for, none',
  'not-looked-for': 'not looked for',
};

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
