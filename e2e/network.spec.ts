import { execFileSync, spawn } from 'node:child_process';
import { copyFileSync, existsSync, mkdirSync, mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type BrowserContext, test as base, chromium, expect, type Page } from '@playwright/test';
import { unfold } from './season';
import { freePort, template } from './server';
import { badge, signal } from './signal';
import { CLEARED, choose } from './test';

const PASSPHRASE = 'three blind hives';
const CERTUTIL = '/usr/bin/certutil';

interface Opened {
  /** As they are printed at the start. */
  readonly secure: string;
  readonly certificate: string;
  readonly here: string;
  readonly folder: string;
}

/** Ubbet opened to the network, as `npm start -- --network` does it, with the demo's book. */
const test = base.extend<{ opened: Opened; phone: BrowserContext }>({
  // biome-ignore lint/correctness/noEmptyPattern: the runner wants a pattern
  opened: async ({}, use) => {
    const folder = mkdtempSync(join(tmpdir(), 'ubbet-network-'));
    copyFileSync(template('demo'), join(folder, 'season.sqlite'));
    writeFileSync(join(folder, 'passphrase'), `${PASSPHRASE}\n`);
    const [plain, secure, certificate] = [await freePort(), await freePort(), await freePort()];
    const child = spawn(process.execPath, ['.next/gate/main.mjs'], {
      env: {
        ...process.env,
        NODE_ENV: 'production',
        UBBET_DATA: join(folder, 'season.sqlite'),
        UBBET_DEMO: '1',
        UBBET_NETWORK: '1',
        UBBET_PASSPHRASE_FILE: join(folder, 'passphrase'),
        PORT: String(plain),
        UBBET_HTTPS_PORT: String(secure),
        UBBET_CERTIFICATE_PORT: String(certificate),
        TZ: 'UTC',
      },
      stdio: ['ignore', 'pipe', 'inherit'],
      detached: true,
    });
    const printed = await new Promise<string>((resolve, reject) => {
      let said = '';
      child.stdout.on('data', (chunk) => {
        said += String(chunk);
        if (said.includes('Stop it with')) resolve(said);
      });
      child.once('exit', () => reject(new Error(`It ended before it was ready:\n${said}`)));
    });
    await use({
      folder,
      here: `http://127.0.0.1:${plain}`,
      secure: /https:\/\/ubbet\.local:\d+/.exec(printed)?.[0] ?? 'no address was printed',
      certificate: `http://127.0.0.1:${certificate}`,
    });
    const gone = new Promise((resolve) => child.once('exit', resolve));
    process.kill(-(child.pid as number), 'SIGKILL');
    await gone;
    rmSync(folder, { recursive: true, force: true });
  },
  /** A browser of its own, in whose store the authority can be put; the network's names lead here. */
  phone: async ({ opened }, use) => {
    const home = mkdtempSync(join(tmpdir(), 'ubbet-phone-'));
    const store = join(home, '.pki', 'nssdb');
    mkdirSync(store, { recursive: true });
    if (existsSync(CERTUTIL)) {
      const authority = await (await fetch(`${opened.certificate}/ubbet.crt`)).text();
      writeFileSync(join(home, 'ubbet.crt'), authority);
      execFileSync(CERTUTIL, ['-d', `sql:${store}`, '-N', '--empty-password']);
      execFileSync(CERTUTIL, ['-d', `sql:${store}`, '-A', '-t', 'C,,', '-n', 'Ubbet', '-i', join(home, 'ubbet.crt')]);
    }
    const context = await chromium.launchPersistentContext(join(home, 'profile'), {
      executablePath: process.env.UBBET_CHROMIUM ?? '/usr/bin/chromium',
      env: { ...process.env, HOME: home } as Record<string, string>,
      viewport: { width: 390, height: 844 },
      serviceWorkers: 'allow',
      locale: 'en-GB',
      timezoneId: 'UTC',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        '--host-resolver-rules=MAP ubbet.local 127.0.0.1, MAP evil.example 127.0.0.1',
      ],
    });
    await use(context);
    await context.close();
    rmSync(home, { recursive: true, force: true });
  },
});

async function signIn(page: Page, address: string, passphrase = PASSPHRASE) {
  await page.goto(address);
  await page.getByLabel('Passphrase of this book').fill(passphrase);
  await page.getByLabel('What this device is called').fill('my phone');
  await page.getByRole('button', { name: 'Sign in' }).click();
}

test('from the printed address to three hives entered offline and sent, over HTTPS that the phone trusts', async ({
  opened,
  phone,
}) => {
  test.skip(!existsSync(CERTUTIL), 'needs certutil, of Debian’s libnss3-tools');
  const page = phone.pages()[0] ?? (await phone.newPage());
  await page.goto(`${opened.certificate}/`);
  await expect(page.getByRole('link', { name: '1. Take up the certificate' })).toBeVisible();
  await signIn(page, `${opened.secure}/hive`);
  await expect(page.getByRole('heading', { level: 1, name: 'Which apiary?' })).toBeVisible();
  expect(await page.evaluate(() => isSecureContext)).toBe(true);
  await expect
    .poll(() => page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.active?.state ?? null))
    .toBe('activated');
  await expect
    .poll(() => page.evaluate(() => Object.keys(localStorage).some((key) => key.startsWith('ubbet-kept-'))), {
      timeout: 60_000,
    })
    .toBe(true);

  await signal(phone, false);
  await page.goto(`${opened.secure}/hive`);
  await page.getByRole('link', { name: /^School roof/ }).click();
  for (const name of ['Betony', 'Mallow', 'Meadowsweet']) {
    await page.getByRole('link', { name: new RegExp(name) }).click();
    await choose(page, 'Eggs?', 'seen');
    await choose(page, 'How thoroughly did you check for cells?', CLEARED);
    await page.getByRole('textbox', { name: 'Note' }).fill(`Entered at ${name}.`);
    await page.getByRole('button', { name: 'Save the inspection' }).filter({ visible: true }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'School roof' })).toBeVisible();
  }
  await expect(badge(page)).toHaveText('3 saved here, not sent');
  await signal(phone, true);
  await expect(badge(page)).toHaveText('all sent');
  const { facts } = await (await fetch(`${opened.here}/api/season/export`)).json();
  const notes = facts.inspections.map(({ note }: { note: string }) => note);
  expect(notes).toEqual(
    expect.arrayContaining(['Entered at Betony.', 'Entered at Mallow.', 'Entered at Meadowsweet.']),
  );

  // The phone stands in the list, and is shut out from there.
  await page.goto(`${opened.secure}/phone`);
  await expect(page.getByText('The certificate is trusted.')).toBeVisible();
  const device = page.getByRole('listitem').filter({ hasText: 'my phone' });
  await device.getByRole('button', { name: 'Shut it out' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Shut it out' }).click();
  await expect(page.getByText('This device is signed out now.')).toBeVisible();
  await page.goto(`${opened.secure}/colonies`);
  await expect(page.getByRole('heading', { level: 1, name: 'Sign in' })).toBeVisible();
});

test('nobody comes in without the passphrase, and tries are counted', async ({ opened, phone }) => {
  test.skip(!existsSync(CERTUTIL), 'needs certutil, of Debian’s libnss3-tools');
  const page = phone.pages()[0] ?? (await phone.newPage());
  expect((await page.goto(`${opened.secure}/api/season/export`))?.status()).toBe(401);
  for (let i = 0; i < 6; i++) {
    await signIn(page, opened.secure, `wrong ${i}`);
    await expect(page.getByRole('alert')).toContainText('That is not the passphrase.');
  }
  await signIn(page, opened.secure);
  await expect(page.getByRole('alert')).toContainText('Too many tries.');
});

test('a page of another name that leads to this machine gets nothing', async ({ opened, phone }) => {
  const page = phone.pages()[0] ?? (await phone.newPage());
  const { port } = new URL(opened.here);
  const answer = await page.goto(`http://evil.example:${port}/api/season/export`);
  expect(answer?.status()).toBe(421);
  const wiped = await new Promise<number | undefined>((resolve) => {
    const headers = { Host: `evil.example:${port}`, 'Content-Type': 'application/json' };
    request({ host: '127.0.0.1', port, method: 'POST', path: '/api/season/wipe', headers }, ({ statusCode }) =>
      resolve(statusCode),
    ).end('{}');
  });
  expect(wiped).toBe(421);
  const { facts } = await (await fetch(`${opened.here}/api/season/export`)).json();
  expect(facts.colonies.length).toBeGreaterThan(0);
});

test('a reader’s link opens everything to look at and nothing to write, until it is ended', async ({
  opened,
  phone,
}) => {
  const made = await fetch(`${opened.here}/api/access/reader-link`, { method: 'POST', body: '{}' });
  const { path } = (await made.json()).value as { path: string };
  const page = phone.pages()[0] ?? (await phone.newPage());
  test.skip(!existsSync(CERTUTIL), 'needs certutil, of Debian’s libnss3-tools');
  await page.goto(opened.secure + path);
  await expect(page.getByText('You came in by a reader’s link')).toBeVisible();
  await expect(page.getByRole('link', { name: 'So many minutes here, now' })).toBeVisible();
  await unfold(page);
  await page.getByRole('link', { name: 'Teasel', exact: true }).first().click();
  await expect(page.getByRole('heading', { level: 1, name: 'Teasel' })).toBeVisible();
  const status = (method: string, of: string) =>
    page.evaluate(
      async ([how, where]) =>
        (await fetch(where as string, { method: how, body: how === 'POST' ? '{}' : null })).status,
      [method, of],
    );
  expect(await status('POST', '/api/inspections')).toBe(403);
  expect(await status('GET', '/api/season/export')).toBe(403);
  await fetch(`${opened.here}/api/access/reader-link`, { method: 'DELETE', body: '{}' });
  await page.goto(`${opened.secure}/season`);
  await expect(page.getByRole('heading', { level: 1, name: 'Sign in' })).toBeVisible();
});

test('what Ubbet keeps beside the book is its owner’s alone', async ({ opened }) => {
  for (const name of ['season.sqlite', 'season.access.json', 'certificates/authority.key', 'certificates/server.key']) {
    expect(statSync(join(opened.folder, name)).mode & 0o077).toBe(0);
  }
});
