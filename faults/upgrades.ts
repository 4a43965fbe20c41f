import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openDatabase } from '../src/db/open';
import type { KillTally } from './kills';
import { bookOfMigration, migrationsThere } from './old-book';
import { chance } from './random';
import { killedAfter } from './server';

const COLONIES = 5;
/** A start takes about so long, ms, on a machine of today: kills come at any moment of it. */
const LONGEST_MS = 3_000;

/** Kills Ubbet while it brings a book up to date, from each version in turn. */
export async function killsWhileUpgrading(
  count: number,
  seed: number,
  say: (line: string) => void,
): Promise<KillTally> {
  const tally: KillTally = { tried: 0, lost: 0, doubled: 0, broken: 0 };
  const folder = mkdtempSync(join(tmpdir(), 'ubbet-upgrades-'));
  const luck = chance(seed);
  const versions = migrationsThere();
  for (let i = 0; i < count; i++) {
    const from = 1 + (i % versions);
    const book = join(folder, `season-${i}.sqlite`);
    bookOfMigration(book, from, COLONIES);
    await killedAfter(book, luck.below(LONGEST_MS));
    tally.tried += 1;
    try {
      const { sqlite } = openDatabase(book);
      const { n } = sqlite.prepare('select count(*) as n from colony').get() as { n: number };
      sqlite.close();
      if (n === COLONIES) continue;
      tally.lost += 1;
      say(`upgrade ${i} from migration ${from}: ${n} colonies`);
    } catch (error) {
      tally.broken += 1;
      say(`upgrade ${i} from migration ${from}: ${String(error)}`);
    }
  }
  rmSync(folder, { recursive: true, force: true });
  return tally;
}
