'use client';

import type { Plugin } from 'chart.js';
import { useMemo } from 'react';
import { toUnit } from '../../core/units/units';
import { OPEN_HOUR } from '../../core/weather/weather-figures';
import type { WeatherView } from '../../views/weather-view';
import { minuteWords } from '../../words/days';
import { temperatureWords, unitName, unitsSpoken } from '../../words/measures';
import { windUnit } from '../../words/weather';
import type { Axis } from '../time/axis';
import { Drawn } from '../time/chart';
import { colours, daysOf, EDGE_TO_EDGE, INSIDE, motion, ticksInside } from '../time/onAxis';

interface Props {
  readonly view: Pick<WeatherView, 'hours' | 'open'>;
  readonly axis: Axis;
}

const NAMES = ['ink', 'muted', 'line', 'willow', 'indigo', 'larch', 'propolis', 'ground'] as const;

/** The hours fit to open hives, behind everything, with a bar along the bottom so that they are not told by colour alone. */
const openHours = (open: WeatherView['open'], colour: string): Plugin => ({
  id: 'open-hours',
  beforeDatasetsDraw: ({ ctx, chartArea, scales: { x } }) => {
    if (!x) return;
    ctx.save();
    ctx.fillStyle = colour;
    for (const { from, to } of open) {
      const [left, right] = [x.getPixelForValue(from), x.getPixelForValue(to)];
      ctx.globalAlpha = 0.2;
      ctx.fillRect(left, chartArea.top, right - left, chartArea.height);
      ctx.globalAlpha = 1;
      ctx.fillRect(left, chartArea.bottom - 4, right - left, 4);
    }
    ctx.restore();
  },
});

/** Midnights, and the line of today. */
const dayLines = ({ first, days, today }: Axis, line: string, now: string): Plugin => ({
  id: 'day-lines',
  beforeDraw: ({ ctx, chartArea, scales: { x } }) => {
    if (!x) return;
    ctx.save();
    for (let day = 0; day <= days; day++) {
      ctx.fillStyle = line;
      ctx.fillRect(x.getPixelForValue(first + day), chartArea.top, 1, chartArea.height);
    }
    ctx.fillStyle = now;
    ctx.fillRect(x.getPixelForValue(today + 0.5), chartArea.top, 2, chartArea.height);
    ctx.restore();
  },
});

/** Temperature by the hour under the days of the ruler, with the hours in which hives can be opened. */
export function TemperatureChart({ view, axis }: Props) {
  const of = useMemo(() => colours(...NAMES), []);
  const unit = unitsSpoken().temperature;
  const said = (c: number) => toUnit(c, unit);
  const data = view.hours.map(({ x, tempC }) => ({ x, y: said(tempC) }));
  const ends = axis.first + axis.days;
  return (
    <Drawn
      type="line"
      aria-hidden="true"
      plugins={[dayLines(axis, of.line, of.willow), openHours(view.open, of.larch)]}
      data={{
        datasets: [
          { data, borderColor: of.propolis, borderWidth: 2, pointRadius: 0, pointHitRadius: 6, tension: 0.3 },
          {
            data: [axis.first, ends].map((x) => ({ x, y: said(OPEN_HOUR.leastC) })),
            borderColor: of.muted,
            borderDash: [4, 4],
            borderWidth: 1,
            pointRadius: 0,
          },
        ],
      }}
      options={{
        maintainAspectRatio: false,
        animation: motion(),
        layout: EDGE_TO_EDGE,
        interaction: { mode: 'index', intersect: false },
        scales: {
          x: daysOf(axis),
          y: {
            grid: { display: false },
            ...INSIDE,
            ticks: ticksInside(of.muted, of.ground, (value) => `${value} ${unitName('temperature')}`),
          },
        },
        plugins: {
          legend: { display: false },
          tooltip: {
            filter: ({ datasetIndex }) => datasetIndex === 0,
            callbacks: {
              title: ([item]) => minuteWords(view.hours[item?.dataIndex ?? 0]?.at ?? ''),
              label: ({ dataIndex }) => temperatureWords(view.hours[dataIndex]?.tempC ?? 0),
            },
          },
        },
      }}
    />
  );
}

/** Rain as bars and wind as a dashed line. */
export function RainAndWindChart({ view, axis }: Props) {
  const of = useMemo(() => colours(...NAMES), []);
  const wind = windUnit();
  return (
    <Drawn
      type="bar"
      aria-hidden="true"
      plugins={[dayLines(axis, of.line, of.willow)]}
      data={{
        datasets: [
          {
            type: 'line' as const,
            data: view.hours.map(({ x, windMs }) => ({ x, y: wind.of(windMs) })),
            borderColor: of.muted,
            borderDash: [3, 3],
            borderWidth: 1.5,
            pointRadius: 0,
            tension: 0.3,
          },
          {
            type: 'bar' as const,
            data: view.hours.map(({ x, rainMm }) => ({ x: x + 1 / 48, y: rainMm })),
            backgroundColor: of.indigo,
            barThickness: 2.5,
            yAxisID: 'rain',
          },
        ],
      }}
      options={{
        maintainAspectRatio: false,
        animation: motion(),
        layout: EDGE_TO_EDGE,
        interaction: { mode: 'index', intersect: false },
        scales: {
          x: daysOf(axis),
          y: {
            beginAtZero: true,
            grace: '20%',
            grid: { display: false },
            ...INSIDE,
            ticks: ticksInside(of.muted, of.ground, (value) => (value === 0 ? '' : `${value} ${wind.name}`)),
          },
          rain: {
            position: 'right',
            beginAtZero: true,
            suggestedMax: 3,
            grace: '20%',
            grid: { display: false },
            ...INSIDE,
            ticks: {
              ...ticksInside(of.indigo, of.ground, (value) => (value === 0 ? '' : `${value} mm`)),
              // Mirrored at the right edge it would begin beyond it.
              padding: -8,
            },
          },
        },
        plugins: {
          legend: { display: false },
          tooltip: {
            callbacks: {
              title: ([item]) => minuteWords(view.hours[item?.dataIndex ?? 0]?.at ?? ''),
              label: ({ dataIndex, datasetIndex }) => {
                const hour = view.hours[dataIndex];
                return datasetIndex === 0
                  ? `wind ${wind.of(hour?.windMs ?? 0).toFixed(1)} ${wind.name}`
                  : `rain ${hour?.rainMm ?? 0} mm`;
              },
            },
          },
        },
      }}
    />
  );
}
