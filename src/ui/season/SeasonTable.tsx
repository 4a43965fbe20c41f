import Link from 'next/link';
import { seasonLines } from '../../views/season-lines';
import type { SeasonView } from '../../views/season-view';
import { PlainTable } from '../controls/PlainTable';

/** The season in words, colony by colony in order of time. */
export function SeasonTable({ view }: { view: SeasonView }) {
  return (
    <PlainTable
      caption="The season in words"
      head={['Colony', 'What', 'When']}
      rows={seasonLines(view).map(({ key, colonyId, colony, what, when }) => ({
        key,
        cells: [
          <Link key="colony" prefetch={false} href={`/colonies/${colonyId}`}>
            {colony}
          </Link>,
          what,
          when,
        ],
      }))}
    />
  );
}
