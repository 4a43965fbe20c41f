import { addDays, type Day } from '../core/calendar/day';
import type { DayRange } from '../core/calendar/window';
import { fitFactsOf } from '../core/colony/fit-facts';
import { type LayingQueen, whichQueenStays } from '../core/programmes/which-queen-stays';
import { lays, laysSinceOf, queenIdIn } from '../core/queens/queen-questions';
import type { ColonyState } from '../core/state/fold';
import { unionPhrases } from '../words/pages/union';
import type { NamedColony } from './all-apiaries';

/** A colony that another can be united with. */
export interface UnionView extends NamedColony {
  /** Both have a laying queen: whose stays and why, and whose goes; null: they do not. */
  readonly both: { readonly why: string; readonly goes: NamedColony | null } | null;
}

/** When each queen emerged, by her id; of one that is not in it, it is not known. */
export type QueenAges = ReadonlyMap<string, DayRange>;

interface Unit {
  readonly colony: NamedColony;
  readonly state: ColonyState;
}

function queenOf({ state }: Unit, ages: QueenAges): LayingQueen {
  const { queen } = state;
  const queenId = queenIdIn(queen);
  return {
    emerged: queenId === null ? null : (ages.get(queenId) ?? null),
    laysSince: laysSinceOf(queen),
    broodFrames: fitFactsOf(state, null).broodFrames,
  };
}

const since = ({ emerged, laysSince }: LayingQueen): string => {
  if (emerged) return unionPhrases.emerged(emerged.to);
  return laysSince === null ? unionPhrases.ofUnknownAge : unionPhrases.layingSince(laysSince);
};

/** A colony to be united with another, and what of their queens. */
export function unionView(home: Unit, other: Unit, ages: QueenAges): UnionView {
  const { id, name } = other.colony;
  if (!lays(home.state.queen) || !lays(other.state.queen)) return { id, name, both: null };
  const units = [home, other] as const;
  const queens = [queenOf(home, ages), queenOf(other, ages)] as const;
  const told = whichQueenStays(...queens);
  if (told === null) {
    const why = unionPhrases.neitherTold;
    return { id, name, both: { why, goes: null } };
  }
  const goes = told.stays === 0 ? 1 : 0;
  const [kept, taken] = [units[told.stays].colony.name, units[goes].colony.name];
  const why =
    told.by === 'younger'
      ? unionPhrases.keepYounger(kept, since(queens[told.stays]), taken, since(queens[goes]))
      : unionPhrases.keepBetter(kept, queens[told.stays].broodFrames, taken, queens[goes].broodFrames);
  return { id, name, both: { why, goes: units[goes].colony } };
}

/** By when the one queen goes and when they are united: never on one day, so that the bees have missed her. */
export function unionDays(on: Day, today: Day): string {
  const [out, unite] = on > today ? [addDays(on, -1), on] : [today, addDays(today, 1)];
  return unionPhrases.takeTheOtherOut(out, unite);
}
