import { type Day, day, dayOfMinute, yearOf } from '../core/calendar/day';
import type { FoodFact } from '../core/food/food';
import type { ColonyState } from '../core/state/fold';
import { dayWords } from '../words/days';
import { foodWords, lastFedWords } from '../words/food';
import { QUEEN_EVENT_WORDS, queenEventDay } from '../words/queen-events';
import type { ApiaryEntry, ColonyEntry } from './all-apiaries';
import type { QueenLine } from './colony-records';
import { type CellRowView, colonyView, type InspectionView } from './colony-view';

/** One colony for somebody else: what it was, how it stands, what is to come; nothing of any other colony. */
export interface ShareView {
  readonly name: string;
  readonly place: string;
  readonly made: string;
  readonly situation: string;
  readonly reading: { readonly title: string; readonly because: readonly string[] } | null;
  readonly leaveShut: string | null;
  readonly queen: string;
  readonly queenLines: readonly string[];
  readonly due: readonly { readonly key: string; readonly words: string; readonly why: string }[];
  /** Those that still hang there. */
  readonly cells: readonly CellRowView[];
  readonly methods: readonly { readonly id: string; readonly words: string }[];
  readonly food: readonly { readonly id: string; readonly words: string }[];
  readonly looks: readonly InspectionView[];
  readonly note: string;
}

interface Shared {
  readonly colony: ColonyEntry;
  readonly apiary: Pick<ApiaryEntry, 'name'>;
  readonly state: ColonyState;
  readonly queens: readonly QueenLine[];
  readonly food: readonly FoodFact[];
  readonly today: Day;
}

/** With its year, where that is not this one: whoever reads it was not there. */
const inItsYear = (words: string, on: Day, today: Day): string =>
  yearOf(on) === yearOf(today) ? words : `${words} ${yearOf(on)}`;

export function shareView({ colony, apiary, state, queens, food, today }: Shared): ShareView {
  // Other colonies stay unnamed.
  const view = colonyView(state);
  return {
    name: colony.name,
    place: [apiary.name, colony.stand].filter(Boolean).join(' · '),
    made: dayWords(today, 0),
    situation: view.situation,
    reading: view.reading && { title: view.readThen ?? view.reading.title, because: view.reading.because },
    leaveShut: view.leaveShut,
    queen: view.queen,
    queenLines: queens
      .filter(({ isDeleted }) => !isDeleted)
      .map(
        (line) =>
          `${inItsYear(queenEventDay(line), day(line.on), today)}: ${line.queen}: ${QUEEN_EVENT_WORDS[line.kind]}`,
      ),
    due: view.due.map(({ key, words, why }) => ({ key, words, why })),
    cells: view.cells.filter(({ isOver }) => !isOver),
    methods: view.programmes.map(({ id, words }) => ({ id, words })),
    food: food
      .filter(({ colonyId }) => colonyId === colony.id)
      .map((entry) => ({
        id: `${entry.at} ${entry.kind}`,
        words: inItsYear(lastFedWords(foodWords(entry), dayOfMinute(entry.at)), dayOfMinute(entry.at), today),
      })),
    looks: view.looks.map((look) => ({ ...look, when: inItsYear(look.when, look.on, today) })),
    note: colony.note,
  };
}
