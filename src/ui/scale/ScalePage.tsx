import Link from 'next/link';
import type { LossView } from '../../views/measured-notes';
import type { ScaleView } from '../../views/scale-view';
import { Sources } from '../devices/Sources';
import type { Axis } from '../time/axis';
import { RulerHead } from '../time/RulerHead';
import { LossQuestion } from './LossQuestion';
import { ScaleCharts } from './ScaleCharts';

interface Props {
  readonly colony: { readonly id: string; readonly name: string };
  /** Null: nothing was read yet. */
  readonly view: ScaleView | null;
  readonly flow: string | null;
  readonly losses: readonly LossView[];
  readonly axis: Axis;
  readonly scaleKey: { readonly madeAt: string; readonly usedAt: string | null } | null;
  /** Readings were brought in, by a file or a device. */
  readonly isBrought: boolean;
  readonly isSimulated: boolean;
}

/** What came in, and did a swarm leave? */
export function ScalePage({ colony, view, flow, losses, axis, scaleKey, isBrought, isSimulated }: Props) {
  return (
    <>
      <RulerHead
        axis={axis}
        colonyId={colony.id}
        title={`Scale of ${colony.name}`}
        below={
          <p className="flex flex-wrap gap-x-4">
            <span>{flow ?? 'Nothing was read yet.'}</span>
            <Link prefetch={false} href={`/colonies/${colony.id}`}>
              {colony.name}
            </Link>
          </p>
        }
      />
      {losses.map((loss) => (
        <LossQuestion key={loss.at} loss={loss} colonyName={colony.name} />
      ))}
      {view && <ScaleCharts view={view} axis={axis} />}
      {view && (
        <div className="mt-6 grid gap-x-10 gap-y-6 wide:grid-cols-2">
          <section aria-label="What came in">
            <h2 className="border-t-2 border-ink pt-2 text-lg">What came in</h2>
            <ul className="columns-2 text-sm">
              {[...view.gains]
                .reverse()
                .slice(0, SHOWN_DAYS)
                .map(({ on, when, words, kg }) => (
                  <li key={on} className="flex justify-between gap-3 border-b border-line py-0.5">
                    <span className="font-semibold">{when}</span>
                    <span className={kg === null ? 'text-muted' : ''}>{words}</span>
                  </li>
                ))}
            </ul>
          </section>
          <section aria-label="Put on, taken off, flown off">
            <h2 className="border-t-2 border-ink pt-2 text-lg">Put on, taken off, flown off</h2>
            {view.changes.length === 0 ? (
              <p className="text-sm">Nothing in these four weeks.</p>
            ) : (
              <ul className="text-sm">
                {[...view.changes].reverse().map(({ x, words, kind }) => (
                  <li
                    key={x}
                    className={`border-b border-line py-0.5 ${kind === 'loss' ? 'text-willow font-bold' : ''}`}
                  >
                    {words}
                  </li>
                ))}
              </ul>
            )}
          </section>
        </div>
      )}
      <Sources kind="scale" ofId={colony.id} deviceKey={scaleKey} isBrought={isBrought} isSimulated={isSimulated} />
    </>
  );
}

const SHOWN_DAYS = 14;
