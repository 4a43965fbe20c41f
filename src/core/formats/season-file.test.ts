import { describe, expect, it } from 'vitest';
import { isLong } from '../../../scripts/lib/how-often';
import { larkvaleSeason } from '../../demo/larkvale';
import { verbatim } from '../says/together';
import { readSeasonFile, type SeasonFacts, writeSeasonFile } from './season-file';

/** The demo as a file of version 1 would have held it: without programmes, cells given away, counts and photos. */
function asVersion1(facts: SeasonFacts): string {
  const { apiaries, colonies, queens, queenEvents, inspections, cells, cellObservations, settings, revisions } = facts;
  const old = {
    apiaries: apiaries.map(({ mainFlowFrom: _, mainFlowTo: __, ...row }) => row),
    colonies,
    queens,
    queenEvents: queenEvents.map(({ at: _, to: __, deletedAt: ___, ...row }) => row),
    inspections: inspections.map(
      ({
        broodFrames: _,
        coveredSeams: __,
        drones: ___,
        to: ____,
        queenSeenAs: _____,
        piping: ______,
        isByHelper: _______,
        ...row
      }) => row,
    ),
    cells: cells.map(({ part: _, ...row }) => row),
    cellObservations,
    settings,
    revisions,
  };
  return JSON.stringify({ format: 'ubbet-season', version: 1, facts: old });
}

describe('a season file of an earlier version', () => {
  const season = larkvaleSeason();
  const read = readSeasonFile(asVersion1(season));

  it('is read, and what it does not have counts as not noted', () => {
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    const { inspections, cells, apiaries, programmes, photos } = read.value;
    expect([programmes, photos]).toEqual([[], []]);
    expect(inspections.every(({ broodFrames, drones }) => broodFrames === null && drones === 'not-looked-for')).toBe(
      true,
    );
    expect(inspections.every(({ to, piping }) => to === null && piping === 'not-listened')).toBe(true);
    expect(read.value.queenEvents.every(({ at, deletedAt }) => at === null && deletedAt === null)).toBe(true);
    expect(cells.every(({ part }) => part === null)).toBe(true);
    expect(apiaries.every(({ mainFlowFrom }) => mainFlowFrom === null)).toBe(true);
    expect(inspections.map(({ id }) => id)).toEqual(season.inspections.map(({ id }) => id));
  });

  it('is written in the present version, and comes back the same', () => {
    if (!read.ok) throw new Error('not read');
    const text = writeSeasonFile(read.value);
    expect(text).toContain('"version": 17');
    expect(readSeasonFile(text)).toEqual(read);
  });

  it('has its steps as they were written, and the swarm months of its half of the world', () => {
    const { facts } = JSON.parse(writeSeasonFile(season)) as { facts: SeasonFacts };
    const hive = facts.surveys[0]?.hive;
    const plan = {
      id: '01960000-0000-7000-8000-00000000f001',
      colonyId: facts.colonies[0]?.id,
      method: 'add-super',
      on: '2027-05-10',
      units: [{ name: 'hive', hive }],
      out: [],
      queenFrameId: null,
      done: [],
      finishedAt: null,
      begins: null,
      deletedAt: null,
    };
    const old = {
      ...facts,
      settings: [{ key: 'hemisphere', value: 'south' }],
      framePlans: [{ ...plan, steps: [{ kind: 'close', text: 'Close up.', frameIds: [] }] }],
    };
    const of5 = readSeasonFile(JSON.stringify({ format: 'ubbet-season', version: 5, facts: old }));
    if (!of5.ok) throw new Error(JSON.stringify(of5.issues));
    expect(of5.value.settings).toEqual([{ key: 'swarmMonths', value: [10, 11, 12, 1] }]);
    expect(of5.value.framePlans[0]?.steps).toEqual([{ kind: 'close', text: verbatim('Close up.'), frameIds: [] }]);
  });

  it('is still held to what it must be', () => {
    const broken = asVersion1(season).replace('"eggs":"seen"', '"eggs":"fried"');
    expect(readSeasonFile(broken)).toMatchObject({ ok: false, issues: [{ path: expect.arrayContaining(['eggs']) }] });
    const half = asVersion1(season).replace('"inspections":[', '"inspections":"none","left":[');
    expect(readSeasonFile(half).ok).toBe(false);
  });
});

describe('a season file that is wrong', () => {
  const changed = (change: (facts: SeasonFacts) => void) => {
    const facts = structuredClone(larkvaleSeason());
    change(facts);
    return readSeasonFile(writeSeasonFile(facts));
  };
  const said = (read: ReturnType<typeof readSeasonFile>) =>
    read.ok ? [] : read.issues.map(({ path, code }) => `${path.join('.')} ${code}`);

  it('goes round in no circle: no colony comes of itself, no queen is her own forebear', () => {
    const read = changed(({ colonies, queens }) => {
      const [a, b, c] = colonies as { id: string; parentColonyId: string | null }[];
      const [queen] = queens as { id: string; motherQueenId: string | null }[];
      if (!a || !b || !c || !queen) throw new Error('too few');
      Object.assign(a, { parentColonyId: b.id });
      Object.assign(b, { parentColonyId: a.id });
      // Comes of the circle, and is not in it.
      Object.assign(c, { parentColonyId: a.id });
      Object.assign(queen, { motherQueenId: queen.id });
    });
    expect(said(read)).toEqual([
      'facts.colonies.0.parentColonyId contradiction',
      'facts.colonies.1.parentColonyId contradiction',
      'facts.queens.0.motherQueenId contradiction',
    ]);
  });

  it('says nothing that no entry would have been taken with', () => {
    const first = (facts: SeasonFacts) => {
      const [inspection, colony, answer] = [facts.inspections[0], facts.colonies[0], facts.checkAnswers[0]];
      if (!inspection || !colony || !answer) throw new Error('too few');
      return { inspection, colony, answer };
    };
    expect(said(changed((facts) => Object.assign(first(facts).inspection, { to: '2026-01-01' })))).toEqual([
      'facts.inspections.0.to out-of-range',
    ]);
    expect(
      said(changed((facts) => Object.assign(first(facts).inspection, { eggs: 'seen', youngest: 'sealed' }))),
    ).toEqual(['facts.inspections.0.youngest contradiction']);
    const beforeItBegan = (facts: SeasonFacts) => {
      Object.assign(first(facts).inspection, { at: '2020-01-01T12:00' });
      for (const colony of facts.colonies) colony.origin = 'nuc';
    };
    expect(said(changed(beforeItBegan))).toContain('facts.inspections.0.at before-colony');
    expect(said(changed((facts) => Object.assign(first(facts).colony, { endedOn: '2020-01-01' })))).toEqual([
      'facts.colonies.0.endedOn contradiction',
    ]);
    expect(said(changed((facts) => Object.assign(first(facts).answer, { answer: 'perhaps' })))).toEqual([
      'facts.checkAnswers.0.answer not-one-of',
    ]);
  });

  it('sees no cell twice at one look, nor after it was broken down; what was deleted does not count', () => {
    const again = (facts: SeasonFacts, over: object) => {
      const sight = facts.cellObservations.find(({ inspectionId, cellId }) =>
        facts.cellObservations.some((other) => other.cellId === cellId && other.inspectionId !== inspectionId),
      );
      const later = facts.cellObservations.find((other) => other.cellId === sight?.cellId && other !== sight);
      const times = [sight, later].map((one) => facts.inspections.find(({ id }) => id === one?.inspectionId)?.at ?? '');
      const early = (times[0] as string) < (times[1] as string) ? sight : later;
      Object.assign(early as object, over);
      return early;
    };
    const after = said(changed((facts) => again(facts, { takenDown: true })));
    expect(after.length).toBeGreaterThan(0);
    for (const one of after) expect(one).saying(/^facts\.cellObservations\.\d+\.found after-removed$/);
    const deleted = changed((facts) => {
      const early = again(facts, { takenDown: true });
      const look = facts.inspections.find(({ id }) => id === early?.inspectionId);
      Object.assign(look as object, { deletedAt: '2027-05-16T18:00:00.000Z' });
    });
    expect(deleted.ok).toBe(true);
    const twice = changed((facts) => {
      const [sight] = facts.cellObservations;
      facts.cellObservations.push({
        ...(sight as (typeof facts.cellObservations)[number]),
        id: '01990000-0000-7000-8000-000000000001',
      });
    });
    expect(said(twice)).toEqual([expect.saying(/cellId duplicate-observation$/)]);
  });

  it('is read to the twentieth fault, however many rows are wrong', () => {
    const rows = Array.from({ length: 130_000 }, (_, i) => ({ id: i }));
    const began = performance.now();
    const read = changed((facts) => Object.assign(facts, { inspections: rows }));
    expect(said(read)).toHaveLength(20);
    expect(said(read)[0]).saying(/^facts\.inspections\.0\./);
    if (isLong) expect(performance.now() - began).toBeLessThan(5_000);
  });
});
