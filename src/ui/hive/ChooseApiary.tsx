import type { Day } from '../../core/calendar/day';
import { weekdayWords } from '../../core/calendar/words';
import type { ColonyState } from '../../core/colony/fold';
import { roundView } from '../../views/round-view';
import type { ApiaryEntry, ColonyEntry } from '../../views/yard';
import { PageHead } from '../time/PageHead';
import { HiveLink } from './HiveLink';
import { hivePlace } from './place';

interface Props {
  readonly apiaries: readonly ApiaryEntry[];
  readonly standings: readonly { readonly colony: ColonyEntry; readonly state: ColonyState }[];
  readonly today: Day;
}

/** Where are you? The apiary with most to do first. */
export function ChooseApiary({ apiaries, standings, today }: Props) {
  const rounds = apiaries
    .map((apiary) => {
      const here = standings.filter(({ colony }) => colony.apiaryId === apiary.id);
      return { apiary, hives: here.length, round: roundView(here, today) };
    })
    .sort((a, b) => b.round.due.length - a.round.due.length);
  return (
    <>
      <PageHead title="Which apiary?" below={weekdayWords(today)} isSticky={false} />
      <ul className="mt-3 grid max-w-xl gap-2">
        {rounds.map(({ apiary, hives, round }) => (
          <li key={apiary.id}>
            <HiveLink
              to={hivePlace.round(apiary.id)}
              className="block min-h-16 border-2 border-ink bg-paper px-3 py-2 no-underline hover:bg-tint"
            >
              <b className="font-display text-lg">{apiary.name}</b>
              <span className="block text-sm">
                {round.due.length === 0 ? 'nothing due' : `${round.due.length} of ${hives} due`}
                {round.leaveShut.length > 0 && `, ${round.leaveShut.length} to leave shut`}
              </span>
            </HiveLink>
          </li>
        ))}
      </ul>
    </>
  );
}
