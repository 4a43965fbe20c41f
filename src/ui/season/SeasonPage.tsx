'use client';

import { useState } from 'react';
import type { Day } from '../../core/calendar/day';
import type { SeasonView } from '../../views/season-view';
import { Button } from '../controls/Button';
import { Views } from '../frame/Views';
import { TitleHead } from '../time/TitleHead';
import { FlowLane } from './FlowLane';
import { SeasonRowLane } from './SeasonRowLane';
import { SeasonTable } from './SeasonTable';
import { Sheet } from './Sheet';
import { YearLane } from './YearLane';

/** How does it all run together? Rows are colonies, x is time; to be moved by drag, wheel, keys and buttons. */
export function SeasonPage({ view, today, minute }: { view: SeasonView; today: Day; minute: string }) {
  const [isTable, setTable] = useState(false);
  const count = view.groups.reduce((sum, { rows }) => sum + rows.length, 0);
  return (
    <>
      <TitleHead
        title={`The season of ${count === 1 ? 'one colony' : `${count} colonies`}`}
        below={
          <Button kind="quiet" aria-pressed={isTable} onClick={() => setTable(!isTable)}>
            {isTable ? 'As a picture' : 'As a table'}
          </Button>
        }
      />
      <Views of="season" />
      {isTable ? (
        <SeasonTable view={view} />
      ) : (
        <Sheet
          days={view}
          today={today}
          hint="Drag, arrow keys, + and −. A planned check is dragged, or moved with Shift and the arrows, then Enter. What is only meant is pale."
        >
          {({ daysOf }) =>
            view.groups.map(({ apiary, year, flows, rows }) => (
              <section key={apiary} aria-label={apiary}>
                <h2 className="relative bg-ink px-2.5 py-0.5 text-sm text-white">{apiary}</h2>
                <YearLane bands={year} origin={view.first} />
                {flows.length > 0 && <FlowLane flows={flows} origin={view.first} />}
                {rows.map((row) => (
                  <SeasonRowLane key={row.colonyId} row={row} origin={view.first} minute={minute} daysOf={daysOf} />
                ))}
              </section>
            ))
          }
        </Sheet>
      )}
    </>
  );
}
