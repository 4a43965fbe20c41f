import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { StandFact } from '../../core/facts/yard';
import { readSeasonFile, writeSeasonFile } from '../../core/formats/season-file';
import type { Book } from '../../db/open';
import { loadYard, loadYardMarks } from '../../db/repositories/yard';
import { mapView } from '../../views/map-view';
import { loadApiaries } from '../all-apiaries';
import { readAllFacts } from '../season/season-facts';
import { codes, DEMO_NOW, demoBook, id } from '../testing';
import { saveYard } from './save-yard';

let opened: Book;
beforeEach(() => {
  opened = demoBook();
});
afterEach(() => {
  opened.sqlite.close();
});

const all = () => loadApiaries(opened, DEMO_NOW.today);
const garden = () => all().apiaries.find(({ name }) => name === 'Walled garden')?.id as string;
const map = () =>
  mapView(all(), garden(), loadYard(opened.db, garden()), loadYardMarks(opened.db, garden()), DEMO_NOW.today);
const stand = (name: string): StandFact => {
  const { colonies: _, ...fact } = map().stands.find((one) => one.name === name) ?? { colonies: [] };
  return fact as StandFact;
};
const save = (said: Partial<Parameters<typeof saveYard>[1]>) =>
  saveYard(opened.db, { stands: [], marks: [], gone: [], ...said }, DEMO_NOW);

describe('the map of an apiary', () => {
  it('shows who stands where, by the name of the stand', () => {
    expect(map().stands.map(({ name, colonies }) => [name, ...colonies.map(({ entry }) => entry.name)])).toEqual([
      ['beside the shed', 'Knapweed nuc'],
      ['stand 1'],
      ['stand 2', 'Sainfoin'],
      ['stand 3', 'Yarrow'],
      ['stand 4, by the pear', 'Burnet'],
      ['stand 5', 'Knapweed'],
    ]);
    expect(map().unplaced).toEqual([]);
  });

  it('a stand that is given another name keeps its colony; one taken away leaves it', () => {
    expect(save({ stands: [{ ...stand('stand 3'), name: 'by the gate', x: 4.2 }] }).ok).toBe(true);
    const [moved] = map().stands.filter(({ name }) => name === 'by the gate');
    expect([moved?.x, moved?.colonies.map(({ entry }) => entry.name)]).toEqual([4.2, ['Yarrow']]);
    expect(save({ gone: [moved?.id as string] }).ok).toBe(true);
    expect(map().unplaced.map(({ entry }) => `${entry.name}, ${entry.stand}`)).toEqual(['Yarrow, by the gate']);
  });

  it('two stands of one name are refused, names that change places are not, and nothing is half stored', () => {
    const [two, three] = [stand('stand 2'), stand('stand 3')];
    const twice = save({
      stands: [
        { ...two, x: 77 },
        { ...three, name: 'stand 1' },
      ],
    });
    expect(codes(twice)).toEqual(['duplicate-id stands.1.name']);
    expect(stand('stand 2').x).toBe(2);
    const fresh = { ...two, id: id(1), name: 'new' };
    expect(codes(save({ stands: [fresh, { ...fresh, id: id(2) }] }))).toEqual(['duplicate-id stands.1.name']);
    expect(codes(save({ stands: [{ ...fresh, apiaryId: id(9) }] }))).toEqual(['unknown-reference stands.0.apiaryId']);
  });

  it('goes through a season file and back', () => {
    save({ marks: [{ id: id(3), apiaryId: garden(), kind: 'neighbour', x1: 0, y1: -5, x2: 4, y2: -5 }] });
    const facts = readAllFacts(opened.db);
    expect(facts.yardMarks.some(({ kind }) => kind === 'neighbour')).toBe(true);
    const read = readSeasonFile(writeSeasonFile(facts));
    expect(read.ok && read.value).toEqual(facts);
  });
});
