import type { MeasuredNotes } from '../../views/measured-notes';
import { LossQuestion } from '../scale/LossQuestion';

interface Props {
  readonly colony: { readonly id: string; readonly name: string };
  readonly notes: MeasuredNotes;
}

/** What weather and scale ask of a colony today. */
export function MeasuredPanel({ colony: { name }, notes: { noFitDay, losses } }: Props) {
  return (
    <>
      {noFitDay && <p className="text-propolis mt-2 text-sm font-semibold">{noFitDay}</p>}
      {losses.map((loss) => (
        <LossQuestion key={loss.at} loss={loss} colonyName={name} />
      ))}
    </>
  );
}
