'use client';

import type { ChartDataset, Plugin } from 'chart.js';
import { useMemo } from 'react';
import { type Day, day } from '../../core/calendar/day';
import type { ActThen, FramesThen } from '../../views/frames-course';
import { dayWords } from '../../words/days';
import { Drawn } from '../time/chart';
import { colours, motion } from '../time/onAxis';

/** A line under each act, with what was done written along it. */
const actLines = (acts: readonly ActThen[], ink: string): Plugin<'line'> => ({
  id: 'acts',
  afterDatasetsDraw: ({ ctx, chartArea, scales: { x } }) => {
    if (!x) return;
    ctx.save();
    ctx.strokeStyle = ink;
    ctx.fillStyle = ink;
    ctx.font = '12px "Atkinson Hyperlegible Next Variable", sans-serif';
    ctx.setLineDash([2, 3]);
    for (const { day: on, words } of acts) {
      const at = x.getPixelForValue(on);
      ctx.beginPath();
      ctx.moveTo(at, chartArea.top);
      ctx.lineTo(at, chartArea.bottom);
      ctx.stroke();
      ctx.save();
      // Written upwards beside its line, or on the other side of it at the right edge.
      ctx.translate(at > chartArea.right - 16 ? at - 4 : at + 12, chartArea.bottom - 4);
      ctx.rotate(-Math.PI / 2);
      ctx.fillText(words, 0, 0, chartArea.height - 8);
      ctx.restore();
    }
    ctx.restore();
  },
});

/** Brood, stores and eggs a day over the surveys. Lines differ by dash and mark as well as by colour. */
export default function FramesChart({ course, acts }: { course: readonly FramesThen[]; acts: readonly ActThen[] }) {
  const { ink, muted, line, willow, indigo, propolis } = useMemo(
    () => colours('ink', 'muted', 'line', 'willow', 'indigo', 'propolis'),
    [],
  );
  const one = (
    label: string,
    of: 'brood' | 'stores' | 'eggsPerDay',
    look: Partial<
      Pick<ChartDataset<'line'>, 'borderColor' | 'backgroundColor' | 'borderDash' | 'pointStyle' | 'yAxisID'>
    >,
  ): ChartDataset<'line', { x: number; y: number }[]> => ({
    label,
    data: course.map((then) => ({ x: then.day, y: then[of] })),
    pointRadius: 4,
    borderWidth: 2.5,
    ...look,
  });
  const first = course[0]?.day ?? day('2000-01-01');
  const last = Math.max(course.at(-1)?.day ?? first, acts.at(-1)?.day ?? first);
  return (
    <div className="relative mt-2 h-72">
      <Drawn
        type="line"
        aria-hidden="true"
        plugins={[actLines(acts, ink)]}
        data={{
          datasets: [
            one('frames of brood', 'brood', { borderColor: propolis, backgroundColor: propolis, pointStyle: 'rect' }),
            one('frames of stores', 'stores', {
              borderColor: indigo,
              backgroundColor: indigo,
              borderDash: [8, 4],
              pointStyle: 'triangle',
            }),
            one('eggs a day', 'eggsPerDay', {
              borderColor: willow,
              backgroundColor: willow,
              borderDash: [2, 3],
              pointStyle: 'circle',
              yAxisID: 'eggs',
            }),
          ],
        }}
        options={{
          maintainAspectRatio: false,
          animation: motion(),
          interaction: { mode: 'index', intersect: false },
          scales: {
            x: {
              type: 'linear',
              min: first,
              max: Math.max(last, first + 1),
              grid: { color: line },
              ticks: {
                color: muted,
                precision: 0,
                maxTicksLimit: 8,
                includeBounds: false,
                callback: (value) => dayWords(value as Day),
              },
            },
            y: {
              beginAtZero: true,
              grid: { color: line },
              ticks: { color: muted },
              title: { display: true, text: 'full frames', color: muted },
            },
            eggs: {
              position: 'right',
              beginAtZero: true,
              grid: { drawOnChartArea: false },
              ticks: { color: muted },
              title: { display: true, text: 'eggs a day', color: muted },
            },
          },
          plugins: {
            legend: { position: 'bottom', labels: { color: ink, usePointStyle: true } },
            tooltip: {
              callbacks: {
                title: ([item]) => (item ? dayWords(item.parsed.x as Day) : ''),
                afterBody: ([item]) => [...(course[item?.dataIndex ?? -1]?.done ?? [])],
              },
            },
          },
        }}
      />
    </div>
  );
}
