import { describe, expect, it } from 'vitest';
import { larkvaleSeason } from '../../demo/larkvale';
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
    expect(text).toContain('"version": 4');
    expect(readSeasonFile(text)).toEqual(read);
  });

  it('is still held to what it must be', () => {
    const broken = asVersion1(season).replace('"eggs":"seen"', '"eggs":"fried"');
    expect(readSeasonFile(broken)).toMatchObject({ ok: false, issues: [{ path: expect.arrayContaining(['eggs']) }] });
    const half = asVersion1(season).replace('"inspections":[', '"inspections":"none","left":[');
    expect(readSeasonFile(half).ok).toBe(false);
  });
});
