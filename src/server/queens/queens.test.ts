import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { QueenFact } from '../../core/facts/queen';
import { readSeasonFile, writeSeasonFile } from '../../core/formats/season-file';
import type { Book } from '../../db/open';
import { revisionsOf } from '../../db/repositories/revisions';
import { queenPageView, queensView } from '../../views/queens-view';
import { loadApiaries } from '../all-apiaries';
import { allFacts } from '../all-facts';
import { readAllFacts } from '../season/season-facts';
import { codes, DEMO_NOW, demoBook, id } from '../testing';
import { queenRecords } from './queen-records';
import { correctQueen, joinQueens, partQueens } from './save-queen';

let opened: Book;
beforeEach(() => {
  opened = demoBook();
});
afterEach(() => {
  opened.sqlite.close();
});

const records = () => queenRecords(opened.db);
const view = () => queensView(loadApiaries(opened, DEMO_NOW.today), records(), DEMO_NOW.today);
const lineIn = (colony: string) => {
  const line = view().lines.find((one) => one.colony?.name === colony);
  if (!line) throw new Error(colony);
  return line;
};
const factOf = (colony: string): QueenFact => records().queens.find((one) => one.id === lineIn(colony).id) as QueenFact;
const page = (of: string) => queenPageView(view(), records(), of);
const correct = (queen: QueenFact) => correctQueen(opened.db, queen, DEMO_NOW);
const part = (from: string) => partQueens(opened.db, { id: from }, DEMO_NOW);
const join = (from: string, into: string) => joinQueens(opened.db, { id: from, intoId: into }, DEMO_NOW);

describe('the queens of the book', () => {
  it('stand where they are, marked or not, with how it is known that they live', () => {
    expect(lineIn('Sainfoin')).toMatchObject({
      name: 'queen of 2026 (white), raised',
      where: 'in Sainfoin',
      isMarked: true,
      replace: [],
    });
    // Out of the way in her nuc, by the method that took her there.
    expect(lineIn('Hawkbit').name).toBe('queen of unknown age');
    expect(lineIn('Mallow').isMarked).toBe(false);
    expect(view().unknown.map(({ name }) => name)).toContain('Betony');
  });

  it('are replaced where they are old, and named with their mothers and daughters', () => {
    expect(lineIn('Yarrow').replace).toEqual(['has gone through two winters or more']);
    const { daughters, life } = page(lineIn('Yarrow').id) ?? {};
    expect(daughters?.map(({ where }) => where).sort()).toEqual(['in Knapweed nuc', 'in Sainfoin']);
    expect(life?.length).toBeGreaterThan(0);
    expect(view().families.find(({ queen }) => queen.id === lineIn('Yarrow').id)?.daughters).toHaveLength(2);
    expect(page(id(1))).toBeNull();
  });

  it('are followed through the methods that moved them', () => {
    const { life } = page(lineIn('Knapweed nuc').id) ?? {};
    expect(life?.map(({ colony, words }) => `${colony.name}: ${words}`)).toContain(
      'Knapweed nuc: Artificial swarm with a nuc',
    );
  });
});

describe('what is known of a queen', () => {
  it('is put right, with what stood there kept', () => {
    const queen = factOf('Hawkbit');
    const right = { ...queen, origin: 'raised', emergedFrom: '2025-06-01', emergedTo: '2025-06-10' } as const;
    expect(correct(right).ok).toBe(true);
    expect(correct(right).ok).toBe(true);
    expect(lineIn('Hawkbit').name).toBe('queen of 2025 (blue), raised');
    expect(revisionsOf(opened.db, queen.id)).toHaveLength(1);
  });

  it('is refused where it cannot be', () => {
    const [yarrow, sainfoin] = [factOf('Yarrow'), factOf('Sainfoin')];
    expect(codes(correct({ ...yarrow, id: id(9) }))).toEqual(['not-found id']);
    expect(codes(correct({ ...yarrow, motherQueenId: sainfoin.id }))).toEqual(['unknown-reference motherQueenId']);
    expect(codes(correct({ ...yarrow, motherQueenId: yarrow.id }))).toEqual(['unknown-reference motherQueenId']);
    expect(codes(correct({ ...yarrow, motherQueenId: factOf('Mallow').id }))).toEqual(['contradiction motherQueenId']);
    expect(codes(correct({ ...yarrow, emergedFrom: '2025-07-21' }))).toEqual(['contradiction emergedTo']);
  });
});

describe('a queen’s colonies', () => {
  it('are told by their temper while she was in them, and those to breed from stand on a list', () => {
    const facts = allFacts(opened, DEMO_NOW.today);
    const told = queenRecords(opened.db, (colonyId) => facts.get(colonyId)?.inspections ?? []);
    const of = (colony: string) => queenPageView(view(), told, lineIn(colony).id);
    expect(of('Yarrow')?.temper).toBe('calm once');
    // The bees that were defensive were those of the old queen, who sits in the nuc by now.
    expect([of('Hawkbit')?.temper, of('Mallow')?.temper]).toEqual(['defensive once', null]);
    expect(
      view()
        .lines.filter(({ isToBreedFrom }) => isToBreedFrom)
        .map(({ where }) => where),
    ).toEqual(['in Yarrow']);
  });
});

describe('two queens who are one', () => {
  it('are made one: her life, her daughters and her methods go over', () => {
    const [nuc, vetch] = [factOf('Hawkbit'), factOf('Vetch')];
    const before = page(vetch.id)?.life.length ?? 0;
    const moved = page(nuc.id)?.life.length ?? 0;
    expect(join(nuc.id, vetch.id).ok).toBe(true);
    // Said again it changes nothing.
    expect(join(nuc.id, vetch.id).ok).toBe(true);
    expect(page(nuc.id)).toBeNull();
    expect(page(vetch.id)?.life).toHaveLength(before + moved);
    const facts = readAllFacts(opened.db);
    const read = readSeasonFile(writeSeasonFile(facts));
    expect(read.ok && read.value).toEqual(facts);
  });

  it('are made two again, with what was theirs, and what was noted since stays with the other', () => {
    const [nuc, vetch] = [factOf('Hawkbit'), factOf('Vetch')];
    const facts = () => {
      const { revisions: _, ...all } = readAllFacts(opened.db);
      return all;
    };
    const before = facts();
    join(nuc.id, vetch.id);
    expect(page(vetch.id)?.joined.map(({ id: from }) => from)).toEqual([nuc.id]);
    expect(part(nuc.id).ok).toBe(true);
    expect(part(nuc.id).ok).toBe(true);
    expect(facts()).toEqual(before);
    expect(page(vetch.id)?.joined).toEqual([]);
    // Corrected since, the other stays as she was put right.
    join(nuc.id, vetch.id);
    const joined = () => records().queens.find((one) => one.id === vetch.id) as QueenFact;
    correct({ ...joined(), note: 'Gentle.' });
    expect(part(nuc.id).ok).toBe(true);
    expect(joined().note).toBe('Gentle.');
    expect(codes(part(id(9)))).toEqual(['not-found id']);
  });

  it('are refused where one comes of the other, or their days exclude each other', () => {
    const of = (colony: string) => factOf(colony).id;
    expect(codes(join(of('Sainfoin'), of('Yarrow')))).toEqual(['contradiction intoId']);
    expect(codes(join(of('Yarrow'), of('Yarrow')))).toEqual(['contradiction intoId']);
    expect(codes(join(of('Scabious swarm'), of('Sainfoin')))).toEqual(['contradiction intoId']);
    expect(codes(join(of('Sainfoin'), id(9)))).toEqual(['unknown-reference intoId']);
  });
});
