'use client';

import { X } from 'lucide-react';
import { useRouter, useSearchParams } from 'next/navigation';
import { type Day, formatDay, parseDay } from '../../core/calendar/day';
import { CELL_STAGES, type CellStage } from '../../core/cells/stage';
import { THOROUGHNESS, type Thoroughness } from '../../core/cells/thoroughness';
import { type ClockState, readClockQuery, writeClockQuery } from '../../views/clock-state';
import { clockView } from '../../views/clock-view';
import { STAGE_WORDS } from '../../words/cells';
import { THOROUGHNESS_WORDS } from '../../words/inspections';
import { CellGlyph } from '../cells/CellGlyph';
import { Button } from '../controls/Button';
import { DayField } from '../controls/DayField';
import { FIELD } from '../controls/styles';
import { Views } from '../frame/Views';
import { axisAround } from '../time/axis';
import { RulerHead } from '../time/RulerHead';
import { ClockAnswer } from './ClockAnswer';

/** Tap what you see, on which day, and read the dates. What was tapped stands in the address, so that it can be sent on. */
export function CellClock({ today }: { today: Day }) {
  const router = useRouter();
  const state = readClockQuery(new URLSearchParams(useSearchParams()));
  const put = (next: Partial<ClockState>) => {
    const query = writeClockQuery({ ...state, ...next });
    router.replace(query === '' ? '/cell-clock' : `/cell-clock?${query}`, { scroll: false });
  };
  const { sights, checks, queenRemoved } = state;
  const view = clockView(state, today);
  const replaced = <T,>(list: readonly T[], at: number, item: T) => list.map((old, i) => (i === at ? item : old));

  return (
    <>
      <RulerHead axis={view?.axis ?? axisAround(today)} title="Cell clock" />
      <Views of="learn" />
      <div className="grid wide:grid-cols-[var(--words)_minmax(0,1fr)]">
        <div className="wide:pr-5">
          <p className="text-muted">Tap what the cell looks like. No colony needed.</p>
          <ul className="mt-3 grid grid-cols-4 gap-1.5">
            {CELL_STAGES.map((stage) => (
              <li key={stage}>
                <button
                  type="button"
                  title={STAGE_WORDS[stage].look}
                  onClick={() => put({ sights: [...sights, { on: nextFreeDay(sights, today), stage }] })}
                  className="flex h-full w-full flex-col items-center gap-1 border-2 border-line bg-paper px-1 py-2 text-center text-sm leading-tight hover:border-ink"
                >
                  <CellGlyph found={stage} size={28} />
                  {STAGE_WORDS[stage].name}
                </button>
              </li>
            ))}
          </ul>

          {sights.length > 0 && <h2 className="mt-5 border-t-2 border-ink pt-2 text-lg">Seen</h2>}
          <ul>
            {sights.map(({ on, stage }, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: rows have no identity but their place in the address
              <li key={i} className="flex items-center gap-2 border-b border-line py-1.5">
                <CellGlyph found={stage} size={26} />
                <select
                  aria-label={`Stage ${i + 1}`}
                  className={`${FIELD} flex-1`}
                  value={stage}
                  onChange={(event) =>
                    put({ sights: replaced(sights, i, { on, stage: event.target.value as CellStage }) })
                  }
                >
                  {CELL_STAGES.map((name) => (
                    <option key={name} value={name}>
                      {STAGE_WORDS[name].name}
                    </option>
                  ))}
                </select>
                <ClockDay
                  name={`Day ${i + 1}`}
                  value={on}
                  onChange={(day) => put({ sights: replaced(sights, i, { on: day, stage }) })}
                />
                <Remove name={`sight ${i + 1}`} onPress={() => put({ sights: sights.filter((_, at) => at !== i) })} />
              </li>
            ))}
          </ul>

          <h2 className="mt-5 border-t-2 border-ink pt-2 text-lg">Looked there before, and it was not there</h2>
          <ul>
            {checks.map(({ on, thoroughness }, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: rows have no identity but their place in the address
              <li key={i} className="flex items-center gap-2 border-b border-line py-1.5">
                <select
                  aria-label={`How it was looked at ${i + 1}`}
                  className={`${FIELD} flex-1`}
                  value={thoroughness}
                  onChange={(event) =>
                    put({ checks: replaced(checks, i, { on, thoroughness: event.target.value as Thoroughness }) })
                  }
                >
                  {THOROUGHNESS.map((name) => (
                    <option key={name} value={name}>
                      {THOROUGHNESS_WORDS[name].short}
                    </option>
                  ))}
                </select>
                <ClockDay
                  name={`Day of the look ${i + 1}`}
                  value={on}
                  onChange={(day) => put({ checks: replaced(checks, i, { on: day, thoroughness }) })}
                />
                <Remove name={`look ${i + 1}`} onPress={() => put({ checks: checks.filter((_, at) => at !== i) })} />
              </li>
            ))}
          </ul>
          <Button
            kind="plain"
            className="mt-2"
            onClick={() =>
              put({ checks: [...checks, { on: ((sights[0]?.on ?? today) - 7) as Day, thoroughness: 'cleared' }] })
            }
          >
            Add such a look
          </Button>

          <h2 className="mt-5 border-t-2 border-ink pt-2 text-lg">Queen taken away or lost</h2>
          <div className="flex items-center gap-2 py-1.5">
            {queenRemoved === null ? (
              <Button kind="plain" onClick={() => put({ queenRemoved: today })}>
                Give the day
              </Button>
            ) : (
              <>
                <ClockDay
                  name="Day the queen was gone"
                  value={queenRemoved}
                  onChange={(day) => put({ queenRemoved: day })}
                />
                <Remove name="the queen’s day" onPress={() => put({ queenRemoved: null })} />
              </>
            )}
          </div>
        </div>
        <div className="mt-4">
          {view ? (
            <ClockAnswer view={view} />
          ) : (
            <p className="text-muted mt-10">The dates appear here as soon as you tap a stage.</p>
          )}
        </div>
      </div>
    </>
  );
}

/** Today, or the day before the earliest one given: a cell has one stage a day. */
function nextFreeDay(sights: ClockState['sights'], today: Day): Day {
  let day = today;
  while (sights.some(({ on }) => on === day)) day = (day - 1) as Day;
  return day;
}

function ClockDay({ name, value, onChange }: { name: string; value: Day; onChange: (day: Day) => void }) {
  return (
    <div className="w-44">
      <DayField
        aria-label={name}
        value={formatDay(value)}
        onChange={(text) => {
          const day = parseDay(text);
          if (day !== null) onChange(day);
        }}
      />
    </div>
  );
}

function Remove({ name, onPress }: { name: string; onPress: () => void }) {
  return (
    <button
      type="button"
      aria-label={`Leave out ${name}`}
      className="min-h-11 min-w-11 text-xl font-bold hover:bg-tint"
      onClick={onPress}
    >
      <X aria-hidden="true" className="inline size-5" strokeWidth={3} />
    </button>
  );
}
