import { day } from '../core/calendar/day';
import type { HiveScale } from '../simulated/scale';
import type { Station } from '../simulated/station';
import { larkvaleSeason } from './larkvale';

/** Since when the demo's station and scales stand. */
export const LARKVALE_SINCE = day('2027-03-20');

/** Two days of rain that keep the bees in, and a cold Wednesday among them. */
const SPELLS = [{ from: day('2027-05-18'), to: day('2027-05-19'), byC: -5, wet: true }];

const STATIONS: { readonly [apiary: string]: Station } = {
  'Walled garden': { seed: 'valley', warmerC: 0.3, spells: SPELLS },
  'Old quarry': { seed: 'valley', warmerC: 0.6, spells: SPELLS },
  'School roof': { seed: 'valley', warmerC: 0.8, spells: SPELLS },
};

const SCALES: { readonly [colony: string]: HiveScale } = {
  // A flow since the ninth; a stone that lay on the roof for a day, a super given on the 14th, a flat battery in April.
  Yarrow: {
    seed: 'yarrow',
    from: LARKVALE_SINCE,
    startKg: 31.4,
    every: 15,
    flow: [
      { from: day('2027-03-20'), kg: 0.1 },
      { from: day('2027-04-18'), kg: 0.5 },
      { from: day('2027-05-09'), kg: 2.1 },
    ],
    events: [
      { at: '2027-05-11T19:05', kg: 2.6 },
      { at: '2027-05-12T18:40', kg: -2.6 },
      { at: '2027-05-14T18:12', kg: 4.3 },
    ],
    gaps: [{ from: '2027-04-11T06:00', to: '2027-04-12T17:00' }],
  },
  // Only cups were seen a week ago, with the bees left on; today at twenty past one it became lighter by a swarm's weight.
  Betony: {
    seed: 'betony',
    from: LARKVALE_SINCE,
    startKg: 28.9,
    every: 15,
    flow: [
      { from: day('2027-03-20'), kg: 0.1 },
      { from: day('2027-04-25'), kg: 0.7 },
    ],
    events: [{ at: '2027-05-16T13:20', kg: -1.9, overMinutes: 12 }],
  },
};

/** The devices of the demo, by the apiary's and the colony's identifier. */
export function larkvaleDevices(): {
  readonly stations: ReadonlyMap<string, Station>;
  readonly scales: ReadonlyMap<string, HiveScale>;
} {
  const { apiaries, colonies } = larkvaleSeason();
  const named = <T>(
    rows: readonly { readonly id: string; readonly name: string }[],
    by: { readonly [name: string]: T },
  ) => new Map(rows.flatMap(({ id, name }) => (by[name] ? [[id, by[name]] as const] : [])));
  return { stations: named(apiaries, STATIONS), scales: named(colonies, SCALES) };
}
