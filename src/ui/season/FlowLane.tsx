import type { SeasonFlow } from '../../views/season-view';
import { rangeWords } from '../../words/days';
import { spanStyle } from './place';

/** The flows of an apiary on the sheet: dashed as they are expected, filled as a scale shows them; one line of each. */
export function FlowLane({
  flows,
  origin,
}: {
  readonly flows: readonly SeasonFlow[];
  readonly origin: SeasonFlow['from'];
}) {
  const lines = [flows.filter(({ by }) => by === 'keeper'), flows.filter(({ by }) => by === 'scale')].filter(
    (line) => line.length > 0,
  );
  return (
    <div className="season-row">
      <span className="season-name text-sm">Flow</span>
      <div className="season-strip" style={{ height: 4 + lines.length * LINE }}>
        <ul className="season-time">
          {lines.flatMap((line, i) =>
            line.map(({ id, label, from, to, by }) => (
              <li
                key={id}
                className={`season-mark ${by === 'keeper' ? 'season-flow-expected' : 'season-flow'}`}
                style={{ ...spanStyle(origin, from, to), marginTop: i * LINE }}
                title={`${label}, ${rangeWords({ from, to })}`}
              >
                {label}
              </li>
            )),
          )}
        </ul>
      </div>
    </div>
  );
}

const LINE = 19;
