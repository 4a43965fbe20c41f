import type { SeasonBuilder } from './season-builder';

interface Places {
  readonly garden: string;
  readonly quarry: string;
}

interface Planned {
  readonly [name: string]: string;
}

/** The days of the year at two of the apiaries, how colonies are to be run in 2027, and what some were fed. */
export function yearAndPlan(season: SeasonBuilder, { garden, quarry }: Places, colonies: Planned): void {
  season.year(garden, {
    starts: { 'build-up': '03-01', drones: '04-14', winter: '10-25' },
    spans: [
      { kind: 'swarm-season', from: '04-10', to: '07-10' },
      { kind: 'flow', from: '05-24', to: '06-20' },
      { kind: 'dearth', from: '07-15', to: '08-10' },
      { kind: 'autumn-flow', from: '09-05', to: '10-05' },
    ],
  });
  season.year(quarry, {
    starts: { 'build-up': '02-22', drones: '04-05' },
    spans: [
      { kind: 'swarm-season', from: '04-02', to: '06-30' },
      { kind: 'flow', from: '05-08', to: '06-02' },
    ],
  });
  const IN_WINTER = '2027-02-14';
  const of = (name: string) => colonies[name] as string;
  season.plan(of('yarrow'), 2027, 'demaree', '2027-04-25');
  season.plan(of('sainfoin'), 2027, 'demaree', IN_WINTER);
  season.plan(of('teasel'), 2027, 'demaree', IN_WINTER);
  season.plan(of('burnet'), 2027, 'room-first', '2027-04-10');
  season.plan(of('knapweed'), 2027, 'wait-for-cells', IN_WINTER);
  season.plan(of('betony'), 2027, 'wait-for-cells', IN_WINTER);
  season.plan(of('meadowsweet'), 2027, 'increase', IN_WINTER, { count: 2, moved: { split: '2027-05-25' } });
  season.plan(of('mallow'), 2027, 'requeen', IN_WINTER, { by: '2027-05-20' });
  season.food(of('knapweedNuc'), '2027-05-14T18:10', 'syrup', 0.5);
  season.food(of('sorrel'), '2027-05-12T17:40', 'fondant', 1);
}
