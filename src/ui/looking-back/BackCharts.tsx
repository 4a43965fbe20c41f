'use client';

import type { Plugin } from 'chart.js';
import { useMemo } from 'react';
import { type Day, monthAndDate } from '../../core/calendar/day';
import { LEAVES_AFTER } from '../../core/population/figures';
import type { LookingBackView } from '../../views/looking-back-view';
import { dayWords, monthName } from '../../words/days';
import { Drawn } from '../time/chart';
import { colours, motion } from '../time/onAxis';

type Of = { readonly [C in 'ink' | 'willow' | 'wax' | 'line' | 'muted' | 'larch']: string };
const palette = (): Of => colours('ink', 'willow', 'wax', 'line', 'muted', 'larch');

/** From the least to the most that each cell can have been old. */
const ranges = (cells: LookingBackView['cells'], ink: string): Plugin<'line'> => ({
  id: 'ranges',
  beforeDatasetsDraw: ({ ctx, scales: { x, y } }) => {
    if (!x || !y) return;
    ctx.save();
    ctx.strokeStyle = ink;
    ctx.lineWidth = 2;
    for (const { on, least, most } of cells) {
      if (most === null || most === least) continue;
      const left = x.getPixelForValue(on);
      ctx.beginPath();
      ctx.moveTo(left, y.getPixelForValue(least));
      ctx.lineTo(left, y.getPixelForValue(most));
      ctx.stroke();
    }
    ctx.restore();
  },
});

/** Where an axis of so many days names weeks, not months. */
const WEEKS_UP_TO = 70;
const WEEK = 7;
/** Days that the chart of ages has at least. */
const OLDEST_DRAWN = 12;

/** The days that an axis names: each seventh day of a short span, the first days of months of a long one. */
function daysNamed(first: Day, last: Day): readonly number[] {
  const isShort = last - first <= WEEKS_UP_TO;
  const days: number[] = [];
  for (let on = first; on <= last; on = (on + 1) as Day) {
    if (isShort ? (on - first) % WEEK === 0 : monthAndDate(on).date === 1) days.push(on);
  }
  return days;
}

const dayNamed = (on: Day, isShort: boolean): string => (isShort ? dayWords(on) : monthName(monthAndDate(on).month));

/** A cell whose egg may not have been laid yet is as old as nothing; one that cannot have been has no age. */
const aged = (cells: LookingBackView['cells']): LookingBackView['cells'] =>
  cells
    .filter(({ least, most }) => least > 0 || most === null || most > 0)
    .map((cell) => ({ ...cell, least: Math.max(0, cell.least) }));

/** How old each cell was on the day on which it was found; above the line a swarm may have gone. */
export function CellAgesChart({ view }: { readonly view: LookingBackView }) {
  const of = useMemo(palette, []);
  const cells = aged(view.cells);
  const days = cells.map(({ on }) => on);
  const [first, last] = [Math.min(...days) - WEEK, Math.max(...days) + WEEK];
  const isShort = last - first <= WEEKS_UP_TO;
  const isLate = cells.map(({ least }) => least >= LEAVES_AFTER.value);
  return (
    <Drawn
      type="line"
      aria-hidden="true"
      plugins={[ranges(cells, of.muted)]}
      data={{
        datasets: [
          {
            data: cells.map(({ on, least }) => ({ x: on as number, y: least })),
            showLine: false,
            pointRadius: 5,
            pointStyle: isLate.map((late) => (late ? 'rectRot' : 'circle')),
            pointBackgroundColor: isLate.map((late) => (late ? of.willow : of.wax)),
            pointBorderColor: of.ink,
            pointBorderWidth: 1.5,
          },
          {
            data: [
              { x: first, y: LEAVES_AFTER.value },
              { x: last, y: LEAVES_AFTER.value },
            ],
            borderColor: of.willow,
            borderDash: [7, 4],
            borderWidth: 2,
            pointRadius: 0,
          },
        ],
      }}
      options={{
        maintainAspectRatio: false,
        animation: motion(),
        scales: {
          x: {
            type: 'linear',
            min: first,
            max: last,
            grid: { color: of.line },
            afterBuildTicks: (axis) => {
              axis.ticks = daysNamed(first as Day, last as Day).map((value) => ({ value }));
            },
            ticks: {
              color: of.ink,
              maxRotation: 0,
              autoSkip: true,
              callback: (value) => dayNamed(Number(value) as Day, isShort),
            },
          },
          y: {
            min: 0,
            suggestedMax: Math.max(OLDEST_DRAWN, ...cells.map(({ most }) => most ?? 0)),
            title: { display: true, text: 'days since the egg', color: of.ink },
            grid: { color: of.line },
            ticks: { color: of.ink, stepSize: 2, precision: 0 },
          },
        },
        plugins: {
          legend: { display: false },
          tooltip: { callbacks: { label: ({ parsed }) => `${dayWords((parsed.x ?? 0) as Day)}: ${parsed.y} days` } },
        },
      }}
    />
  );
}

interface YearsProps {
  readonly years: LookingBackView['years'];
  readonly value: (year: LookingBackView['years'][number]) => number;
  readonly colour: 'willow' | 'wax';
  readonly words: (value: number) => string;
}

/** One figure, year beside year. */
export function YearsChart({ years, value, colour, words }: YearsProps) {
  const of = useMemo(palette, []);
  return (
    <Drawn
      type="bar"
      aria-hidden="true"
      data={{
        datasets: [
          {
            data: years.map((year, i) => ({ x: i, y: value(year) })),
            backgroundColor: of[colour],
            borderColor: of.ink,
            borderWidth: 1.5,
            barThickness: 34,
          },
        ],
      }}
      options={{
        maintainAspectRatio: false,
        animation: motion(),
        scales: {
          x: {
            type: 'linear',
            min: -0.6,
            max: years.length - 0.4,
            grid: { display: false },
            afterBuildTicks: (axis) => {
              axis.ticks = years.map((_, i) => ({ value: i }));
            },
            ticks: { color: of.ink, callback: (at) => years[Number(at)]?.name ?? '' },
          },
          y: {
            min: 0,
            grid: { color: of.line },
            ticks: { color: of.ink, precision: 0, maxTicksLimit: 4, callback: (at) => words(Number(at)) },
          },
        },
        plugins: { legend: { display: false }, tooltip: { enabled: false } },
      }}
    />
  );
}
