import { existsSync } from 'node:fs';
import { run } from './setup.mjs';

/** The shell is the same Chromium without windows, which nobody sees here: the browser tests take a fifth less time in it. */
const PLACES = [
  process.env.UBBET_CHROMIUM,
  '/usr/bin/chromium-headless-shell',
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
];

/** Debian's packages, where this user may install them; says whether it was tried. */
function install(...packages) {
  const mayInstall = process.getuid?.() === 0 && existsSync('/usr/bin/apt-get');
  if (!mayInstall) return false;
  console.log(`Installing ${packages.join(', ')} ...`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  run('apt-get', ['update', '-qq'], { env });
  run('apt-get', ['install', '-y', '-qq', ...packages], { env });
  return true;
}

const ENGINES = {
  '/usr/bin/WebKitWebDriver': 'webkit2gtk-driver',
  '/usr/bin/Xvfb': 'xvfb',
  '/usr/bin/firefox-esr': 'firefox-esr',
};

/** The browsers of other families, installed where they are missing and this user may; without them their tests are skipped by name. */
export function ensureEngines() {
  const missing = Object.entries(ENGINES).flatMap(([path, name]) => (existsSync(path) ? [] : [name]));
  if (missing.length > 0) install(...missing);
}

const CERTUTIL = '/usr/bin/certutil';

/** Puts an authority into a browser's store: installed where it is missing and this user may; without it one test is skipped by name. */
export function ensureCertutil() {
  if (!existsSync(CERTUTIL)) install('libnss3-tools');
  return existsSync(CERTUTIL);
}

/** The path of a Chromium; installed from Debian's packages where there is none and this user may. */
export function ensureChromium() {
  const found = () => PLACES.find((path) => path && existsSync(path)) ?? null;
  const there =
    found() ?? (install('chromium-headless-shell') ? found() : null) ?? (install('chromium') ? found() : null);
  if (there) return there;
  console.error(
    'The browser tests need Chromium. Install it (on Debian: apt-get install chromium), or set UBBET_CHROMIUM to its path.',
  );
  return null;
}
