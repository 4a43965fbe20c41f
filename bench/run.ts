import { addDays, day, formatDay } from '../src/core/calendar/day';
import type { CellStage } from '../src/core/cells/stage';
import {
  type CellFact,
  type CellSeenFact,
  type ColonyFacts,
  type InspectionFact,
  NO_PROGRAMMES,
} from '../src/core/colony/facts';
import { inspection } from '../src/core/colony/testing';
import { DEFAULT_SETTINGS } from '../src/core/settings/settings';
import { foldColony } from '../src/core/state/fold';

/** Medians of the reckoning on a made-up big yard, beside a bare pass over the same facts as a floor. Same facts each time. */
const COLONIES = 100;
const INSPECTIONS = 30;
const SEASONS = 10;
const ROUNDS = 15;

/** What a cell found as an egg has become one and two weeks later. */
const ONWARD: readonly (CellStage | undefined)[] = [undefined, 'larva-large', 'sealed'];

/** A small repeatable source of numbers from 0 up to 1. */
function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

function colony(seed: number, seasons: number): ColonyFacts {
  const next = seeded(seed);
  const cells: CellFact[] = [];
  const inspections: InspectionFact[] = [];
  for (let i = 0; i < INSPECTIONS * seasons; i++) {
    const on = addDays(day(`${2027 - seasons + 1 + Math.floor(i / INSPECTIONS)}-03-20`), (i % INSPECTIONS) * 7);
    const seen: CellSeenFact[] = [];
    for (const { id, frame } of cells.slice(-2)) {
      const found = ONWARD[i - (frame ?? 0)];
      if (found) seen.push({ cellId: id, found, takenDown: false });
    }
    if (next() < 0.5) {
      const id = `${seed}-${i}`;
      // The frame number only remembers at which look the cell was found.
      cells.push({ id, label: id, place: 'bottom', box: 1, frame: i, part: null });
      seen.push({ cellId: id, found: 'egg', takenDown: false });
    }
    const at = `${formatDay(on)}T12:00`;
    const eggs = next() < 0.8 ? 'seen' : 'none';
    inspections.push(
      inspection({ id: `i${seed}-${i}`, at, thoroughness: 'bees-on', queen: 'none', eggs, cells: seen }),
    );
  }
  const startedOn = day('2017-01-01');
  return { ...NO_PROGRAMMES, startedOn, endedOn: null, origin: 'established', cells, inspections, queenEvents: [] };
}

function median(run: () => unknown): number {
  const times: number[] = [];
  for (let i = 0; i < ROUNDS; i++) {
    const start = performance.now();
    run();
    times.push(performance.now() - start);
  }
  return times.sort((a, b) => a - b)[Math.floor(ROUNDS / 2)] ?? 0;
}

const today = day('2027-10-20');
const season = Array.from({ length: COLONIES }, (_, i) => colony(i + 1, 1));
const life = colony(7, SEASONS);
const floor = median(() => season.map((facts) => JSON.stringify(facts).length));
const report = (name: string, ms: number, goal: string) =>
  console.log(
    `${name.padEnd(52)} ${ms.toFixed(2).padStart(8)} ms   ${(ms / floor).toFixed(2).padStart(6)} × floor   goal: ${goal}`,
  );

console.log(`${COLONIES} colonies, ${INSPECTIONS} inspections a season, median of ${ROUNDS}`);
report('floor: writing the same season out as JSON', floor, '-');
report(
  'one colony, one season',
  median(() => foldColony(season[0] as ColonyFacts, DEFAULT_SETTINGS, today)),
  'under 1 ms',
);
report(
  'all colonies, one season',
  median(() => season.map((facts) => foldColony(facts, DEFAULT_SETTINGS, today))),
  'under 7.7 × floor: 100 ms where it takes 13',
);
report(
  `one colony, ${SEASONS} seasons`,
  median(() => foldColony(life, DEFAULT_SETTINGS, today)),
  '-',
);
