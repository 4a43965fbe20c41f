import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { z } from 'zod';
import { openDatabase } from '../src/db/open';
import { larkvaleSeason } from '../src/demo/larkvale';
import { accessFileOf } from '../src/gate/access-file';
import { insertAllFacts } from '../src/server/season/season-facts';
import { hostile, madeBy, PAGES, strangeAddress, TAKES } from './bodies';
import { chance } from './random';
import { start } from './server';

export interface BodyTally {
  tried: number;
  stored: number;
  /** Refused without a code and a sentence. */
  unnamed: number;
  /** Answered with an error of the server's. */
  errors: number;
}

/** Sends what cannot be, and what nearly can, to everything that takes a body, and asks for addresses that nobody would make. */
export async function bodies(count: number, seed: number, say: (line: string) => void): Promise<BodyTally> {
  const folder = mkdtempSync(join(tmpdir(), 'ubbet-bodies-'));
  const book = join(folder, 'season.sqlite');
  const fresh = openDatabase(book);
  const season = larkvaleSeason();
  fresh.db.transaction((tx) => insertAllFacts(tx, season));
  fresh.sqlite.close();
  const ids = [
    ...Object.values(season).flatMap((rows) =>
      rows.slice(0, 6).flatMap((row) => ('id' in row ? [String(row.id)] : [])),
    ),
    ...Array.from({ length: 20 }, (_, i) => `01990000-0000-7000-8000-${String(i).padStart(12, '0')}`),
  ];
  const server = await start(book, { UBBET_DEMO: '1' });
  const luck = chance(seed);
  const tally: BodyTally = { tried: 0, stored: 0, unnamed: 0, errors: 0 };
  const schemas = TAKES.map((take) => ({
    ...take,
    json: z.toJSONSchema(take.schema, { unrepresentable: 'any', io: 'input' }) as { readonly [key: string]: unknown },
  }));
  for (let i = 0; i < count; i++) {
    tally.tried += 1;
    if (luck.next() < 0.15) {
      const address = strangeAddress(luck.pick(PAGES), luck, ids);
      const response = await fetch(server.url + address, { headers: { Accept: 'text/html' }, redirect: 'manual' });
      await response.arrayBuffer();
      if (response.status >= 500) {
        tally.errors += 1;
        say(`${response.status} for GET ${address.slice(0, 200)}`);
      }
      continue;
    }
    const { method, path, json } = luck.pick(schemas);
    const address = path.replace(
      ':id',
      luck.next() < 0.7 ? luck.pick(ids) : encodeURIComponent(luck.pick(["'", 'x', '%'])),
    );
    const whole = madeBy(json, luck, ids);
    const body = luck.next() < 0.4 ? whole : hostile(whole, luck, ids);
    const text =
      luck.next() < 0.02 ? luck.pick(['', '{', 'null', '[]', '"x"', '{"a":'.repeat(60)]) : JSON.stringify(body);
    const response = await fetch(server.url + address, {
      method,
      headers: { 'Content-Type': 'application/json' },
      body: text ?? 'null',
    });
    const said = await response.text();
    if (response.status >= 500) {
      tally.errors += 1;
      say(`${response.status} for ${method} ${address}: ${text?.slice(0, 300)}`);
    } else if (response.ok) tally.stored += 1;
    else if (!isNamed(said)) {
      tally.unnamed += 1;
      say(`${response.status} without a name for ${method} ${address}: ${said.slice(0, 200)}`);
    }
    // A passphrase that is asked for on this machine too would shut the rest out.
    // What was taken out is there again, so that the next has something to be hostile to.
    if (path === '/api/season/wipe' && response.ok) {
      const { value } = JSON.parse(said) as { value: { backup: string } };
      await fetch(`${server.url}/api/backups/bring-back`, {
        method: 'POST',
        body: JSON.stringify({ name: value.backup }),
      });
    }
    if (path === '/api/access/passphrase' && response.ok) rmSync(accessFileOf(book), { force: true });
  }
  const left = await fetch(`${server.url}/api/season/export`);
  if (left.status !== 200) tally.errors += 1;
  await server.kill();
  const opened = openDatabase(book);
  if (opened.sqlite.pragma('integrity_check', { simple: true }) !== 'ok') tally.errors += 1;
  opened.sqlite.close();
  rmSync(folder, { recursive: true, force: true });
  return tally;
}

function isNamed(said: string): boolean {
  try {
    const { issues } = JSON.parse(said) as { issues?: { code?: unknown; message?: unknown }[] };
    return (
      Array.isArray(issues) &&
      issues.length > 0 &&
      issues.every(({ code, message }) => Boolean(code) && Boolean(message))
    );
  } catch {
    return false;
  }
}
