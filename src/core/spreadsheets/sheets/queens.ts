import type { SeasonFacts } from '../../formats/season-file';
import { namesOf, standing } from '../names';
import { type Sheet, sheetOf } from '../sheet';

/** Every queen that there is or was. */
export const queensSheet = ({ queens }: SeasonFacts): Sheet =>
  sheetOf(
    [
      { head: 'queen-id', of: ({ id }) => id },
      { head: 'mother-id', of: ({ motherQueenId }) => motherQueenId },
      { head: 'origin', of: ({ origin }) => origin },
      { head: 'emerged-from', of: ({ emergedFrom }) => emergedFrom },
      { head: 'emerged-to', of: ({ emergedTo }) => emergedTo },
      { head: 'to-breed-from', of: ({ isToBreedFrom }) => isToBreedFrom },
      { head: 'note', of: ({ note }) => note },
    ],
    queens,
  );

/** What befell queens, the earliest first. */
export function queenEventsSheet(facts: SeasonFacts): Sheet {
  const names = namesOf(facts);
  return sheetOf(
    [
      { head: 'apiary', of: ({ colonyId }) => names.apiaryOf(colonyId) },
      { head: 'colony', of: ({ colonyId }) => names.colony(colonyId) },
      { head: 'on', of: ({ on }) => on },
      { head: 'or-as-late-as', of: ({ to }) => to },
      { head: 'at', of: ({ at }) => at },
      { head: 'what', of: ({ kind }) => kind },
      { head: 'went', of: ({ went }) => went },
      { head: 'hived-as', of: ({ hivedAsId }) => names.colony(hivedAsId) },
      { head: 'note', of: ({ note }) => note },
      { head: 'queen-id', of: ({ queenId }) => queenId },
      { head: 'colony-id', of: ({ colonyId }) => colonyId },
      { head: 'id', of: ({ id }) => id },
    ],
    [...standing(facts.queenEvents)].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0)),
  );
}
