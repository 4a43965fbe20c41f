import { spawnSync } from 'node:child_process';
import { copyFileSync, mkdtempSync, rmSync, statfsSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v7 as newId } from 'uuid';
import { z } from 'zod';
import { openDatabase } from '../src/db/open';
import { larkvaleSeason } from '../src/demo/larkvale';
import { insertAllFacts, readAllFacts } from '../src/server/season/season-facts';
import { anEntry } from '../src/server/testing';
import { madeBy, TAKES } from './bodies';
import { chance } from './random';
import { start } from './server';

export interface DiskTally {
  tried: number;
  refused: number;
  /** Refused without the disk being named, answered by an error, or pages that no longer opened. */
  wrong: number;
  lost: number;
  /** Of the addresses that take something: how many were seen to say that the disk is full. */
  said: number;
}

/** What ends what is tried here: a new passphrase, and a book that is emptied. */
const CLOSES: ReadonlySet<string> = new Set(['/api/access', '/api/season/wipe']);

/** Room on the disk before it is filled, MB. */
const DISK_MB = 24;

/**
 * Enters inspections on a disk that becomes full, and then has room again. Null: this machine does not let a small disk be made.
 */
export async function fullDisk(
  entries: number,
  eachForm: number,
  say: (line: string) => void,
): Promise<DiskTally | null> {
  const disk = mkdtempSync(join(tmpdir(), 'ubbet-disk-'));
  const mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${DISK_MB}m`, 'tmpfs', disk]);
  if (mounted.status !== 0) {
    rmSync(disk, { recursive: true, force: true });
    return null;
  }
  const tally: DiskTally = { tried: 0, refused: 0, wrong: 0, lost: 0, said: 0 };
  const book = join(disk, 'season.sqlite');
  const acknowledged: string[] = [];
  const fresh = openDatabase(book);
  fresh.db.transaction((tx) => insertAllFacts(tx, larkvaleSeason()));
  fresh.sqlite.close();
  const colonyId = larkvaleSeason().colonies[0]?.id as string;
  const server = await start(book);
  try {
    const enter = async (n: number) => {
      tally.tried += 1;
      const id = newId();
      const at = `2026-11-01T${String(6 + Math.floor(n / 60)).padStart(2, '0')}:${String(n % 60).padStart(2, '0')}`;
      const response = await fetch(`${server.url}/api/inspections`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(anEntry({ id, colonyId, at, note: 'n'.repeat(4000) })),
      });
      const said = await response.text();
      if (response.ok) return void acknowledged.push(id);
      tally.refused += 1;
      if (response.status === 507 && said.includes('disk-full')) return;
      tally.wrong += 1;
      say(`${response.status} on a full disk: ${said.slice(0, 200)}`);
    };
    for (let n = 0; n < 3; n++) await enter(n);
    const { bavail, bsize } = statfsSync(disk);
    writeFileSync(join(disk, 'filler'), Buffer.alloc(Math.max(0, bavail * bsize - 8 * 1024)));
    for (let n = 3; n < entries; n++) await enter(n);
    // Whatever else is sent there: it says so too, or it had nothing to store.
    const luck = chance(1);
    const ids = Object.values(larkvaleSeason()).flatMap((rows) =>
      rows.slice(0, 6).flatMap((row) => ('id' in row ? [String(row.id)] : [])),
    );
    for (const { method, path, schema } of TAKES) {
      if (CLOSES.has(path)) continue;
      const json = z.toJSONSchema(schema, { unrepresentable: 'any', io: 'input' }) as {
        readonly [key: string]: unknown;
      };
      let hasSaid = false;
      for (let i = 0; i < eachForm && !hasSaid; i++) {
        const response = await fetch(server.url + path.replace(':id', luck.pick(ids)), {
          method,
          headers: { 'Content-Type': 'application/json' },
          body: JSON.stringify(madeBy(json, luck, ids)),
        });
        const said = await response.text();
        hasSaid = response.status === 507 && said.includes('disk-full');
        if (response.status < 500 || hasSaid) continue;
        tally.wrong += 1;
        say(`${response.status} on a full disk for ${method} ${path}: ${said.slice(0, 200)}`);
      }
      tally.tried += 1;
      if (hasSaid) tally.said += 1;
    }
    say(`of ${TAKES.length} addresses that take something ${tally.said} said that the disk is full`);
    for (const path of ['/', '/colonies', `/colonies/${colonyId}`, '/api/alive', '/api/season/export']) {
      const response = await fetch(server.url + path);
      await response.arrayBuffer();
      if (response.status < 500) continue;
      tally.wrong += 1;
      say(`${response.status} for ${path} on a full disk`);
    }
    rmSync(join(disk, 'filler'));
    const before = acknowledged.length;
    await enter(entries);
    if (acknowledged.length === before) tally.wrong += 1;
    await server.kill();
    copyFileSync(book, join(disk, 'copy.sqlite'));
    const opened = openDatabase(book);
    const there = new Set(readAllFacts(opened.db).inspections.map(({ id }) => id));
    tally.lost = acknowledged.filter((id) => !there.has(id)).length;
    if (opened.sqlite.pragma('integrity_check', { simple: true }) !== 'ok') tally.wrong += 1;
    opened.sqlite.close();
  } finally {
    await server.kill();
    spawnSync('umount', [disk]);
    rmSync(disk, { recursive: true, force: true });
  }
  return tally;
}
