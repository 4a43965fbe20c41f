import { spawnSync } from 'node:child_process';
import { copyFileSync, existsSync, mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { servedYard } from './served-yard';

/**
 * What Today costs to be served with many colonies, beside a bare page of as many rows. The bare page is built in for it, and taken out
 * again at the end.
 */
const COLONIES = 100;
const PORT = 4697;
const WARM_UP = 40;
const ROUNDS = 150;
const GOAL = 3;
/** From the slowest tenth on, the machine is measured rather than the page. */
const SHARES = [0, 0.1, 0.25, 0.5, 0.75] as const;

const bare = join('src', 'app', 'bare');
if (existsSync(bare)) throw new Error(`${bare} is there already: take it out first`);
function build(): void {
  const { status, stdout, stderr } = spawnSync(process.execPath, ['scripts/build.mjs'], { encoding: 'utf8' });
  if (status !== 0) throw new Error(`The build failed:\n${stdout}${stderr}`);
}
mkdirSync(bare);
copyFileSync(join('bench', 'bare-page.tsx'), join(bare, 'page.tsx'));
try {
  build();
} finally {
  rmSync(bare, { recursive: true });
}

const { address } = await servedYard(COLONIES, PORT);
async function asked(path: string): Promise<number> {
  const begun = performance.now();
  await (await fetch(address + path)).text();
  return performance.now() - begun;
}
const today: number[] = [];
const floor: number[] = [];
for (let i = 0; i < WARM_UP + ROUNDS; i++) {
  // By turns, so that a machine that is slow for a while is so for both.
  const [one, other] = [await asked('/'), await asked('/bare')];
  if (i < WARM_UP) continue;
  today.push(one);
  floor.push(other);
}
const at = (times: readonly number[], share: number) =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length * share)] as number;
console.log(`Today with ${COLONIES} colonies beside a bare page of ${COLONIES} rows, ${ROUNDS} times each`);
for (const share of SHARES) {
  const [own, least] = [at(today, share), at(floor, share)];
  const name = share === 0 ? 'fastest' : share === 0.5 ? 'median' : `${share * 100} in 100 are faster than`;
  console.log(
    `${name.padEnd(30)} ${own.toFixed(1).padStart(7)} ms   bare ${least.toFixed(1).padStart(6)} ms   ${(own / least).toFixed(2)} × bare   goal: ${GOAL}`,
  );
}
build();
process.exit();
