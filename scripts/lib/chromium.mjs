import { existsSync } from 'node:fs';
import { run } from './setup.mjs';

const PLACES = [process.env.UBBET_CHROMIUM, '/usr/bin/chromium', '/usr/bin/chromium-browser'];

/** The path of a Chromium; installed from Debian's packages where there is none and this user may. */
export function ensureChromium() {
  const found = PLACES.find((path) => path && existsSync(path));
  if (found) return found;
  const mayInstall = process.getuid?.() === 0 && existsSync('/usr/bin/apt-get');
  if (mayInstall) {
    console.log('Installing Chromium ...');
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
    run('apt-get', ['update', '-qq'], { env });
    run('apt-get', ['install', '-y', '-qq', 'chromium'], { env });
    if (existsSync('/usr/bin/chromium')) return '/usr/bin/chromium';
  }
  console.error(
    'The browser tests need Chromium. Install it (on Debian: apt-get install chromium), or set UBBET_CHROMIUM to its path.',
  );
  return null;
}
