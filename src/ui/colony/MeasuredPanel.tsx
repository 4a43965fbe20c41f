import Link from 'next/link';
import type { MeasuredNotes } from '../../views/measured-notes';
import { LossQuestion } from '../scale/LossQuestion';

interface Props {
  readonly colony: { readonly id: string; readonly name: string; readonly apiaryId: string };
  readonly notes: MeasuredNotes;
}

/** What weather and scale say of a colony, and the ways to their pages. */
export function MeasuredPanel({ colony: { id, name, apiaryId }, notes }: Props) {
  const { noFitDay, losses, flow } = notes;
  return (
    <div className="mt-2">
      {noFitDay && <p className="text-propolis text-sm font-semibold">{noFitDay}</p>}
      {losses.map((loss) => (
        <LossQuestion key={loss.at} loss={loss} colonyName={name} />
      ))}
      <p className="flex flex-wrap gap-x-4 text-sm">
        {flow && <span>{flow}</span>}
        <Link prefetch={false} href={`/colonies/${id}/scale`}>
          {flow ? 'Scale' : 'Put it on a scale'}
        </Link>
        <Link prefetch={false} href={`/apiaries/${apiaryId}/weather`}>
          Weather here
        </Link>
      </p>
    </div>
  );
}
