import type { ReactNode } from 'react';
import { betterWay, flyersOf } from '../../core/yard/flyers';
import type { MapView } from '../../views/map-view';
import { betterWayWords, flyersWords, VIRGIN_MOVED } from '../../words/yard';
import { Button } from '../controls/Button';
import { type Aim, goOf } from './flights';

interface Props {
  readonly aim: Aim;
  readonly view: MapView;
  /** Begins to move it by steps; absent: it cannot. */
  readonly onSteps?: () => void;
  readonly children?: ReactNode;
}

/** Who loses flying bees and who gains them, before anything is moved. */
export function WhatOfFlyers({ aim, view, onSteps, children }: Props) {
  const { colony, from, to } = aim;
  const { entry, coveredSeams, hasVirgin } = colony;
  const go = goOf(view, aim);
  const nameOf = (id: string) =>
    view.stands.flatMap(({ colonies }) => colonies).find((one) => one.entry.id === id)?.entry.name ?? '';
  const better = go.kind === 'go-back' && 'at' in to ? betterWay(from, to.at) : null;
  return (
    <div
      className={`mt-3 border-l-4 pl-2.5 text-sm ${go.kind === 'kept' ? 'border-line' : 'border-propolis'}`}
      role="status"
    >
      {children && <p>{children}</p>}
      <p className="font-semibold">{flyersWords(entry.id, go, flyersOf(coveredSeams), nameOf)}</p>
      {better && <p>{betterWayWords(better)}</p>}
      {better?.kind === 'by-steps' && onSteps && (
        <Button kind="plain" className="mt-1" onClick={onSteps}>
          {`Move it there in ${better.days} steps`}
        </Button>
      )}
      {hasVirgin && <p className="text-propolis font-semibold">{VIRGIN_MOVED}</p>}
    </div>
  );
}
