import { isLive } from '../cells/stage';
import type { Said } from '../says/said';
import type { InspectionSeen, ReadingContext } from './inspection-seen';
import type { ReadingName } from './reading';
import { SHORT_OF_ROOM_DAYS } from './room';
import { say } from './says';

/** One fact that a reading rests on. */
export interface Evidence {
  readonly code: string;
  readonly text: Said;
}

/** The facts that the reading rests on, most telling first. */
export function evidenceOf(reading: ReadingName, seen: InspectionSeen, context: ReadingContext): readonly Evidence[] {
  const because: Evidence[] = [];
  const add = (code: string, text: Said) => because.push({ code, text });
  const { queenExpected } = context;
  if (seen.droneBroodInWorkerCells) add('drone-brood', say('drone-brood'));
  if (seen.severalEggsPerCell) add('several-eggs', say('several-eggs'));
  if (queenExpected !== 'laying') add(`queen-${queenExpected}`, say(`queen-${queenExpected}`));
  for (const { stage, count, place } of seen.cells) {
    add(`cells-${stage}`, say('cells', { stage, count, place: isLive(stage) && place !== 'not-said' ? place : null }));
  }
  if (seen.cells.length === 0) add('no-cells', say('no-cells'));
  add(`eggs-${seen.eggs}`, say(`eggs-${seen.eggs}`));
  const queen = seen.queenSeen ? 'queen-seen' : 'queen-not-seen';
  add(queen, say(queen));
  if (seen.youngest !== null) add(`youngest-${seen.youngest}`, say('youngest', { youngest: seen.youngest }));
  if (seen.bound) add('bound', say('bound'));
  if (seen.layingRoomDays !== null && (seen.layingRoomDays < SHORT_OF_ROOM_DAYS.value || reading === 'congested')) {
    add('laying-room', say('laying-room', { days: seen.layingRoomDays }));
  }
  return because;
}
