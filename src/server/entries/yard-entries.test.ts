import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { day } from '../../core/calendar/day';
import { type ApiaryFact, bareApiary } from '../../core/facts/apiary';
import type { ColonyFact } from '../../core/facts/colony';
import type { QueenEntry } from '../../core/facts/queen';
import { lostIn } from '../../core/queens/queen-questions';
import { NORTHERN_SWARM_MONTHS } from '../../core/settings/settings';
import type { ColonyState } from '../../core/state/fold';
import type { Book } from '../../db/open';
import { revisionsOf } from '../../db/repositories/revisions';
import { loadSettings } from '../../db/repositories/settings';
import { colonies } from '../../db/schema/tables';
import { loadColony } from '../colony-page';
import { formerNames, formerOf } from '../former-names';
import { readAllFacts } from '../season/season-facts';
import { anEntry, bookOf, codes, id, DEMO_NOW as now } from '../testing';
import { firstRun } from './first-run';
import { saveApiary } from './save-apiary';
import { saveColony } from './save-colony';
import { saveInspection } from './save-inspection';
import { deleteQueenEvent, restoreQueenEvent, saveQueenEvent } from './save-queen-event';

const [ORCHARD, CLOVER, NUC, QUEEN] = [id(1), id(2), id(3), id(4)];
let opened: Book;
beforeEach(() => {
  opened = bookOf(ORCHARD, { Clover: CLOVER });
});
afterEach(() => opened.sqlite.close());
const facts = () => readAllFacts(opened.db);
const stateOf = (colonyId: string) => loadColony(opened, colonyId, now.today)?.state as ColonyState;

describe('an apiary', () => {
  const hollow: ApiaryFact = { ...bareApiary(id(9), 'Hollow'), mainFlowFrom: '2027-06-01', mainFlowTo: '2027-06-20' };
  const save = (over: Partial<ApiaryFact> = {}) => codes(saveApiary(opened.db, { ...hollow, ...over }, now));

  it('is added once, and keeps what it was called when corrected', () => {
    expect([save(), save()]).toEqual(['stored', 'stored']);
    expect(revisionsOf(opened.db, hollow.id)).toEqual([]);
    expect(save({ name: 'Deep hollow' })).toBe('stored');
    expect(revisionsOf(opened.db, hollow.id)[0]?.before).toMatchObject({ name: 'Hollow' });
  });

  it('has a name of its own and a flow that ends after it begins', () => {
    const before = facts();
    expect(save({ name: 'Orchard' })).toEqual(['duplicate-id name']);
    expect(save({ mainFlowTo: '2027-05-01' })).toEqual(['contradiction mainFlowTo']);
    expect(facts()).toEqual(before);
  });
});

describe('a colony', () => {
  const nuc: ColonyFact = {
    id: NUC,
    apiaryId: ORCHARD,
    name: 'Clover nuc',
    stand: '',
    origin: 'split',
    parentColonyId: CLOVER,
    startedOn: '2027-05-10',
    endedOn: null,
    note: '',
    wanted: 'nothing' as const,
  };
  const save = (over: Partial<ColonyFact> = {}) => codes(saveColony(opened.db, { ...nuc, ...over }, now));

  it('comes of a colony, in an apiary, that are in the book', () => {
    expect(save({ apiaryId: id(90), parentColonyId: id(91) })).toEqual([
      'unknown-reference apiaryId',
      'unknown-reference parentColonyId',
    ]);
    expect(save()).toBe('stored');
    expect(save({ parentColonyId: NUC })).toEqual(['contradiction parentColonyId']);
    // Nor of one that came of it.
    const clover = facts().colonies.find((one) => one.id === CLOVER) as ColonyFact;
    const round = saveColony(opened.db, { ...clover, parentColonyId: NUC }, now);
    expect(codes(round)).toEqual(['contradiction parentColonyId']);
  });

  it('has a name that no standing colony has, and may take that of one that ended', () => {
    expect(save({ name: 'Clover' })).toEqual(['duplicate-id name']);
    expect(save({ name: 'Clover', endedOn: '2027-05-12' })).toBe('stored');
    expect(save({ name: 'Clover' })).toEqual(['duplicate-id name']);
  });

  it('begins by today, before it ends and before what was seen in it', () => {
    expect(save({ startedOn: '2027-05-17' })).toEqual(['in-the-future startedOn']);
    expect(save({ endedOn: '2027-05-09' })).toEqual(['contradiction endedOn']);
    expect(save()).toBe('stored');
    const look = anEntry({ id: id(20), colonyId: NUC, at: '2027-05-11T12:00' });
    expect(codes(saveInspection(opened.db, look, now))).toBe('stored');
    expect(save({ startedOn: '2027-05-12' })).toEqual(['contradiction startedOn']);
    expect(save({ startedOn: '2027-05-11' })).toBe('stored');
  });

  it('keeps what it was called and where it stood up to the day on which that changed', () => {
    const move = (over: Partial<ColonyFact>, since: string | null) =>
      codes(saveColony(opened.db, { ...nuc, ...over, since }, now));
    const former = () => formerOf(opened.db, NUC).map(({ name, stand, until }) => `${until} ${name} ${stand}`.trim());
    expect(save()).toBe('stored');
    expect(move({ note: 'gentle' }, null)).toBe('stored');
    expect(former()).toEqual([]);
    expect(move({ name: 'Borage' }, '2027-05-12')).toBe('stored');
    expect(move({ name: 'Borage', stand: 'hedge' }, null)).toBe('stored');
    expect(former()).toEqual(['2027-05-12 Clover nuc', '2027-05-16 Borage']);
    expect(formerNames(opened.db).map(({ name }) => name)).toEqual(expect.arrayContaining(['Clover nuc']));
    // Not before it began, before the last move, or in the future.
    expect(move({ name: 'Sainfoin' }, '2027-05-09')).toEqual(['before-colony since']);
    expect(move({ name: 'Sainfoin' }, '2027-05-13')).toEqual(['contradiction since']);
    expect(move({ name: 'Sainfoin' }, '2027-05-17')).toEqual(['in-the-future since']);
    // Changed back on the day itself, nothing was moved.
    expect(move({ name: 'Borage', stand: '' }, null)).toBe('stored');
    expect(former()).toEqual(['2027-05-12 Clover nuc']);
  });
});

describe('what happened to a queen', () => {
  const entry: QueenEntry = {
    event: {
      id: id(30),
      queenId: QUEEN,
      colonyId: CLOVER,
      at: null,
      on: '2027-05-10',
      to: null,
      kind: 'removed',
      went: null,
      hivedAsId: null,
      note: '',
    },
    newQueen: {
      id: QUEEN,
      motherQueenId: null,
      origin: 'raised',
      emergedFrom: null,
      emergedTo: null,
      note: '',
      isToBreedFrom: false,
    },
  };
  const save = (event: Partial<QueenEntry['event']>, queen: Partial<QueenEntry['newQueen']> | null = {}) =>
    codes(
      saveQueenEvent(
        opened.db,
        {
          event: { ...entry.event, ...event },
          newQueen: queen && { ...(entry.newQueen as NonNullable<QueenEntry['newQueen']>), ...queen },
        },
        now,
      ),
    );

  it('names a mother and a hived colony that are in the book, or none', () => {
    expect(save({}, { motherQueenId: id(99) })).toEqual(['unknown-reference newQueen.motherQueenId']);
    expect(save({}, { motherQueenId: QUEEN })).toEqual(['unknown-reference newQueen.motherQueenId']);
    expect(save({ kind: 'swarmed', hivedAsId: id(98) })).toEqual(['unknown-reference event.hivedAsId']);
    expect(facts().queens).toEqual([]);
  });

  it('lands once with the queen, and later without her', () => {
    expect([save({}), save({})]).toEqual(['stored', 'stored']);
    expect([facts().queens.length, facts().queenEvents.length]).toEqual([1, 1]);
    expect(save({ id: id(31), on: '2027-05-12', kind: 'lost' }, null)).toBe('stored');
  });

  it('is corrected, taken out and put back, and what it said is kept', () => {
    expect(save({})).toBe('stored');
    const removed = () => lostIn(stateOf(CLOVER).queen)?.from;
    expect(removed()).toBe(day('2027-05-10'));
    expect(save({ on: '2027-05-08', to: '2027-05-09' }, null)).toBe('stored');
    expect([removed(), lostIn(stateOf(CLOVER).queen)?.to]).toEqual([day('2027-05-08'), day('2027-05-09')]);
    expect(codes(deleteQueenEvent(opened.db, id(30), now))).toBe('stored');
    expect([removed(), facts().queenEvents.length]).toEqual([undefined, 1]);
    expect(codes(restoreQueenEvent(opened.db, id(30), now))).toBe('stored');
    expect(removed()).toBe(day('2027-05-08'));
    expect(facts().revisions.map(({ entity, action }) => [entity, action])).toEqual([
      ['queen-event', 'corrected'],
      ['queen-event', 'deleted'],
      ['queen-event', 'restored'],
    ]);
    expect(codes(deleteQueenEvent(opened.db, id(99), now))).toEqual(['not-found id']);
    expect(save({ on: '2027-05-09', to: '2027-05-08' }, null)).toEqual(['out-of-range event.to']);
    expect(save({ to: '2027-05-18' }, null)).toEqual(['in-the-future event.to']);
  });

  it('befell her in a colony of the book, on a day that it had, to a queen who is known', () => {
    const before = facts();
    expect(save({ colonyId: id(99) })).toEqual(['unknown-reference event.colonyId']);
    expect(save({ on: '2027-05-17' })).toEqual(['in-the-future event.on']);
    opened.db.update(colonies).set({ origin: 'nuc' }).run();
    expect(save({ on: '2027-03-31' })).toEqual(['before-colony event.on']);
    opened.db.update(colonies).set({ origin: 'established' }).run();
    expect(save({}, null)).toEqual(['unknown-reference event.queenId']);
    expect(save({}, { emergedFrom: '2026-07-02', emergedTo: '2026-07-01' })).toEqual([
      'contradiction newQueen.emergedTo',
    ]);
    expect(facts()).toEqual(before);
  });
});

describe('a swarm that is hived', () => {
  const hive = (over: Partial<ColonyFact> = {}) =>
    codes(
      saveColony(
        opened.db,
        {
          id: id(70),
          apiaryId: ORCHARD,
          name: 'Hedge swarm',
          stand: '',
          origin: 'prime-swarm',
          parentColonyId: CLOVER,
          startedOn: '2027-05-14',
          endedOn: null,
          note: '',
          wanted: 'nothing',
          ...over,
        },
        now,
      ),
    );
  const told = () => facts().queenEvents.map(({ colonyId, kind, on, went }) => [colonyId, kind, on, went]);

  it('is a fact of the colony that it left, whose cells and casts are dated by it', () => {
    expect(hive()).toBe('stored');
    expect(told()).toEqual([[CLOVER, 'swarmed', '2027-05-14', 'hived']]);
    const { queen, schedule } = stateOf(CLOVER);
    expect([queen.is === 'going', schedule.checks.map(({ code }) => code)]).toEqual([true, ['find-cells', 'eggs']]);
  });

  it('follows what is corrected of it', () => {
    hive();
    expect(hive({ startedOn: '2027-05-09', origin: 'cast' })).toBe('stored');
    expect(told()).toEqual([[CLOVER, 'cast-left', '2027-05-09', 'hived']]);
    expect(hive({ parentColonyId: null })).toBe('stored');
    expect(told()).toEqual([]);
  });

  it('is the one that was seen to leave that day, and leaves it as it was noted when it proves to be another', () => {
    const event = {
      ...{ id: id(71), queenId: QUEEN, colonyId: CLOVER, at: null, on: '2027-05-14', to: null },
      ...{ kind: 'swarmed', went: 'not-known', hivedAsId: null, note: 'In the hedge by noon.' },
    } as const;
    const newQueen = {
      id: QUEEN,
      motherQueenId: null,
      origin: 'unknown',
      emergedFrom: null,
      emergedTo: null,
      note: '',
      isToBreedFrom: false,
    };
    saveQueenEvent(opened.db, { event, newQueen } as QueenEntry, now);
    hive();
    expect(told()).toEqual([[CLOVER, 'swarmed', '2027-05-14', 'hived']]);
    // A cast left another day: then the colony was hived from that, and the swarm is still to be accounted for.
    hive({ startedOn: '2027-05-15', origin: 'cast' });
    expect(told().sort()).toEqual([
      [CLOVER, 'cast-left', '2027-05-15', 'hived'],
      [CLOVER, 'swarmed', '2027-05-14', 'not-known'],
    ]);
    hive();
    expect(told()).toEqual([[CLOVER, 'swarmed', '2027-05-14', 'hived']]);
    hive({ parentColonyId: null });
    expect(facts().queenEvents).toMatchObject([event]);
  });
});

describe('the first run', () => {
  const entry = {
    apiaryId: id(40),
    apiaryName: 'Hollow',
    swarmMonths: [10, 11, 12, 1],
    timeZone: 'Europe/London',
    colonyId: id(41),
    knownSince: null,
    colonyName: 'Vetch',
  } as const;

  it('makes apiary and colony and says when swarms come', () => {
    expect(codes(firstRun(opened.db, entry, now))).toBe('stored');
    expect(facts().colonies.find(({ id: colonyId }) => colonyId === entry.colonyId)).toMatchObject({
      name: 'Vetch',
      apiaryId: entry.apiaryId,
      startedOn: '2027-05-16',
      enteredOn: '2027-05-16',
    });
    expect(loadSettings(opened.db).swarmMonths).toEqual([10, 11, 12, 1]);
  });

  it('makes nothing when one of them is refused, and names the field of its own form', () => {
    const before = facts();
    expect(codes(firstRun(opened.db, { ...entry, apiaryName: 'Orchard' }, now))).toEqual(['duplicate-id apiaryName']);
    expect(codes(firstRun(opened.db, { ...entry, colonyName: 'Clover' }, now))).toEqual(['duplicate-id colonyName']);
    expect(facts()).toEqual(before);
    expect(loadSettings(opened.db).swarmMonths).toEqual(NORTHERN_SWARM_MONTHS);
  });
});
