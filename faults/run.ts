import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { randomSettings } from './any-settings';
import { damaged } from './damaged';
import { disguised } from './disguised';
import { fullDisk } from './full-disk';
import { hangs } from './hangs';
import { kills } from './kills';
import { migrationsThere } from './old-book';
import { otherServers } from './other-servers';
import { bodies } from './send-bodies';
import { killsWhileUpgrading } from './upgrades';

/**
 * `npm run faults [-- --kills 100 --bodies 8000 --seed 1] [-- --short]`: disguises, kills, second servers, a full disk, damaged files,
 * hostile bodies and what once hung. What it prints last is a table of zeros. Its short form is part of the tests.
 */
const isShort = process.argv.includes('--short');
const given = (name: string, usual: number, short: number): number => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? (isShort ? short : usual) : Number(process.argv[at + 1]);
};
const [KILLS, BODIES, SEED] = [given('kills', 100, 3), given('bodies', 8000, 150), given('seed', 1, 1)];
const UPGRADES = given('upgrades', Math.max(migrationsThere(), Math.ceil(KILLS / 4)), 3);
const [SECONDS, ENTRIES, DAMAGES] = [given('seconds', 10, 1), given('entries', 55, 6), given('damages', 45, 9)];
const say = (line: string) => process.stdout.write(`  ${line}\n`);

/** What was tried how often, and what must not have happened. */
interface Row {
  readonly name: string;
  readonly tried: number;
  readonly zeros: { readonly [what: string]: number };
}
const rows: Row[] = [];
async function row(
  name: string,
  work: () => Promise<{ readonly tried: number } & { readonly [what: string]: number }>,
) {
  const began = performance.now();
  const { tried, ...zeros } = await work();
  rows.push({ name, tried, zeros });
  say(`${name}: ${tried} tried, ${Math.round((performance.now() - began) / 1000)} s`);
}

say(`seed ${SEED}`);
await row('disguised addresses', async () => ({ ...(await disguised(say, isShort ? 12 : 1)) }));
await row('bodies', async () => {
  const { tried, unnamed, errors } = await bodies(BODIES, SEED, say);
  return { tried, unnamed, errors };
});
await row('what once hung', async () => {
  const { tried, hung } = await hangs(isShort ? 3 : Number.POSITIVE_INFINITY, say);
  return { tried, hung };
});
await row('random legal settings', async () => ({ ...randomSettings(isShort ? 200 : 20_000, SEED, say) }));
await row('second servers', async () => ({ ...(await otherServers(SECONDS, say)) }));
const disk = await fullDisk(ENTRIES, isShort ? 4 : 40, say);
if (disk) {
  const { tried, wrong, lost } = disk;
  await row('entries on a full disk', async () => ({ tried, wrong, lost }));
} else say('a full disk: not tried, since this machine does not let a small disk be made');
await row('damaged files', async () => ({ ...(await damaged(DAMAGES, SEED, say)) }));
await row('kills', async () => ({ ...(await kills(KILLS, SEED, say)) }));
await row('kills while upgrading', async () => ({ ...(await killsWhileUpgrading(UPGRADES, SEED, say)) }));

process.stdout.write('\n');
for (const { name, tried, zeros } of rows) {
  const said = Object.entries(zeros).map(([what, count]) => `${what} ${count}`);
  process.stdout.write(`${String(tried).padStart(6)} ${name.padEnd(24)} ${said.join(', ')}\n`);
}
const failed = rows.filter(({ tried, zeros }) => tried === 0 || Object.values(zeros).some((count) => count > 0)).length;
const results = process.argv.indexOf('--results');
if (results >= 0) {
  const file = process.argv[results + 1] as string;
  mkdirSync(dirname(file), { recursive: true });
  writeFileSync(file, JSON.stringify({ passed: rows.length - failed, failed }));
}
process.exitCode = failed > 0 ? 1 : 0;
