import type { ReactNode } from 'react';
import { betterWay, flyersGo, flyersOf, type HiveAt, type MovedTo, type Point } from '../../core/yard/flyers';
import type { MapColony, MapView } from '../../views/map-view';
import { betterWayWords, flyersWords, VIRGIN_MOVED } from '../../words/yard';

interface Props {
  readonly colony: MapColony;
  readonly from: Point;
  readonly to: MovedTo;
  readonly view: MapView;
  readonly children?: ReactNode;
}

/** Who loses flying bees and who gains them, before anything is moved. */
export function WhatOfFlyers({ colony, from, to, view, children }: Props) {
  const { entry, coveredSeams, hasVirgin } = colony;
  const others = view.stands.flatMap(({ x, y, colonies }) =>
    colonies
      .filter((one) => one.entry.id !== entry.id)
      .map((one): HiveAt => ({ colonyId: one.entry.id, at: { x, y } })),
  );
  const go = flyersGo({ colonyId: entry.id, at: from }, to, others);
  const nameOf = (id: string) =>
    view.stands.flatMap(({ colonies }) => colonies).find((one) => one.entry.id === id)?.entry.name ?? '';
  const better = go.kind === 'go-back' ? ('at' in to ? betterWay(from, to.at) : null) : null;
  return (
    <div
      className={`mt-3 border-l-4 pl-2.5 text-sm ${go.kind === 'kept' ? 'border-line' : 'border-propolis'}`}
      role="status"
    >
      {children && <p>{children}</p>}
      <p className="font-semibold">{flyersWords(entry.id, go, flyersOf(coveredSeams), nameOf)}</p>
      {better && <p>{betterWayWords(better)}</p>}
      {hasVirgin && <p className="text-propolis font-semibold">{VIRGIN_MOVED}</p>}
    </div>
  );
}
