import type { Day } from '../../core/calendar/day';
import type { RoundsAtHand } from '../../device/rounds-at-hand';
import { weekdayWords } from '../../words/days';
import { PageHead } from '../time/PageHead';
import { HiveLink } from './HiveLink';
import { hivePlace } from './place';

/** Where are you? The apiary with most to do first. */
export function ChooseApiary({ rounds, today }: { rounds: RoundsAtHand['rounds']; today: Day }) {
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
