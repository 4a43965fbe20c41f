import { YOUNGEST_WORDS } from '../brood/youngest';
import { CELL_PLACE_WORDS } from '../cells/place';
import { isLive, STAGES } from '../cells/stage';
import type { InspectionSeen, ReadingContext } from './inspection-seen';
import type { ReadingName } from './reading';
import { SHORT_OF_ROOM_DAYS } from './room';

/** One fact that a reading rests on. */
export interface Evidence {
  readonly code: string;
  readonly text: string;
}

const EGGS_TEXT = {
  seen: 'eggs seen: a queen laid here in the three days before',
  none: 'eggs looked for, none found',
  'not-looked-for': 'eggs not looked for',
} as const;

const EXPECTED_TEXT = {
  laying: null,
  none: 'the colony is known to be without its queen',
  virgin: 'a virgin queen is expected to be flying or about to lay',
  caged: 'a caged queen was given and is not yet known to lay',
} as const;

/** The facts that the reading rests on, most telling first. */
export function evidenceOf(reading: ReadingName, seen: InspectionSeen, context: ReadingContext): readonly Evidence[] {
  const because: Evidence[] = [];
  if (seen.droneBroodInWorkerCells) {
    because.push({ code: 'drone-brood', text: 'drone brood scattered in worker cells' });
  }
  if (seen.severalEggsPerCell) {
    because.push({
      code: 'several-eggs',
      text: 'several eggs to a cell: workers laying, or a new queen in her first days',
    });
  }
  const expected = EXPECTED_TEXT[context.queenExpected];
  if (expected) because.push({ code: `queen-${context.queenExpected}`, text: expected });
  for (const { stage, count, place } of seen.cells) {
    const where = isLive(stage) && place !== 'not-said' ? `, ${CELL_PLACE_WORDS[place]}` : '';
    because.push({ code: `cells-${stage}`, text: `${count} × ${STAGES[stage].name}${where}` });
  }
  if (seen.cells.length === 0) because.push({ code: 'no-cells', text: 'no cups or cells noted' });
  because.push({ code: `eggs-${seen.eggs}`, text: EGGS_TEXT[seen.eggs] });
  because.push(
    seen.queenSeen ? { code: 'queen-seen', text: 'queen seen' } : { code: 'queen-not-seen', text: 'queen not seen' },
  );
  if (seen.youngest !== null) {
    because.push({ code: `youngest-${seen.youngest}`, text: `youngest brood: ${YOUNGEST_WORDS[seen.youngest]}` });
  }
  if (seen.bound) because.push({ code: 'bound', text: 'brood nest shut in by stores' });
  if (seen.layingRoomDays !== null && (seen.layingRoomDays < SHORT_OF_ROOM_DAYS.value || reading === 'congested')) {
    because.push({ code: 'laying-room', text: `laying room for ${seen.layingRoomDays} more days` });
  }
  return because;
}
