import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { EnginePage } from './page';

const WEBKIT_DRIVER = '/usr/bin/WebKitWebDriver';
const MINI_BROWSERS = ['4.1', '4.0', '6.0'].map(
  (version) => `/usr/lib/x86_64-linux-gnu/webkit2gtk-${version}/MiniBrowser`,
);
const FIREFOX = '/usr/bin/firefox-esr';
const XVFB = '/usr/bin/Xvfb';
const DISPLAY = ':97';

/** Errors are gathered as soon as a script can: what comes before that shows as a page that does not come alive. */
const GATHER = `
  if (!window.gatheredErrors) {
    window.gatheredErrors = [];
    window.addEventListener('error', (event) => window.gatheredErrors.push(String(event.message)));
    window.addEventListener('unhandledrejection', (event) => window.gatheredErrors.push(String(event.reason)));
  }
`;

/** What Firefox says of a page that was left while it still loaded. One that does not load at all does not come alive. */
const INTERRUPTED = /NS_BINDING_ABORTED|operation was aborted|intercepted the request and encountered/i;

export interface Engine {
  readonly name: string;
  /** Null: it can be started; else what it needs. */
  readonly missing: string | null;
  start(): Promise<EnginePage>;
}

/** The family of many phones: Debian's driver with its small browser, under a screen that is not there. */
export const webkit: Engine = {
  name: 'WebKit',
  missing:
    existsSync(WEBKIT_DRIVER) && existsSync(XVFB) && MINI_BROWSERS.some((path) => existsSync(path))
      ? null
      : 'needs Debian’s webkit2gtk-driver and xvfb',
  async start() {
    const { Builder, Capabilities } = await import('selenium-webdriver');
    const screen = spawn(XVFB, [DISPLAY, '-screen', '0', '1280x900x24'], { stdio: 'ignore' });
    const port = 4797;
    const home = mkdtempSync(join(tmpdir(), 'ubbet-webkit-'));
    const driver = spawn(WEBKIT_DRIVER, [`--port=${port}`], {
      stdio: 'ignore',
      env: {
        ...process.env,
        DISPLAY,
        HOME: home,
        WEBKIT_DISABLE_SANDBOX_THIS_IS_DANGEROUS: '1',
        WEBKIT_DISABLE_COMPOSITING_MODE: '1',
      },
    });
    await new Promise((resolve) => setTimeout(resolve, 1_500));
    const capabilities = new Capabilities({
      browserName: 'MiniBrowser',
      'webkitgtk:browserOptions': {
        binary: MINI_BROWSERS.find((path) => existsSync(path)),
        args: ['--automation'],
      },
    });
    const browser = await new Builder().usingServer(`http://127.0.0.1:${port}`).withCapabilities(capabilities).build();
    await browser.manage().setTimeouts({ script: 30_000, pageLoad: 60_000 });
    const gathered: string[] = [];
    const errors = () => browser.executeScript<string[]>('return window.gatheredErrors ?? []').catch(() => []);
    return {
      name: 'WebKit',
      goto: async (url) => {
        gathered.push(...(await errors()));
        await browser.get(url);
        await browser.executeScript(GATHER);
      },
      run: <T>(body: string, ...args: readonly unknown[]) => browser.executeScript<T>(body, ...args),
      errors: async () => [...gathered, ...(await errors())],
      close: async () => {
        await browser.quit().catch(() => {});
        driver.kill('SIGKILL');
        screen.kill('SIGKILL');
        rmSync(home, { recursive: true, force: true });
      },
    };
  },
};

/** The family of some desks. */
export const firefox: Engine = {
  name: 'Firefox',
  missing: existsSync(FIREFOX) ? null : 'needs Debian’s firefox-esr',
  async start() {
    const { launch } = await import('puppeteer-core');
    const browser = await launch({ browser: 'firefox', executablePath: FIREFOX, headless: true });
    const page = await browser.newPage();
    await page.setViewport({ width: 1280, height: 900 });
    let errors: string[] = [];
    page.on('pageerror', (error) => errors.push(error instanceof Error ? error.message : String(error)));
    return {
      name: 'Firefox',
      goto: async (url) => {
        errors = [];
        const go = () => page.goto(url, { waitUntil: 'domcontentloaded', timeout: 60_000 });
        // Where the page is on its way elsewhere by itself, this engine gives the address up.
        await go().catch(() => new Promise((resolve) => setTimeout(resolve, 1_000)).then(go));
      },
      run: <T>(body: string, ...args: readonly unknown[]) =>
        page.evaluate(
          (source, given) => new Function(source).apply(null, given),
          body,
          args as unknown[],
        ) as Promise<T>,
      errors: async () => errors.filter((message) => !INTERRUPTED.test(message)),
      close: () => browser.close(),
    };
  },
};
