import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { FoodSaid } from '../../core/facts/food';
import { readSeasonFile, writeSeasonFile } from '../../core/formats/season-file';
import type { Book } from '../../db/open';
import { loadFood } from '../../db/repositories/food';
import { revisionsOf } from '../../db/repositories/revisions';
import { foodNotes } from '../../views/food-view';
import { loadApiaries } from '../all-apiaries';
import { readAllFacts } from '../season/season-facts';
import { codes, DEMO_NOW, demoBook, id } from '../testing';
import { saveFood } from './save-food';

let opened: Book;
beforeEach(() => {
  opened = demoBook();
});
afterEach(() => {
  opened.sqlite.close();
});

const all = () => loadApiaries(opened, DEMO_NOW.today);
const colonyId = (name: string) => all().colonies.find(({ colony }) => colony.name === name)?.colony.id as string;
const noted = (n: number, name: string, at = '2027-05-16T17:00'): FoodSaid => ({
  kind: 'noted',
  id: id(n + 500),
  at,
  entry: { id: id(n), colonyId: colonyId(name), at, kind: 'syrup', amount: 1.5, note: '' },
});
const say = (said: FoodSaid) => saveFood(opened.db, said, DEMO_NOW);
const asked = () => foodNotes(all(), loadFood(opened.db), DEMO_NOW.today).map(({ name }) => name);

describe('food and honey', () => {
  it('that was taken out or put back says what it was before; said twice it is said once', () => {
    expect(say(noted(1, 'Betony')).ok).toBe(true);
    const at = '2027-05-16T18:00';
    for (const kind of ['taken-out', 'taken-out', 'put-back'] as const) say({ kind, id: id(9), at, entryId: id(1) });
    expect(revisionsOf(opened.db, id(1)).map(({ entity, action }) => [entity, action])).toEqual([
      ['food', 'restored'],
      ['food', 'deleted'],
    ]);
    expect(loadFood(opened.db, colonyId('Betony'))).toHaveLength(1);
  });

  it('is noted once, taken out and put back, and none of it is to come', () => {
    expect(say(noted(1, 'Betony')).ok).toBe(true);
    expect(say(noted(1, 'Betony')).ok).toBe(true);
    expect(loadFood(opened.db, colonyId('Betony'))).toHaveLength(1);
    const change = (kind: 'taken-out' | 'put-back', entryId = id(1)): FoodSaid => ({
      kind,
      id: id(9),
      at: '2027-05-16T18:00',
      entryId,
    });
    expect(say(change('taken-out')).ok).toBe(true);
    expect(loadFood(opened.db, colonyId('Betony'))).toEqual([]);
    expect(say(change('put-back')).ok).toBe(true);
    expect(loadFood(opened.db, colonyId('Betony'))).toHaveLength(1);
    expect(codes(say(change('taken-out', id(99))))).toEqual(['not-found entryId']);
    expect(codes(say(noted(2, 'Betony', '2027-05-17T08:00')))).toEqual(['in-the-future entry.at']);
    const stranger = noted(3, 'Betony');
    if (stranger.kind !== 'noted') throw new Error('noted');
    expect(codes(say({ ...stranger, entry: { ...stranger.entry, colonyId: id(77) } }))).toEqual([
      'unknown-reference entry.colonyId',
    ]);
    const facts = readAllFacts(opened.db);
    const read = readSeasonFile(writeSeasonFile(facts));
    expect(read.ok && read.value).toEqual(facts);
  });

  it('is asked about where a colony is young and nothing comes in, until it was fed', () => {
    expect(asked()).toEqual(['Hawkbit', 'Scabious swarm']);
    say(noted(1, 'Hawkbit'));
    expect(asked()).toEqual(['Scabious swarm']);
  });
});
