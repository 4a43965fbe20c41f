import type { YardToday } from '../../views/today-view';
import { YardStepLine } from '../yard/YardStepLine';
import { WayMarkLine } from './WayMarkLine';

/** Hives that are moved by a step today, and those before which a way-mark is put. */
export function InTheYard({
  yard: { wayMarks, steps },
  minute,
}: {
  readonly yard: YardToday;
  readonly minute: string;
}) {
  if (wayMarks.length === 0 && steps.length === 0) return null;
  return (
    <section aria-label="At the stands" className="mt-3 border-l-4 border-line pl-3">
      {steps.map((step) => (
        <YardStepLine key={`${step.moveId} ${step.words}`} step={step} minute={minute} />
      ))}
      {wayMarks.map((note) => (
        <WayMarkLine key={note.apiaryId} note={note} />
      ))}
    </section>
  );
}
