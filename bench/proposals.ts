import fc from 'fast-check';
import { ALL_METHOD_NAMES } from '../src/core/methods/method';
import { boxesOf, hiveOf } from '../src/core/space/arrangement';
import { isBroodFrame } from '../src/core/space/hive';
import { FAULT_NUMBERS, proposalFaults } from '../src/core/space/proposals/faults';
import { movesFrames, propose } from '../src/core/space/proposals/propose';
import { anyHive, boundHive, proposalFromOf } from '../src/core/space/proposals/testing';
import { boundIn } from '../src/core/space/room';
import { WHOLE } from '../src/core/space/whole';
import { holdsOf } from '../src/core/space/work-list/frame-holds';
import { HOLDS_WORDS } from '../src/words/holds';
import { inWords } from '../src/words/in-words';

/**
 * `npm run bench:proposals`: 300 random hives, a proposal of every method for each, and what a keeper would shake his head at, by
 * number; then 120 two-box hives whose queen is hemmed in. Prints the five worst as they are. `--seed N` for others.
 */
const at = process.argv.indexOf('--seed');
const seed = at < 0 ? 20270516 : Number(process.argv[at + 1]);
const METHODS = ALL_METHOD_NAMES.filter(movesFrames);
const HIVES = 300;
const BOUND_HIVES = 120;
const WORST = 5;

const say = (line = '') => process.stdout.write(`${line}\n`);

interface Found {
  readonly method: string;
  readonly faults: readonly { readonly number: number; readonly what: string }[];
  readonly before: string;
  readonly after: string;
  readonly notes: readonly string[];
}

const LETTERS: { readonly [words: string]: string } = {
  brood: 'b',
  'drone brood': 'd',
  pollen: 'p',
  nectar: 'n',
  honey: 'h',
  'empty comb': 'e',
  foundation: 'u',
  dummy: '|',
  feeder: 'f',
};
const drawn = (arrangement: Parameters<typeof boxesOf>[0]) =>
  boxesOf(arrangement)
    .map(({ unit, box }) => {
      const under = box.under === 'open' ? '' : `${box.under} `;
      const row = box.frames
        .map((frame) => (isBroodFrame(frame) ? 'B' : (LETTERS[HOLDS_WORDS[holdsOf(frame)]] ?? '?')))
        .join('');
      return `${unit}: ${under}${box.role === 'super' ? 'super' : box.id} ${row}`;
    })
    .join('; ');

const all: Found[] = [];
for (const from of fc.sample(proposalFromOf(anyHive), { seed, numRuns: HIVES })) {
  for (const method of METHODS) {
    const proposal = propose(method, from);
    const faults = proposalFaults(method, from, proposal);
    const before = drawn({ units: [{ name: WHOLE, hive: from.hive }], out: [] });
    const queen = `, queen ${from.context.queenFrameId ?? '?'}, cells ${[...from.context.keptCellFrames].join(' ') || '-'}, ${from.context.coldestNightC ?? '?'} C`;
    all.push({
      method,
      faults,
      before: before + queen,
      after: drawn(proposal.arrangement),
      notes: proposal.notes.map(inWords),
    });
  }
}

say(`${all.length} proposals for ${HIVES} hives by ${METHODS.length} methods, seed ${seed}.`);
for (const number of FAULT_NUMBERS) {
  const broken = all.filter(({ faults }) => faults.some((fault) => fault.number === number));
  const by = METHODS.flatMap((method) => {
    const count = broken.filter((one) => one.method === method).length;
    return count === 0 ? [] : [`${method} ${count}`];
  });
  say(
    `${String(number).padStart(3)}  ${String(broken.length).padStart(4)}  fault ${number}${by.length > 0 ? ` (${by.join(', ')})` : ''}`,
  );
}
const faulty = all.filter(({ faults }) => faults.length > 0);
const share = (100 * faulty.length) / all.length;
say(`${faulty.length} of ${all.length} break any: ${share.toFixed(1)} %.`);
const only = process.argv.indexOf('--only');
const worst = [...faulty]
  .filter(({ faults }) => only < 0 || faults.some(({ number }) => number === Number(process.argv[only + 1])))
  .sort((a, b) => b.faults.length - a.faults.length)
  .slice(0, WORST);
for (const { method, faults, before, after, notes } of worst) {
  say();
  say(`${method}: ${faults.map(({ number, what }) => `${number} ${what}`).join('; ')}`);
  say(`  before  ${before}`);
  say(`  after   ${after}`);
  for (const note of notes) say(`  note    ${note}`);
}

let bound = 0;
let freed = 0;
const held: string[] = [];
const hemmed = fc
  .sample(proposalFromOf(boundHive), { seed, numRuns: BOUND_HIVES * 10 })
  .filter((from) => boundIn(from.hive, from.wouldLayPerDay, from.flow, from) !== null)
  .slice(0, BOUND_HIVES);
for (const one of hemmed) {
  // Drawn comb is at hand here: without it no list of frames makes room.
  const from = { ...one, fill: 'empty' as const };
  bound += 1;
  const by = boundIn(from.hive, from.wouldLayPerDay, from.flow, from)?.by;
  const proposal = propose(by === 'pollen' ? 'pollen-bound' : 'honey-bound', from);
  if (boundIn(hiveOf(proposal.arrangement, WHOLE), from.wouldLayPerDay, from.flow, from) === null) freed += 1;
  else held.push(`${from.fill}: ${proposal.notes.map(inWords).join(' ')}`);
}
say();
say(`${freed} of ${bound} two-box hives that were hemmed in are so no more.`);
for (const one of held.slice(0, WORST)) say(`  held    ${one}`);
const MOST_SHARE = 2;
process.exitCode = share < MOST_SHARE ? 0 : 1;
