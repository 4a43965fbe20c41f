import type { ReactNode } from 'react';
import type { Axis } from './axis';
import { DayRuler } from './DayRuler';
import { PlainRuler } from './PlainRuler';

interface Props {
  readonly axis: Axis;
  readonly title: ReactNode;
  readonly below?: ReactNode;
  /** It stays in sight; not where every line of a phone is wanted. */
  readonly isSticky?: boolean;
  /** Where the weather of the days is from: an apiary, or that of a colony. Neither: the least that it allows at any. */
  readonly apiaryId?: string;
  readonly colonyId?: string;
  /** The days of a season that is not the book's. */
  readonly isInvented?: boolean;
}

/** The head of a screen: what is true, and beside it the days that everything below stands under. */
export function RulerHead({ axis, title, below, isSticky = true, apiaryId, colonyId, isInvented = false }: Props) {
  return (
    <div className={`lane lane-bare ruler-row ${isSticky ? '' : 'ruler-loose'}`}>
      <div className="lane-words py-2">
        <h1 className="text-2xl wide:text-3xl">{title}</h1>
        {below && <div className="text-muted text-sm">{below}</div>}
      </div>
      {isInvented ? <PlainRuler axis={axis} /> : <DayRuler axis={axis} apiaryId={apiaryId} colonyId={colonyId} />}
    </div>
  );
}
