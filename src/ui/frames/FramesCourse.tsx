'use client';

import dynamic from 'next/dynamic';
import type { ActThen, FramesThen } from '../../views/frames-course';
import { dayWords } from '../../words/days';

// The drawing comes when there is something to draw.
const FramesChart = dynamic(() => import('./FramesChart'), { ssr: false, loading: () => <div className="h-72" /> });

/** What the frames held from survey to survey, with what was done to the hive; as a drawing, and as a table for those who do not see it. */
export function FramesCourse({ course, acts }: { course: readonly FramesThen[]; acts: readonly ActThen[] }) {
  if (course.length < 2) return null;
  return (
    <section aria-label="What the frames held" className="mt-6">
      <h2 className="border-t-2 border-ink pt-2 text-lg">What the frames held</h2>
      <FramesChart course={course} acts={acts} />
      {acts.length > 0 && (
        <ul aria-label="What was done" className="sr-only">
          {acts.map(({ day, words }) => (
            <li key={`${day}${words}`}>{`${dayWords(day)}: ${words}`}</li>
          ))}
        </ul>
      )}
      <table className="sr-only">
        <caption>Brood and stores in full frames, eggs laid in a day, and what was done</caption>
        <thead>
          <tr>
            <th scope="col">Day</th>
            <th scope="col">Brood</th>
            <th scope="col">Stores</th>
            <th scope="col">Eggs a day</th>
            <th scope="col">Done</th>
          </tr>
        </thead>
        <tbody>
          {course.map(({ when, brood, stores, eggsPerDay, done }, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: two surveys may be of one day
            <tr key={i}>
              <th scope="row">{when}</th>
              <td>{brood}</td>
              <td>{stores}</td>
              <td>{eggsPerDay}</td>
              <td>{done.join(', ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
