import { describe, expect, it } from 'vitest';
import { day } from '../calendar/day';
import { checkEntry, type EntryToCheck } from './check-entry';
import { type ColonyFacts, type InspectionFact, NO_PROGRAMMES } from './facts';
import { inspection } from './testing';

const cell = (id: string, label: string) => ({
  id,
  label,
  place: 'bottom' as const,
  box: null,
  frame: null,
  part: null,
});
const facts = (inspections: InspectionFact[] = []): ColonyFacts => ({
  ...NO_PROGRAMMES,
  startedOn: day('2027-04-10'),
  endedOn: null,
  origin: 'established',
  cells: [cell('A', 'a'), cell('B', 'b')],
  inspections,
  queenEvents: [],
});
const entry = (over: Partial<EntryToCheck> = {}): EntryToCheck => ({
  id: 'new',
  at: '2027-05-10T18:00',
  to: null,
  eggs: 'seen',
  youngest: 'eggs',
  cells: [],
  ...over,
});
const sees = (cellId: string, found: EntryToCheck['cells'][number]['found'], takenDown = false) => ({
  cellId,
  found,
  takenDown,
  newCell: null,
});
const faults = (over: Partial<EntryToCheck>, inspections: InspectionFact[] = []) =>
  checkEntry(entry(over), facts(inspections), '2027-05-10T20:00').map(({ path, code }) => [path.join('.'), code]);

describe('what an entry cannot say', () => {
  it('lets a sound entry pass', () => expect(faults({ cells: [sees('A', 'egg')] })).toEqual([]));

  it('stays between the colony’s beginning and now', () => {
    expect(faults({ at: '2027-05-10T20:11' })).toEqual([['at', 'in-the-future']]);
    const early = entry({ at: '2027-04-09T20:00' });
    const of = (origin: 'nuc' | 'established') => checkEntry(early, { ...facts([]), origin }, null);
    expect(of('nuc').map(({ path, code }) => [path.join('.'), code])).toEqual([['at', 'before-colony']]);
    // An established colony was there before: an earlier entry widens what is known of it.
    expect(of('established')).toEqual([]);
  });

  it('is held against no clock where it is not asked to be', () => {
    expect(checkEntry(entry({ at: '2027-06-10T20:11' }), facts(), null)).toEqual([]);
    expect(checkEntry(entry({ to: '2027-06-12' }), facts(), null)).toEqual([]);
  });

  it('has a last day that is not before its first, nor to come', () => {
    expect(faults({ to: '2027-05-09' })).toEqual([['to', 'out-of-range']]);
    expect(faults({ to: '2027-05-11' })).toEqual([['to', 'in-the-future']]);
    expect(faults({ to: '2027-05-10' })).toEqual([]);
  });

  it('lies between the colony’s first day and its last, both included', () => {
    const ended = { ...facts(), endedOn: day('2027-05-09') };
    const codes = (at: string) => checkEntry(entry({ at }), ended, null).map(({ code }) => code);
    expect(codes('2027-05-10T08:00')).toEqual(['after-colony-ended']);
    expect(codes('2027-05-09T23:00')).toEqual([]);
    expect(codes('2027-04-10T00:00')).toEqual([]);
  });

  it('names each cell once, of the colony or new', () => {
    expect(faults({ cells: [sees('A', 'egg'), sees('A', 'egg')] })).toEqual([
      ['cells.1.found', 'duplicate-observation'],
    ]);
    expect(faults({ cells: [sees('Z', 'egg')] })).toEqual([['cells.0.found', 'unknown-reference']]);
    expect(faults({ cells: [{ ...sees('Z', 'egg'), newCell: {} }] })).toEqual([]);
    expect(checkEntry(entry({ cells: [sees('A', 'egg'), sees('A', 'egg')] }), facts(), null)[0]?.message).saying(
      'Cell a is named twice',
    );
  });

  it('takes no cell down that was seen at a later look, found gone or taken', () => {
    const later = inspection({
      id: 'old',
      at: '2027-05-10T19:00',
      cells: [{ cellId: 'A', found: 'sealed', takenDown: false }],
    });
    expect(faults({ cells: [sees('A', 'removed')] }, [later])).toEqual([['cells.0.found', 'after-removed']]);
    expect(faults({ cells: [sees('A', 'egg', true)] }, [later])).toEqual([['cells.0.found', 'after-removed']]);
    expect(faults({ cells: [sees('A', 'egg')] }, [later])).toEqual([]);
    expect(faults({ cells: [sees('B', 'egg', true)] }, [later])).toEqual([]);
    // Its own earlier version does not count against it.
    expect(faults({ id: 'old', cells: [sees('A', 'egg', true)] }, [later])).toEqual([]);
  });

  it('has eggs and the youngest brood agree, where both were looked for', () => {
    expect(faults({ eggs: 'seen', youngest: 'sealed' })).toEqual([['youngest', 'contradiction']]);
    expect(faults({ eggs: 'none', youngest: 'eggs' })).toEqual([['youngest', 'contradiction']]);
    expect(faults({ eggs: 'none', youngest: 'larvae-small' })).toEqual([]);
    expect(faults({ eggs: 'not-looked-for', youngest: 'eggs' })).toEqual([]);
    expect(faults({ eggs: 'seen', youngest: null })).toEqual([]);
  });

  it('takes one inspection a minute, and its own correction', () => {
    const there = inspection({ id: 'old', at: '2027-05-10T18:00' });
    expect(faults({}, [there])).toEqual([['at', 'duplicate-minute']]);
    expect(faults({ id: 'old' }, [there])).toEqual([]);
  });

  it('sees no cell after it was broken down, nor takes one down that is seen later', () => {
    const took = inspection({
      id: 'old',
      at: '2027-05-03T18:00',
      cells: [{ cellId: 'A', found: 'egg', takenDown: true }],
    });
    expect(faults({ cells: [sees('B', 'egg'), sees('A', 'sealed')] }, [took])).toEqual([
      ['cells.1.found', 'after-removed'],
    ]);
    const saw = inspection({
      id: 'old',
      at: '2027-05-10T19:00',
      cells: [{ cellId: 'A', found: 'egg', takenDown: false }],
    });
    expect(faults({ cells: [sees('A', 'removed')] }, [saw])).toEqual([['cells.0.found', 'after-removed']]);
  });

  it('names only cells of the colony, each once', () => {
    expect(faults({ cells: [sees('Z', 'egg')] })).toEqual([['cells.0.found', 'unknown-reference']]);
    expect(faults({ cells: [sees('A', 'egg'), sees('A', 'sealed')] })).toEqual([
      ['cells.1.found', 'duplicate-observation'],
    ]);
  });

  it('does not let eggs contradict the youngest brood', () => {
    expect(faults({ youngest: 'sealed' })).toEqual([['youngest', 'contradiction']]);
    expect(faults({ eggs: 'none' })).toEqual([['youngest', 'contradiction']]);
    expect(faults({ eggs: 'not-looked-for', youngest: 'sealed' })).toEqual([]);
  });
});
