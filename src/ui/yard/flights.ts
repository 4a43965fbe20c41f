import { type FlyersGo, flyersGo, type HiveAt, type MovedTo, type Point } from '../../core/yard/flyers';
import type { MapColony, MapView } from '../../views/map-view';

/** A colony that is about to be moved. */
export interface Aim {
  readonly colony: MapColony;
  readonly from: Point;
  readonly to: MovedTo;
}

/** What is drawn of it: where the hive goes, and the ways of its flying bees. */
export interface Flights {
  readonly from: Point;
  /** Null: off the map. */
  readonly goesTo: Point | null;
  readonly ways: readonly Point[];
  /** They go back to where it stood, and nobody takes them in. */
  readonly areLost: boolean;
}

const hivesOf = ({ stands }: MapView): readonly HiveAt[] =>
  stands.flatMap(({ x, y, colonies }) => colonies.map(({ entry }): HiveAt => ({ colonyId: entry.id, at: { x, y } })));

/** What becomes of its flying bees, by the hives as they stand on the map. */
export function goOf(view: MapView, { colony: { entry }, from, to }: Aim): FlyersGo {
  const others = hivesOf(view).filter(({ colonyId }) => colonyId !== entry.id);
  return flyersGo({ colonyId: entry.id, at: from }, to, others);
}

export function flightsOf(view: MapView, aim: Aim): Flights {
  const { colony, from, to } = aim;
  const go = goOf(view, aim);
  const goesTo = 'at' in to ? { x: to.at.x, y: to.at.y } : null;
  const join = go.kind === 'go-back' ? go.join : [];
  const ways = join.flatMap((id) => {
    if (id === colony.entry.id) return goesTo ? [goesTo] : [];
    const hive = hivesOf(view).find(({ colonyId }) => colonyId === id);
    return hive ? [hive.at] : [];
  });
  return { from, goesTo, ways, areLost: go.kind === 'go-back' && join.length === 0 };
}
