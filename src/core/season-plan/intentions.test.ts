import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tries } from '../../../scripts/lib/how-often';
import { addDays } from '../calendar/day';
import { ALL_METHOD_NAMES } from '../methods/method';
import { methodNamed } from '../methods/methods';
import { COLONIES, season as randomSeason, START } from '../programmes/seasons/testing';
import { assembled, iso } from '../programmes/testing';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { foldColony } from '../state/fold';
import { type Intention, intentionsOf } from './intentions';
import type { SeasonPlan } from './plan';
import { type SeasonSeen, seasonSeen } from './season-seen';
import { aPlan, HOOKS, NOTHING_SEEN, on } from './testing';
import { WAY_NAMES, type Way } from './way';
import { methodsOf, WAYS, wayFaults, wayNamed } from './ways/ways';

const told = (plan: SeasonPlan, today: string, seen: Partial<SeasonSeen> = {}) =>
  intentionsOf(plan, HOOKS, { ...NOTHING_SEEN, ...seen }, on(today));
const of = (list: readonly Intention[], key: string) => list.find((one) => one.key === key) as Intention;
const days = ({ window: { earliest, ideal, latest } }: Intention) => [earliest, ideal, latest].map(iso).join(' ');
const demaree = (today: string, seen: Partial<SeasonSeen> = {}, over: Partial<SeasonPlan> = {}) =>
  of(told(aPlan('demaree', over), today, seen), 'demaree');

describe('the five ways', () => {
  it('are sound, and none is as another', () => {
    expect(WAYS.map(({ name }) => name).sort()).toEqual([...WAY_NAMES].sort());
    expect(WAYS.flatMap(wayFaults)).toEqual([]);
    const acts = WAYS.map(({ acts }) => acts.map((act) => `${methodsOf(act)[0]} ${act.days.ideal}`).join());
    expect(new Set(acts).size).toBe(WAYS.length);
    const kit = WAYS.map(({ acts }) =>
      acts
        .flatMap((act) => methodNamed(methodsOf(act)[0] as never).kit.map(({ code }) => code))
        .sort()
        .join(),
    );
    expect(new Set(kit).size).toBe(WAYS.length);
  });

  it.each([
    ['no-acts', { acts: [] }],
    ['hangs-on-no-act:nuc', { acts: [{ ...wayNamed('increase').acts[1] }] }],
    ['hangs-on-a-day-nobody-is-asked-for:requeen', { ...wayNamed('requeen'), choices: ['method'] }],
    ['method-not-asked-for-once', { ...wayNamed('demaree'), choices: [] }],
    ['days-run-backwards:super', { acts: [{ ...wayNamed('requeen').acts[0], days: { from: 3, ideal: 0, to: 1 } }] }],
  ] as const)('a definition with %s is not loaded', (fault, over) => {
    expect(wayFaults({ name: 'requeen', choices: [], ...over } as unknown as Way)).toContain(fault);
  });
});

describe('what is meant to be done', () => {
  it('hangs on the days of the season', () => {
    expect(told(aPlan('room-first'), '01-20').map((one) => `${one.key} ${one.method} ${days(one)}`)).toEqual([
      'sides open-sides 03-04 03-15 03-28',
      'box add-box 03-25 04-05 04-19',
      'interleave interleave 04-19 04-26 05-10',
      'super add-super 05-22 05-29 06-08',
      'if-cells nuc-swarm 04-01 04-01 07-31',
    ]);
    expect(days(demaree('01-20'))).toBe('05-22 06-01 06-15');
  });

  it('supposes the flow in the middle of the swarm season where none is known', () => {
    const [, act] = intentionsOf(aPlan('demaree'), { ...HOOKS, flow: null }, NOTHING_SEEN, on('01-20'));
    expect(iso((act as Intention).on)).toBe('05-27');
  });

  it('never leaves the season', () => {
    const early = { ...HOOKS, season: { ...HOOKS.season, from: on('03-20') } };
    const [sides] = intentionsOf(aPlan('room-first'), early, NOTHING_SEEN, on('01-20'));
    expect(days(sides as Intention)).toBe('03-20 03-20 03-28');
  });

  it('is as many nucs as colonies are wanted beyond the split, a week after it, wherever that goes', () => {
    const three = told(aPlan('increase', { count: 3, moved: new Map([['split', on('05-02')]]) }), '01-20');
    expect(three.map(({ key, on: when }) => `${key} ${iso(when)}`)).toEqual([
      'split 05-02',
      'nuc 05-09',
      'nuc-2 05-09',
      'super 05-29',
    ]);
    const begun = { begun: [{ programmeId: 'p', method: 'walk-away', on: on('05-06') }] } as const;
    expect(iso(of(told(aPlan('increase', { count: 2 }), '05-07', begun), 'nuc').on)).toBe('05-13');
  });

  it('has its time, and lapses when nothing was done in it', () => {
    expect(['05-21', '05-22', '06-15', '06-16'].map((today) => demaree(today).status)).toEqual([
      'to-come',
      'now',
      'now',
      'lapsed',
    ]);
    // Put off by the keeper beyond its window, it waits that long.
    expect(demaree('06-20', {}, { moved: new Map([['demaree', on('06-22')]]) }).status).toBe('now');
  });

  it('waits for her while no queen lays', () => {
    const held = demaree('05-25', { hasLayingQueen: false });
    expect([held.status, held.because]).toEqual(['held', { code: 'no-laying-queen' }]);
    expect(demaree('05-01', { hasLayingQueen: false }).status).toBe('to-come');
  });
});

describe('what was meant and what happened', () => {
  it('charged cells on 3 May put the Demaree of 1 June off, found late as well as in time', () => {
    const dropped = demaree('05-03', { charged: [on('05-03')] });
    expect([dropped.status, dropped.because]).toEqual(['dropped', { code: 'charged-cells', on: on('05-03') }]);
    expect(demaree('10-01', { charged: [on('05-03')] }).status).toBe('dropped');
    // After its time they say nothing of it any more.
    expect(demaree('07-01', { charged: [on('06-20')] }).status).toBe('lapsed');
    // Cells of last season are none of this one's.
    expect(demaree('05-03', { charged: [addDays(on('01-01'), -200)] }).status).toBe('to-come');
  });

  it('what was found before it was planned says nothing against it', () => {
    const late = { plannedOn: on('05-10') };
    const seen = {
      charged: [on('05-03')],
      begun: [{ programmeId: 'p', method: 'walk-away', on: on('04-20') }],
    } as const;
    expect(demaree('05-25', seen, late).status).toBe('now');
    expect(demaree('05-25', { charged: [on('05-11')] }, late).status).toBe('dropped');
    // What was done of it before counts all the same.
    expect(demaree('05-25', { begun: [{ programmeId: 'p', method: 'demaree', on: on('05-02') }] }, late).status).toBe(
      'begun',
    );
  });

  it('meant all the same, it stands until other cells come', () => {
    const again = { again: new Map([['demaree', on('05-04')]]) };
    expect(demaree('05-05', { charged: [on('05-03')] }, again).status).toBe('to-come');
    expect(demaree('05-20', { charged: [on('05-03'), on('05-19')] }, again).because).toEqual({
      code: 'charged-cells',
      on: on('05-19'),
    });
  });

  it('once it was begun it is begun, whatever was found before or after, and through whatever door', () => {
    const begun = [{ programmeId: 'p', method: 'demaree', on: on('05-02') }] as const;
    expect(demaree('05-10', { begun, charged: [on('05-01'), on('05-09')] })).toMatchObject({
      status: 'begun',
      begun: { programmeId: 'p', on: on('05-02') },
    });
    const part = demaree('05-10', { begun: [{ programmeId: 'q', method: 'part-demaree', on: on('05-02') }] });
    expect([part.status, part.method]).toEqual(['begun', 'part-demaree']);
    expect(demaree('10-01', { begun: [{ ...begun[0], on: on('08-20') }] }).status).toBe('begun');
    expect(demaree('02-01', { begun: [{ ...begun[0], on: addDays(on('01-01'), -250) }] }).status).toBe('to-come');
  });

  it('another method stands against it; what the keeper drops is dropped', () => {
    const begun = [{ programmeId: 'p', method: 'nuc-swarm', on: on('05-02') }] as const;
    expect(demaree('05-10', { begun }).because).toEqual({ code: 'other-method', on: on('05-02'), method: 'nuc-swarm' });
    expect(demaree('05-10', {}, { dropped: new Set(['demaree']) }).because).toEqual({ code: 'keeper' });
    const requeen = (method: 'demaree' | 'nuc-swarm') =>
      of(told(aPlan('requeen'), '05-10', { begun: [{ programmeId: 'p', method, on: on('05-02') }] }), 'requeen').status;
    expect([requeen('demaree'), requeen('nuc-swarm')]).toEqual(['to-come', 'dropped']);
  });

  it('the first of what stands against it is told', () => {
    const seen = { charged: [on('05-12')], swarmed: [on('05-08')] };
    expect(demaree('05-20', seen).because).toEqual({ code: 'swarmed', on: on('05-08') });
    expect(demaree('05-20', { ...seen, endedOn: on('05-01') }).because).toEqual({ code: 'ended', on: on('05-01') });
  });

  it('what waits for cells has its time when they come, and has had it a while after', () => {
    const wait = (today: string, seen: Partial<SeasonSeen> = {}) =>
      of(told(aPlan('wait-for-cells'), today, seen), 'if-cells');
    expect(wait('05-01').status).toBe('to-come');
    expect(wait('05-03', { charged: [on('05-03')] })).toMatchObject({
      status: 'now',
      because: { code: 'charged-cells', on: on('05-03') },
    });
    expect(wait('05-13', { charged: [on('05-03')] }).status).toBe('to-come');
    expect(wait('08-01', { charged: [on('05-03')] }).status).toBe('lapsed');
    const begun = [{ programmeId: 'p', method: 'old-site-swarm', on: on('05-04') }] as const;
    expect(wait('05-05', { charged: [on('05-03')], begun })).toMatchObject({
      status: 'begun',
      method: 'old-site-swarm',
    });
  });

  it('a super that was simply put on is the one that was meant; two nucs are two', () => {
    const boxes = [{ what: 'super-on', on: on('05-20') }] as const;
    expect(of(told(aPlan('demaree'), '05-21', { boxes }), 'super')).toMatchObject({
      status: 'begun',
      begun: { programmeId: null, on: on('05-20') },
    });
    const nuc = (programmeId: string) => ({ programmeId, method: 'cell-nuc', on: on('05-10') }) as const;
    const three = told(aPlan('increase', { count: 3 }), '05-11', {
      begun: [{ programmeId: 's', method: 'queen-split', on: on('05-03') }, nuc('a')],
    });
    expect([of(three, 'nuc').status, of(three, 'nuc-2').status]).toEqual(['begun', 'now']);
  });

  it('what hangs on an act goes with it', () => {
    const plan = aPlan('increase', { count: 2, dropped: new Set(['split']) });
    expect(of(told(plan, '04-01'), 'nuc').because).toEqual({ code: 'act-dropped' });
  });
});

describe('of a colony’s own facts', () => {
  const RUNS = tries(1000);
  const anyPlan = fc.record({
    way: fc.constantFrom(...WAY_NAMES),
    count: fc.integer({ min: 1, max: 4 }),
    method: fc.option(fc.constantFrom(...ALL_METHOD_NAMES)),
    by: fc.option(fc.integer({ min: -20, max: 90 })),
    moved: fc.dictionary(
      fc.constantFrom('super', 'demaree', 'split', 'nuc', 'requeen', 'box'),
      fc.integer({ min: -60, max: 120 }),
      { maxKeys: 3 },
    ),
    dropped: fc.subarray(['super', 'split', 'sides']),
    again: fc.dictionary(fc.constantFrom('demaree', 'split', 'if-cells'), fc.integer({ min: 0, max: 60 }), {
      maxKeys: 2,
    }),
  });

  it('over random seasons each ends as a programme, dropped with a reason, or lapsed, never silently', () => {
    const ends = { begun: 0, dropped: 0, lapsed: 0 };
    fc.assert(
      fc.property(randomSeason, anyPlan, fc.constantFrom(...COLONIES), (made, said, colonyId) => {
        const dated = (entries: Record<string, number>) =>
          new Map(Object.entries(entries).map(([key, by]) => [key, addDays(START, by)]));
        const plan = aPlan(said.way, {
          ...said,
          colonyId,
          by: said.by === null ? null : addDays(START, said.by),
          moved: dated(said.moved),
          dropped: new Set(said.dropped),
          again: dated(said.again),
        });
        const facts = assembled(made.own, made.shared).get(colonyId);
        if (!facts) throw new Error('no colony');
        const last = addDays(HOOKS.season.to, 120);
        const asOf = (today: typeof last) =>
          intentionsOf(plan, HOOKS, seasonSeen(colonyId, facts, foldColony(facts, DEFAULT_SETTINGS, today)), today);
        for (const intention of asOf(last)) {
          const { status, because, begun, key, window } = intention;
          if (status !== 'begun' && status !== 'dropped' && status !== 'lapsed') throw new Error(`${key} is ${status}`);
          ends[status] += 1;
          expect(because !== null).toBe(status === 'dropped');
          expect(begun !== null).toBe(status === 'begun');
          expect(window.earliest <= window.ideal && window.ideal <= window.latest).toBe(true);
        }
        const programmes = asOf(last).flatMap(({ begun }) => begun?.programmeId ?? []);
        expect(new Set(programmes).size).toBe(programmes.length);
        // From day to day nothing is there that is gone on the next: the same acts, each with its standing.
        const keys = asOf(last).map(({ key }) => key);
        for (const days of [-30, 10, 25, 45, 70])
          expect(asOf(addDays(START, days)).map(({ key }) => key)).toEqual(keys);
      }),
      { numRuns: RUNS, seed: 20270701 },
    );
    expect(Math.min(...Object.values(ends))).toBeGreaterThan(10);
  }, 600_000);
});
