import type { SeasonPlanView } from '../../views/season-plan-view';
import { durationWords } from '../../words/rounds';

/** Hours and boxes by week in words. Weeks that are too full say so. */
export function WeekTable({ view: { weeks, boxesThere } }: { readonly view: SeasonPlanView }) {
  const there = (count: number | null) => (count === null ? 'not counted' : `${count} there`);
  return (
    <details className="mt-3">
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">Hours and boxes by week, as a table</summary>
      <div className="overflow-x-auto">
        <table className="border-collapse text-left text-sm">
          <thead>
            <tr className="border-b-2 border-ink align-bottom">
              {['Week', 'Work', 'of it meant', 'Free'].map((name) => (
                <th key={name} scope="col" className="py-1 pr-4">
                  {name}
                </th>
              ))}
              <th scope="col" className="py-1 pr-4">
                Nuc boxes out
                <span className="text-muted block font-normal">{there(boxesThere['nuc-box'])}</span>
              </th>
              <th scope="col" className="py-1 pr-4">
                Brood boxes out
                <span className="text-muted block font-normal">{there(boxesThere['brood-box'])}</span>
              </th>
              <th scope="col" className="py-1">
                Supers out
                <span className="text-muted block font-normal">{there(boxesThere.super)}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {weeks.map(({ words, from, usual, meant, free, boxes }) => {
              const isFull = usual + meant > free;
              return (
                <tr key={from} className="border-b border-line">
                  <th scope="row" className="py-1 pr-4 font-semibold whitespace-nowrap">
                    {words}
                  </th>
                  <td className={`py-1 pr-4 ${isFull ? 'text-propolis font-bold' : ''}`}>
                    {durationWords(usual + meant)}
                    {isFull && ', too much'}
                  </td>
                  <td className="py-1 pr-4">{meant > 0 ? durationWords(meant) : '–'}</td>
                  <td className="py-1 pr-4">{durationWords(free)}</td>
                  <td className="py-1 pr-4">{boxes['nuc-box'] || '–'}</td>
                  <td className="py-1 pr-4">{boxes['brood-box'] || '–'}</td>
                  <td className="py-1">{boxes.super || '–'}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </details>
  );
}
