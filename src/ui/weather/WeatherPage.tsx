import Link from 'next/link';
import type { WeatherDayView, WeatherView } from '../../views/weather-view';
import { degrees } from '../../words/measures';
import { fitHourWords } from '../../words/weather';
import { Sources } from '../devices/Sources';
import { type Axis, axisDays } from '../time/axis';
import { LidGlyph } from '../time/LidGlyph';
import { RulerHead } from '../time/RulerHead';
import { NightsRow } from './NightsRow';
import { WeatherCharts } from './WeatherCharts';

interface Props {
  readonly apiary: { readonly id: string; readonly name: string };
  readonly others: readonly { readonly id: string; readonly name: string }[];
  readonly view: WeatherView;
  readonly axis: Axis;
  readonly stationKey: { readonly madeAt: string; readonly usedAt: string | null } | null;
  /** Hours were brought in, by a file or a device. */
  readonly isBrought: boolean;
  readonly isSimulated: boolean;
}

/** On which days can hives be opened here, and what else does the weather allow? */
export function WeatherPage({ apiary, others, view, axis, stationKey, isBrought, isSimulated }: Props) {
  const hasHours = view.hours.length > 0;
  return (
    <>
      <RulerHead
        axis={axis}
        apiaryId={apiary.id}
        title={`Weather, ${apiary.name}`}
        below={
          <p className="flex flex-wrap gap-x-4">
            <span>{view.told ?? 'Nothing is known of the weather here yet.'}</span>
            {others.map(({ id, name }) => (
              <Link key={id} prefetch={false} href={`/apiaries/${id}/weather`}>
                {name}
              </Link>
            ))}
          </p>
        }
      />
      {hasHours && <WeatherCharts view={view} axis={axis} />}
      {hasHours && <NightsLane days={view.days} axis={axis} />}
      {view.ahead.length > 0 && (
        <section aria-label="What each day allows" className="mt-6">
          <h2 className="border-t-2 border-ink pt-2 text-lg">What each day allows</h2>
          <ul className="max-w-3xl">
            {view.ahead.map((day) => (
              <DayLine key={day.on} day={day} />
            ))}
          </ul>
          <p className="text-muted mt-2 max-w-prose text-sm">{fitHourWords()}</p>
        </section>
      )}
      <NightsRow apiaryId={apiary.id} nights={view.nights} coldest={view.coldest} />
      <Sources kind="weather" ofId={apiary.id} deviceKey={stationKey} isBrought={isBrought} isSimulated={isSimulated} />
    </>
  );
}

function DayLine({ day: { when, fit, says } }: { readonly day: WeatherDayView }) {
  return (
    <li className="flex items-baseline gap-3 border-b border-line py-1.5">
      <span className="w-24 shrink-0 font-bold">{when}</span>
      <LidGlyph fit={fit} className="w-5 shrink-0" />
      <span className={fit === 'shut' ? 'text-muted' : ''}>{says.join(' ')}</span>
    </li>
  );
}

/** How cold each night gets, under its day. */
function NightsLane({ days, axis }: { readonly days: readonly WeatherDayView[]; readonly axis: Axis }) {
  const lowOf = new Map(days.map(({ on, nightLowC }) => [on, nightLowC]));
  return (
    <div className="lane max-wide:hidden">
      <div className="lane-words py-1.5">
        <h2 className="text-sm font-bold">Nights, the lowest of each</h2>
      </div>
      <ol
        aria-hidden="true"
        className="grid items-center text-center text-sm font-semibold"
        style={{ gridTemplateColumns: `repeat(${axis.days}, minmax(0, 1fr))` }}
      >
        {axisDays(axis).map((day) => {
          const low = lowOf.get(day) ?? null;
          return <li key={day}>{low === null ? '' : `${degrees(low)}°`}</li>;
        })}
      </ol>
    </div>
  );
}
