import type { SeasonFacts } from '../../formats/season-file';
import { namesOf, standing } from '../names';
import { type Sheet, sheetOf } from '../sheet';

/** Every colony that there is or was, by apiary and name. */
export function coloniesSheet(facts: SeasonFacts): Sheet {
  const names = namesOf(facts);
  const key = ({ apiaryId, name }: { apiaryId: string; name: string }) => `${names.apiary(apiaryId)} ${name}`;
  return sheetOf(
    [
      { head: 'apiary', of: ({ apiaryId }) => names.apiary(apiaryId) },
      { head: 'colony', of: ({ name }) => name },
      { head: 'stand', of: ({ stand }) => stand },
      { head: 'began-as', of: ({ origin }) => origin },
      { head: 'came-of', of: ({ parentColonyId }) => names.colony(parentColonyId) },
      { head: 'since', of: ({ startedOn }) => startedOn },
      { head: 'ended-on', of: ({ endedOn }) => endedOn },
      { head: 'wanted', of: ({ wanted }) => wanted },
      { head: 'note', of: ({ note }) => note },
      { head: 'id', of: ({ id }) => id },
    ],
    [...standing(facts.colonies)].sort((a, b) => (key(a) < key(b) ? -1 : 1)),
  );
}
