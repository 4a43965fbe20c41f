'use client';

import { Chart, Filler, LinearScale, LineController, LineElement, PointElement, Tooltip } from 'chart.js';
import { useEffect, useRef } from 'react';
import { dayWords } from '../../core/calendar/words';
import type { Room } from '../../core/space/room';

Chart.register(LineController, LineElement, PointElement, LinearScale, Filler, Tooltip);

interface Props {
  readonly name: string;
  readonly course: Room['course'];
}

/** The hues of the present light. */
const colour = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(`--color-${name}`).trim();

/** Free cells against time: a band between the highest and the lowest rate of laying, and the line at which there are none. */
export function RoomChart({ name, course }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (!canvas.current) return;
    const [ink, line, larch] = ['ink', 'line', 'larch'].map(colour) as [string, string, string];
    const points = (of: 'low' | 'high') => course.map(({ day, [of]: cells }) => ({ x: day, y: Math.round(cells) }));
    const edge = { borderColor: larch, borderWidth: 1.5, pointRadius: 0, pointHitRadius: 8 };
    const chart = new Chart(canvas.current, {
      type: 'line',
      data: {
        datasets: [
          { label: 'at the lowest rate', data: points('high'), ...edge },
          {
            label: 'at the highest rate',
            data: points('low'),
            ...edge,
            borderDash: [4, 3],
            fill: { target: 0, above: `${larch}44`, below: `${larch}44` },
          },
        ],
      },
      options: {
        animation: false,
        responsive: true,
        maintainAspectRatio: false,
        scales: {
          x: {
            type: 'linear',
            min: course[0]?.day,
            max: course.at(-1)?.day,
            ticks: { color: ink, stepSize: 7, callback: (value) => dayWords(Number(value) as Room['on']) },
            grid: { color: line },
          },
          y: {
            title: { display: true, text: 'free cells', color: ink },
            ticks: { color: ink, maxTicksLimit: 5 },
            grid: { color: (context) => (context.tick.value === 0 ? ink : line) },
          },
        },
        plugins: {
          tooltip: { callbacks: { title: (items) => dayWords(Number(items[0]?.parsed.x) as Room['on']) } },
        },
      },
    });
    return () => chart.destroy();
  }, [course]);
  const last = course.at(-1);
  const words = last
    ? `From ${Math.round(course[0]?.high ?? 0)} free cells on ${dayWords((course[0] as typeof last).day)} to between ${Math.round(last.low)} and ${Math.round(last.high)} on ${dayWords(last.day)}.`
    : '';
  return (
    <div className="h-48">
      <canvas ref={canvas} role="img" aria-label={`Laying room of ${name}. ${words}`} />
    </div>
  );
}
