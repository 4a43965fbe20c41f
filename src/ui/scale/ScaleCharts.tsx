'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { ScaleView } from '../../views/scale-view';
import { Button } from '../controls/Button';
import type { Axis } from '../time/axis';

// The drawing comes when there is something to draw.
const blank = () => <div className="h-full" />;
const Gains = dynamic(() => import('./ScaleChart').then(({ GainsChart }) => GainsChart), {
  ssr: false,
  loading: blank,
});
const Raw = dynamic(() => import('./ScaleChart').then(({ RawChart }) => RawChart), { ssr: false, loading: blank });

/** What came in by day under the days of the ruler; the scale's own line where it is asked for. */
export function ScaleCharts({ view, axis }: { readonly view: ScaleView; readonly axis: Axis }) {
  const [isRaw, setRaw] = useState(false);
  return (
    <>
      <div className="lane">
        <div className="lane-words py-2">
          <h2 className="text-sm font-bold">What came in, by day</h2>
          <p className="text-muted text-sm">
            Visits (squares) and sudden changes (arrows) are taken out. A filled arrow may have been a swarm.
          </p>
          <Button kind="quiet" className="min-h-11" aria-pressed={isRaw} onClick={() => setRaw(!isRaw)}>
            {isRaw ? 'Hide the scale’s own line' : 'Show the scale’s own line'}
          </Button>
        </div>
        <div className="relative h-60 min-w-0">
          <Gains view={view} axis={axis} />
        </div>
      </div>
      {isRaw && (
        <div className="lane">
          <div className="lane-words py-2">
            <h2 className="text-sm font-bold">What the scale read</h2>
            <p className="text-muted text-sm">{`Last on ${view.lastRead}.`}</p>
          </div>
          <div className="relative h-48 min-w-0">
            <Raw view={view} axis={axis} />
          </div>
        </div>
      )}
    </>
  );
}
