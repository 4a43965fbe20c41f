import type { Day } from '../../core/calendar/day';
import type { ColonyFacts } from '../../core/colony/facts';
import { foldColony } from '../../core/colony/fold';
import { differenceOf } from '../../core/schedule/what-moved';
import type { Settings } from '../../core/settings/settings';
import { windowMoved } from '../../views/moves-view';

interface Props {
  readonly facts: ColonyFacts;
  readonly corrected: ColonyFacts;
  readonly settings: Settings;
  readonly today: Day;
}

/** What a correction will move, before it is saved. */
export function CorrectionMoves({ facts, corrected, settings, today }: Props) {
  const [before, after] = [facts, corrected].map((known) => foldColony(known, settings, today).schedule.checks);
  const moves = differenceOf(before ?? [], after ?? []);
  if (moves.length === 0) return null;
  return (
    <section aria-label="What the correction moves" className="mt-3">
      <h3 className="text-muted text-sm">What the correction moves</h3>
      <ul className="text-sm font-semibold">
        {moves.map(({ code, from, to }) => (
          <li key={code}>{windowMoved(code, from, to)}.</li>
        ))}
      </ul>
    </section>
  );
}
