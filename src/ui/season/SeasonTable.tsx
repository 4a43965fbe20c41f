import Link from 'next/link';
import { type SeasonView, seasonLines } from '../../views/season-view';

/** The season in words, colony by colony in order of time. */
export function SeasonTable({ view }: { view: SeasonView }) {
  return (
    <table className="mt-4 w-full border-collapse text-left text-sm">
      <thead>
        <tr className="border-b-2 border-ink">
          <th scope="col" className="py-1 pr-4">
            Colony
          </th>
          <th scope="col" className="py-1 pr-4">
            What
          </th>
          <th scope="col" className="py-1">
            When
          </th>
        </tr>
      </thead>
      <tbody>
        {seasonLines(view).map(({ key, colonyId, colony, what, when }) => (
          <tr key={key} className="border-b border-line">
            <th scope="row" className="py-1 pr-4 font-semibold">
              <Link prefetch={false} href={`/colonies/${colonyId}`}>
                {colony}
              </Link>
            </th>
            <td className="py-1 pr-4">{what}</td>
            <td className="py-1">{when}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
