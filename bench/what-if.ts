import { day } from '../src/core/calendar/day';
import { CHOICES } from '../src/core/population/asked';
import { outcomeOf } from '../src/core/population/what-if';
import { DEFAULT_SETTINGS } from '../src/core/settings/settings';

/** How long one choice takes: 1,000 runs of 120 days. */
const asked = {
  from: day('2027-05-10'),
  days: 120,
  seed: 1,
  runs: 1000,
  season: { from: day('2027-04-20'), to: day('2027-07-10') },
  colony: {
    bees: 30_000,
    eggs: 4500,
    larvae: 9000,
    sealed: 18_000,
    freeCells: 10_000,
    storeCells: 13_500,
    honeyKg: 15,
    queen: { layingPerDay: 1600, year: 2 },
    oldestCellLaid: null,
  },
  flow: [{ from: day('2027-05-10'), to: day('2027-07-20'), kgPerDay: 1 }],
  matingSuccess: 0.8,
} as const;

for (const choice of CHOICES) {
  const began = performance.now();
  const { swarmLost, endsQueenless } = outcomeOf(
    asked,
    { choice, on: day('2027-05-12'), giveRoom: choice !== 'nothing', buysQueen: false },
    DEFAULT_SETTINGS,
    { isByUnit: true },
  );
  const took = Math.round(performance.now() - began);
  console.log(`${choice}: ${took} ms, swarm lost ${swarmLost}, ends queenless ${endsQueenless}`);
}
