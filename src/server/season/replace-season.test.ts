import { existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { day } from '../../core/calendar/day';
import { endOfDay, type Now } from '../../core/calendar/now';
import { readSeasonFile, SEASON_VERSION, type SeasonFacts, writeSeasonFile } from '../../core/formats/season-file';
import { type Book, openDatabase } from '../../db/open';
import { larkvaleSeason } from '../../demo/larkvale';
import { importSeason, previewSeason, wipeSeason } from './replace-season';
import { readAllFacts } from './season-facts';
import { seasonFileParts } from './season-file-stream';

const TODAY = day('2027-05-16');
const now: Now = { today: TODAY, minute: endOfDay(TODAY), instant: '2027-05-16T18:00:00.000Z' };
const file = writeSeasonFile(larkvaleSeason());
/** The scenario with one thing changed. */
const changed = (change: (facts: SeasonFacts) => void) => {
  const facts = structuredClone(larkvaleSeason());
  change(facts);
  return writeSeasonFile(facts);
};

let folder: string;
let opened: Book;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'ubbet-unit-'));
  opened = openDatabase(join(folder, 'season.sqlite'));
});
afterEach(() => {
  opened.sqlite.close();
  rmSync(folder, { recursive: true });
});

describe('the season file', () => {
  it('comes back from the database as it went in', async () => {
    expect((await importSeason(opened, file, now)).ok).toBe(true);
    const out = writeSeasonFile(readAllFacts(opened.db));
    expect(JSON.parse(out)).toEqual(JSON.parse(writeSeasonFile(readAllFacts(opened.db))));
    expect([...seasonFileParts(opened.db)].join('')).toBe(out);
    await importSeason(opened, out, { ...now, instant: '2027-05-16T18:30:00.000Z' });
    expect(writeSeasonFile(readAllFacts(opened.db))).toBe(out);
    const sorted = (facts: SeasonFacts) => facts.cellObservations.map(({ id }) => id).sort();
    expect(sorted(readAllFacts(opened.db))).toEqual(sorted(larkvaleSeason()));
  });

  it('is previewed without changing anything', async () => {
    const preview = await previewSeason(opened, file);
    expect(preview).toMatchObject({
      ok: true,
      value: { incoming: { apiaries: 3, colonies: 21 }, present: { apiaries: 0 } },
    });
    expect(readAllFacts(opened.db).apiaries).toEqual([]);
  });

  it('makes a backup that holds what was there', async () => {
    await importSeason(opened, file, now);
    const wiped = await wipeSeason(opened, { ...now, instant: '2027-05-16T19:00:00.000Z' });
    expect(readAllFacts(opened.db).colonies).toEqual([]);
    if (!wiped.ok) throw new Error('not wiped');
    const backup = openDatabase(join(folder, 'backups', wiped.value.backup));
    expect(readAllFacts(backup.db).colonies).toHaveLength(21);
    backup.sqlite.close();
  });

  it.each([
    [
      'a cell’s letter twice in a colony',
      'contradiction',
      (facts: SeasonFacts) => Object.assign(facts.cells[1] as object, { label: 'a' }),
    ],
    [
      'a cell twice in an inspection',
      'duplicate-observation',
      (facts: SeasonFacts) => {
        const [first, second] = facts.cellObservations;
        Object.assign(second as object, { inspectionId: first?.inspectionId, cellId: first?.cellId });
      },
    ],
  ] as const)('is refused whole for %s, and nothing changes', async (_, code, change) => {
    await importSeason(opened, file, now);
    const before = readAllFacts(opened.db);
    const result = await importSeason(opened, changed(change), { ...now, instant: '2027-05-16T20:00:00.000Z' });
    expect(result).toMatchObject({ ok: false, issues: [{ code }] });
    expect(readAllFacts(opened.db)).toEqual(before);
    expect(readdirSync(join(folder, 'backups')).some((name) => name.includes('20-00-00'))).toBe(false);
    expect(existsSync(opened.file)).toBe(true);
  });
});

describe('reading a season file', () => {
  const codes = (text: string) => {
    const result = readSeasonFile(text);
    return result.ok ? 'sound' : result.issues.map(({ code, path }) => `${code} ${path.join('.')}`.trim());
  };

  it.each([
    ['not JSON', 'a;b;c', ['not-json']],
    ['cut short', file.slice(0, 3000), ['truncated']],
    ['something else', '[1]', ['invalid format']],
    [
      'a later version',
      file.replace(`"version": ${SEASON_VERSION}`, `"version": ${SEASON_VERSION + 1}`),
      ['later-version version'],
    ],
    [
      'an impossible day',
      changed((facts) => Object.assign(facts.colonies[0] as object, { startedOn: '2027-02-30' })),
      ['not-a-date facts.colonies.0.startedOn'],
    ],
    [
      'an id twice',
      changed((facts) => Object.assign(facts.apiaries[1] as object, { id: facts.apiaries[0]?.id })),
      ['duplicate-id facts.apiaries.1.id'],
    ],
    [
      'a cell seen in another colony',
      changed((facts) => Object.assign(facts.cells[0] as object, { colonyId: facts.colonies[1]?.id, label: 'zz' })),
      ['contradiction facts.cellObservations.0.cellId'],
    ],
    [
      'an unknown property',
      changed((facts) => Object.assign(facts.apiaries[0] as object, { owner: 'x' })),
      ['unknown-property facts.apiaries.0.owner'],
    ],
    [
      'a round at a hive that is not there',
      changed((facts) =>
        facts.rounds.push({
          id: '01960000-0000-7000-8000-00000000aaaa',
          apiaryId: facts.apiaries[0]?.id as string,
          beganAt: '2027-05-16T14:00',
          endedAt: null,
          hives: [{ colonyId: '01960000-0000-7000-8000-00000000bbbb', from: null, to: null, did: [] }],
          hadHelp: false,
          note: '',
          deletedAt: null,
        }),
      ),
      ['unknown-reference facts.rounds.0.hives.0.colonyId'],
    ],
    [
      'a setting out of range',
      changed((facts) => facts.settings.push({ key: 'leaveShutDays', value: 99 })),
      ['out-of-range facts.settings.3.value'],
    ],
  ])('refuses %s', (_, text, expected) => {
    const found = codes(text);
    expect(Array.isArray(found) ? found.slice(0, 1) : found).toEqual(expected);
  });

  it('lists no more faults than one can read', () => {
    const text = changed((facts) => {
      for (const inspection of facts.inspections) Object.assign(inspection, { eggs: 'perhaps' });
    });
    expect(codes(text)).toHaveLength(20);
  });
});
