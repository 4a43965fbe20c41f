import type { SeasonFacts } from '../../formats/season-file';
import { CAR, HOME } from '../../kit/kit-entry';
import { byTime, namesOf, standing } from '../names';
import { type Sheet, sheetOf } from '../sheet';

/** What was counted and carried of the kit, the earliest first. */
export function kitSheet(facts: SeasonFacts): Sheet {
  const names = namesOf(facts);
  const place = (id: string | null) => (id === HOME || id === CAR ? id : names.apiary(id));
  return sheetOf(
    [
      { head: 'at', of: ({ at }) => at },
      { head: 'what', of: ({ kind }) => kind },
      { head: 'thing', of: ({ thing }) => thing },
      { head: 'count', of: ({ count }) => count },
      { head: 'from', of: ({ from }) => place(from) },
      { head: 'to', of: ({ to }) => place(to) },
      { head: 'packed-for', of: ({ packedFor }) => names.apiary(packedFor) },
      { head: 'frozen-since', of: ({ frozenSince }) => frozenSince },
      { head: 'why', of: ({ reason }) => reason },
      { head: 'id', of: ({ id }) => id },
    ],
    byTime(standing(facts.kitEntries)),
  );
}

/** Food given and honey taken, the earliest first. */
export function foodSheet(facts: SeasonFacts): Sheet {
  const names = namesOf(facts);
  return sheetOf(
    [
      { head: 'apiary', of: ({ colonyId }) => names.apiaryOf(colonyId) },
      { head: 'colony', of: ({ colonyId }) => names.colony(colonyId) },
      { head: 'at', of: ({ at }) => at },
      { head: 'what', of: ({ kind }) => kind },
      { head: 'kg-or-frames', of: ({ amount }) => amount },
      { head: 'note', of: ({ note }) => note },
      { head: 'id', of: ({ id }) => id },
    ],
    byTime(standing(facts.foodEntries)),
  );
}
