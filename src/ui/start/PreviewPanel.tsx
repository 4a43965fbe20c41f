import type { PlanPreview } from '../../views/plan-preview';
import type { Axis } from '../time/axis';
import { TimeStrip } from '../time/TimeStrip';

/** Every date that would follow, before anything is stored; under the days of the page's head. */
export function PreviewPanel({ preview, axis }: { preview: PlanPreview; axis: Axis }) {
  return (
    <section aria-label="What follows">
      <h2 className="text-lg">What follows</h2>
      <p className="text-muted text-sm">Nothing is saved until you start. Every date moves with what you see later.</p>
      {preview.strips.map(({ unit, marks }) => (
        <div key={unit} className="border-b border-line">
          <p className="pt-1 text-sm font-bold">{unit}</p>
          <TimeStrip axis={axis} marks={marks} name={unit} />
        </div>
      ))}
      <ol className="mt-3 text-sm">
        {preview.lines.map(({ key, best, what, why }) => (
          <li key={key} className="border-b border-line py-1.5">
            <b>{best}</b> {what}
            <span className="text-muted block">{why}</span>
          </li>
        ))}
      </ol>
      {preview.lines.length === 0 && <p>No follow-ups.</p>}
      {preview.broodless && <p className="mt-3 text-sm">{preview.broodless}</p>}
      <h3 className="mt-4 text-lg">How it can turn out</h3>
      <ul aria-label="How it can turn out" className="text-sm">
        {preview.outcomes.map(({ sign, when, next }) => (
          <li key={sign} className="border-b border-line py-1.5">
            <b>{sign}</b> {when && <span className="text-muted">{when}</span>}
            <ul>
              {next.map((what) => (
                <li key={what} className="before:mr-2 before:content-['–']">
                  {what}
                </li>
              ))}
            </ul>
          </li>
        ))}
      </ul>
    </section>
  );
}
