import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tries } from '../../../scripts/lib/how-often';
import { addDays, day } from '../calendar/day';
import { CAUSES } from '../cells/cause';
import { READINGS } from '../inspections/reading';
import type { ChoicesAsked, ColonyAsked, PlaceAsked } from './asked';
import { CHOICES, type Choice } from './choice';
import { choose } from './choose';

const ON = day('2027-05-16');

/** The usual hive of the text. */
const COLONY: ColonyAsked = {
  broodFrames: 7,
  coveredSeams: 9,
  queenFound: 'not-looked-for',
  eggs: 'seen',
  cells: { count: 0, oldest: 'none' },
  earliestEmergence: null,
  earliestSealing: null,
  broodBoxes: 1,
  supers: 0,
  coveredTenths: 5,
  fullestSuperTenths: null,
  bound: 'none',
  clipped: false,
  layingWorkers: false,
  leaveShutTo: null,
  cause: null,
  eggsOverdue: false,
  testFrame: 'none',
  virgin: 'no',
  broodYoung: true,
};
const PLACE: PlaceAsked = {
  drones: 'flying',
  coldestOfNextFive: 10,
  flow: null,
  season: 'swarm',
  secondStand: true,
  otherColonies: 4,
};

interface Change {
  readonly colony?: Partial<ColonyAsked>;
  readonly place?: Partial<PlaceAsked>;
  readonly wanted?: ChoicesAsked['wanted'];
  readonly counted?: boolean;
  readonly on?: string;
}

const flow = (from: number) => ({ from: addDays(ON, from), to: addDays(ON, from + 21) });
const cells = (count: number, oldest: ColonyAsked['cells']['oldest']): Change => ({
  colony: { cells: { count, oldest } },
});
const QUEENLESS = { eggs: 'none', queenFound: 'no', broodYoung: false } as const;

/** What a heading says of all rows under it. */
const HEADINGS: { readonly [heading: string]: Change } = {
  EARLY: {
    colony: { cells: { count: 2, oldest: 'egg' }, earliestSealing: addDays(ON, 5), earliestEmergence: addDays(ON, 13) },
  },
  CHARGED: {
    colony: {
      cells: { count: 4, oldest: 'larva' },
      earliestSealing: addDays(ON, 2),
      earliestEmergence: addDays(ON, 10),
    },
  },
  SEALED: { colony: { cells: { count: 5, oldest: 'sealed' }, earliestEmergence: addDays(ON, 4) } },
  GONE: {
    colony: {
      cells: { count: 6, oldest: 'sealed' },
      earliestEmergence: addDays(ON, 4),
      eggs: 'none',
      queenFound: 'no',
    },
  },
  SHUT: { colony: { ...QUEENLESS, leaveShutTo: addDays(ON, 12) } },
  'WAITED FOR': { colony: { eggs: 'none', broodYoung: false } },
  MISSING: { colony: QUEENLESS },
  ROOM: {},
  'REPLACING HER': {},
  'DRONES IN WORKER CELLS': { colony: { broodYoung: false } },
  QUIET: {},
  WEAK: { colony: { broodFrames: 3, coveredSeams: 4 } },
};

/** What the text says otherwise of a row, piece by piece. */
const PIECES: readonly (readonly [RegExp, (...parts: string[]) => Change])[] = [
  [/^bound by (honey|pollen)$/, (bound) => ({ colony: { bound: bound as 'honey' } })],
  [/^covered 9 tenths$/, () => ({ colony: { coveredTenths: 9 } })],
  [/^one super, full to 8 tenths$/, () => ({ colony: { supers: 1, fullestSuperTenths: 8 } })],
  [/^one super$/, () => ({ colony: { supers: 1, fullestSuperTenths: 2 } })],
  [/^flow in 10 days$/, () => ({ place: { flow: flow(10) } })],
  [/^flow on$/, () => ({ place: { flow: flow(-3) } })],
  [/^(\d+) frames$/, (n) => ({ colony: { broodFrames: Number(n) } })],
  [/^(\d+) seams$/, (n) => ({ colony: { coveredSeams: Number(n) } })],
  [/^nights of (\d+) C$/, (n) => ({ place: { coldestOfNextFive: Number(n) } })],
  [/^(increase|honey) wanted$/, (wanted) => ({ wanted: wanted as 'honey' })],
  [/^what hems it in not known$/, () => ({ colony: { bound: 'not-known', coveredTenths: null } })],
  [/^drones not looked for$/, () => ({ place: { drones: 'not-looked-for' } })],
  [/^queen (found|seen) today$/, () => ({ colony: { queenFound: 'today' } })],
  [/^queen seen$/, () => ({ colony: { queenFound: 'today' } })],
  [/^queen looked for and not found$/, () => ({ colony: { queenFound: 'no' } })],
  [/^no second stand$/, () => ({ place: { secondStand: false } })],
  [/^clipped$/, () => ({ colony: { clipped: true } })],
  [/^counted, no nuc box$/, () => ({ counted: true })],
  [/^16 November in the south$/, () => ({ on: '2027-11-16' })],
  [/^one colony alone$/, () => ({ place: { otherColonies: 0 } })],
  [/^ripe cells$/, () => ({ colony: { cells: { count: 6, oldest: 'ripe' } } })],
  [/^a virgin (seen|heard)$/, (virgin) => ({ colony: { virgin: virgin as 'seen' } })],
  [/^no virgin seen or heard$/, () => ({ colony: { virgin: 'no' } })],
  [
    /^cells left, the first out yesterday, not shut yet$/,
    () => ({ colony: { cells: { count: 6, oldest: 'ripe' }, earliestEmergence: addDays(ON, -1) } }),
  ],
  [/^the eggs' window is over$/, () => ({ colony: { eggsOverdue: true } })],
  [/^under its programme, not shut yet, four live cells$/, () => cells(4, 'sealed')],
  [/^no cells$/, () => cells(0, 'none')],
  [/^no test frame yet$/, () => ({ colony: { testFrame: 'none' } })],
  [/^a test frame hangs there$/, () => ({ colony: { testFrame: 'given' } })],
  [/^cells on the test frame$/, () => ({ colony: { testFrame: 'cells' } })],
  [/^no cells on the test frame$/, () => ({ colony: { testFrame: 'no-cells' } })],
  [/^after the season$/, () => ({ place: { season: 'after' } })],
  [/^in the rest of the year$/, () => ({ place: { season: 'rest' } })],
  [/^(two|four|six) cells(?: with larvae)?$/, (n) => cells({ two: 2, four: 4, six: 6 }[n as 'two'], 'larva')],
  [/^supersedure$/, () => ({ colony: { cause: 'supersedure' } })],
  [/^cannot tell$/, () => ({ colony: { cause: 'unclear' } })],
  [/^laying workers$/, () => ({ colony: { layingWorkers: true, queenFound: 'no' } })],
];

/** Pieces with a comma in them stand first. */
const LONG =
  /one super, full to 8 tenths|cells left, the first out yesterday, not shut yet|under its programme, not shut yet, four live cells|counted, no nuc box/g;

function piecesOf(text: string): readonly string[] {
  if (text === '-') return [];
  const long = text.match(LONG) ?? [];
  const rest = text.replace(LONG, '').split(',');
  return [...long, ...rest].map((one) => one.trim()).filter((one) => one !== '');
}

function changeOf(piece: string): Change {
  for (const [pattern, make] of PIECES) {
    const found = pattern.exec(piece);
    if (found) return make(...found.slice(1));
  }
  throw new Error(`Nothing is known of “${piece}”`);
}

interface Situation {
  readonly name: string;
  readonly asked: ChoicesAsked;
  readonly first: readonly string[];
  readonly among: readonly string[];
  readonly never: readonly string[];
}

const listed = (text: string, by = ','): readonly string[] =>
  text.trim() === '-' ? [] : text.split(by).map((one) => one.trim());

/** A line of the text under its heading; null: it is none. */
function situationOf(line: string, heading: Change): Situation | null {
  const [reading, otherwise, first, among, never] = line.split(' | ');
  if (!never || !reading || !otherwise || !first || !among || reading.includes(' ')) return null;
  const changes = [
    heading,
    ...(reading === 'cast-risk' ? [cells(3, 'emerged')] : []),
    ...piecesOf(otherwise).map(changeOf),
  ];
  const asked: ChoicesAsked = {
    on: day(changes.map(({ on }) => on).find((on) => on !== undefined) ?? '2027-05-16'),
    reading: reading as ChoicesAsked['reading'],
    colony: Object.assign({}, COLONY, ...changes.map(({ colony }) => colony)),
    place: Object.assign({}, PLACE, ...changes.map(({ place }) => place)),
    wanted: changes.map(({ wanted }) => wanted).findLast((wanted) => wanted !== undefined) ?? 'nothing',
    underWay: false,
    earlyFirst: 'room',
    kit: changes.some(({ counted }) => counted) ? ['brood-box', 'foundation', 'floor', 'roof'] : null,
  };
  return {
    name: `${reading}: ${otherwise}`,
    asked,
    first: listed(first, '/'),
    among: listed(among),
    never: listed(never),
  };
}

let heading: Change = {};
const SITUATIONS = readFileSync(`${import.meta.dirname}/situations.txt`, 'utf8')
  .split('\n')
  .flatMap((line) => {
    const named = Object.keys(HEADINGS).find((one) => line.startsWith(one));
    if (named) heading = HEADINGS[named] as Change;
    const situation = named ? null : situationOf(line, heading);
    return situation ? [situation] : [];
  });

describe('the situations that were written down', () => {
  it('are many, of every reading but none that is not asked for', () => {
    expect(SITUATIONS.length).toBeGreaterThanOrEqual(80);
    const read = new Set(SITUATIONS.map(({ asked }) => asked.reading));
    expect([...READINGS].filter((reading) => !read.has(reading))).toEqual([]);
    for (const { first, among, never } of SITUATIONS)
      for (const one of [...first, ...among, ...never]) expect(CHOICES).toContain(one);
  });

  it.each(SITUATIONS.map((one) => [one.name, one] as const))('%s', (_, { asked, first, among, never }) => {
    const { first: best, others } = choose(asked);
    expect(first).toContain(best);
    const offered = others.map(({ choice }) => choice as string);
    expect(offered).toEqual(expect.arrayContaining([...among]));
    expect([best as string, ...offered].filter((one) => never.includes(one))).toEqual([]);
  });
});

describe('whatever is asked', () => {
  const orNull = <T>(of: fc.Arbitrary<T>) => fc.option(of, { nil: null });
  const days = fc.integer({ min: -20, max: 40 }).map((n) => addDays(ON, n));
  const anyAsked: fc.Arbitrary<ChoicesAsked> = fc.record({
    on: fc.constant(ON),
    reading: fc.constantFrom(...READINGS, 'may-have-swarmed' as const),
    colony: fc.record({
      broodFrames: orNull(fc.integer({ min: 0, max: 20 })),
      coveredSeams: orNull(fc.integer({ min: 0, max: 24 })),
      queenFound: fc.constantFrom('today', 'no', 'not-looked-for'),
      eggs: fc.constantFrom('seen', 'none', 'not-looked-for'),
      cells: fc.record({
        count: fc.integer({ min: 0, max: 12 }),
        oldest: fc.constantFrom('none', 'egg', 'larva', 'sealed', 'ripe', 'emerged'),
      }),
      earliestEmergence: orNull(days),
      earliestSealing: orNull(days),
      broodBoxes: fc.constantFrom(1, 2, 3),
      supers: fc.integer({ min: 0, max: 4 }),
      coveredTenths: orNull(fc.integer({ min: 0, max: 10 })),
      fullestSuperTenths: orNull(fc.integer({ min: 0, max: 10 })),
      bound: fc.constantFrom('none', 'honey', 'nectar', 'pollen', 'not-known'),
      clipped: fc.boolean(),
      layingWorkers: fc.boolean(),
      leaveShutTo: orNull(days),
      cause: orNull(fc.constantFrom(...CAUSES)),
      eggsOverdue: fc.boolean(),
      testFrame: fc.constantFrom('none', 'given', 'cells', 'no-cells'),
      virgin: fc.constantFrom('seen', 'heard', 'no'),
      broodYoung: fc.boolean(),
    }),
    place: fc.record({
      drones: fc.constantFrom('flying', 'sealed-only', 'none', 'not-looked-for'),
      coldestOfNextFive: orNull(fc.integer({ min: -5, max: 20 })),
      flow: orNull(days.map((from) => ({ from, to: addDays(from, 20) }))),
      season: fc.constantFrom('build-up', 'swarm', 'after', 'rest'),
      secondStand: orNull(fc.boolean()),
      otherColonies: fc.integer({ min: 0, max: 9 }),
    }),
    wanted: fc.constantFrom('increase', 'honey', 'nothing'),
    underWay: fc.boolean(),
    earlyFirst: fc.constantFrom('room', 'cups', 'act'),
    kit: fc.constant(null),
  }) as fc.Arbitrary<ChoicesAsked>;
  const always = (check: (asked: ChoicesAsked, offered: readonly Choice[]) => void) =>
    fc.assert(
      fc.property(anyAsked, (asked) => {
        const { first, others } = choose(asked);
        check(asked, [first, ...others.map(({ choice }) => choice)]);
      }),
      { numRuns: tries(20_000), seed: 20270516 },
    );

  it('each choice stands in exactly one of the three, and at most three beside the first', () => {
    always((asked, offered) => {
      const { folded } = choose(asked);
      expect([...offered, ...folded.map(({ choice }) => choice)].sort()).toEqual([...CHOICES].sort());
      expect(offered.length).toBeLessThanOrEqual(4);
    });
  });

  it('nothing opens a hive that is to be left shut, or any in the rest of the year', () => {
    always(({ on, colony: { leaveShutTo }, place }, offered) => {
      if (place.season === 'rest') expect(offered).toEqual(['nothing']);
      else if (leaveShutTo !== null && leaveShutTo >= on) {
        expect(offered[0]).toBe('leave-shut');
        expect(offered.slice(1).filter((one) => one !== 'add-super')).toEqual([]);
      }
    });
  });

  it('a colony from which a swarm may go any day is neither put into a Demaree nor given room', () => {
    always(({ reading, colony, place }, offered) => {
      if (reading !== 'swarm-imminent' || colony.leaveShutTo !== null || place.season === 'rest') return;
      expect(offered).not.toContain('demaree');
      expect(offered).not.toContain('add-super');
    });
  });

  it('no queen is given where one may be, no room is the remedy for charged cells, and what is weak is not divided', () => {
    always(({ reading, colony, place }, offered) => {
      const gives = offered.filter((one) => one === 'requeen-mated' || one === 'unite' || one === 'give-eggs');
      const isWeakOne = (colony.broodFrames ?? 7) < 4 || (colony.coveredSeams ?? 9) < 5;
      const mayBeThere = [
        'swarmed',
        'cast-risk',
        'virgin-loose',
        'may-have-swarmed',
        'settled',
        'cups-only',
        'congested',
      ];
      // But where a test frame has shown that there is none.
      const isKnownNone = colony.eggsOverdue && colony.testFrame === 'cells';
      if (mayBeThere.includes(reading) && !isKnownNone) expect(gives).toEqual([]);
      if (reading === 'drone-laying' && colony.layingWorkers)
        expect(gives.filter((one) => one !== 'give-eggs')).toEqual([]);
      if (offered[0] !== 'leave-shut' && (reading === 'preparing' || reading === 'swarm-imminent')) {
        const room = ['add-box', 'add-super', 'open-sides', 'interleave', 'honey-bound', 'pollen-bound'];
        expect(offered.filter((one) => room.includes(one))).toEqual([]);
      }
      if (isWeakOne && colony.cells.count > 0 && place.season !== 'rest') {
        const halves = ['walk-away', 'even-split', 'vertical-split', 'old-site-swarm', 'demaree'];
        expect(offered.filter((one) => halves.includes(one))).toEqual([]);
      }
    });
  });
});
