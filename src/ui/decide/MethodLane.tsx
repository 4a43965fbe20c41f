import type { ReactNode } from 'react';
import type { MethodView } from '../../views/decide-view';
import { Facts } from '../controls/Facts';
import type { Axis } from '../time/axis';
import { TimeStrip } from '../time/TimeStrip';

interface Props {
  readonly method: MethodView;
  readonly axis: Axis;
  /** What can be done about it. */
  readonly children: ReactNode;
}

/** A method: whether it fits and why, its dates under the ruler, and what it asks for. */
export function MethodLane({ method, axis, children }: Props) {
  const { name, title, suits, fit, needsQueen, kit, lifting, visits, laying, ifItFails, schools, marks } = method;
  return (
    <li className="lane" data-method={name}>
      <div className="lane-words py-2">
        <h3 className="text-lg">{title}</h3>
        <p className="text-muted text-sm">{suits}</p>
        {fit.kind === 'would-fit' && (
          <ul className="text-propolis mt-1 text-sm font-semibold">
            {fit.missing.map(({ code, text }) => (
              <li key={code + text} className="before:mr-1.5 before:content-['○']">
                {text}
              </li>
            ))}
          </ul>
        )}
        {fit.kind === 'fits' &&
          fit.warnings.map((warning) => (
            <p key={warning} className="text-propolis text-sm font-semibold">
              {warning}
            </p>
          ))}
        <div className="mt-2 flex flex-wrap items-start gap-x-5">
          {children}
          {schools.length > 0 && (
            <details className="mt-1 text-sm">
              <summary className="text-muted cursor-pointer py-1">Where keepers differ</summary>
              <ul>
                {schools.map((school) => (
                  <li key={school} className="before:mr-2 before:content-['–']">
                    {school}
                  </li>
                ))}
              </ul>
            </details>
          )}
        </div>
      </div>
      <div className="pb-2">
        <TimeStrip axis={axis} marks={marks} name={title} />
        <Facts
          facts={[
            { name: 'Queen must be found', value: needsQueen ? 'yes' : 'no' },
            { name: 'Bring', value: kit.join(', ') },
            { name: 'Lifting', value: lifting },
            { name: 'Visits and laying', value: `${visits} ${laying}` },
            { name: 'If it fails', value: ifItFails },
          ]}
        />
      </div>
    </li>
  );
}
