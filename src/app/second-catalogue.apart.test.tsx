import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import type { ReactElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import ts from 'typescript';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { openDatabase } from '../db/open';
import { larkvaleSeason } from '../demo/larkvale';
import { insertAllFacts } from '../server/season/season-facts';

const WORDS = resolve(import.meta.dirname, '../words');
/** What puts words together, and has none of its own. */
const NO_WORDS = new Set([
  'catalogue.ts',
  'in-words.ts',
  'board-words.ts',
  'speak.ts',
  'words.ts',
  'stored-words.ts',
  'issues.ts',
]);

const filesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return filesIn(path);
    return entry.name.includes('.test.') || NO_WORDS.has(entry.name) ? [] : [path];
  });

/** Another language: each letter of ours is one of theirs. What is put so already stays as it is. */
const OTHER = 'абцдефгхијклмнопљрстувњџызАБЦДЕФГХИЈКЛМНОПЉРСТУВЊЏЫЗ';
const LATIN = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ';
const put = (text: string): string => text.replaceAll(/[a-zA-Z]/g, (letter) => OTHER[LATIN.indexOf(letter)] as string);

function otherWords(value: unknown): unknown {
  if (typeof value === 'string') return put(value);
  if (typeof value === 'function') return (...args: unknown[]) => otherWords(value(...args));
  if (Array.isArray(value)) return value.map(otherWords);
  if (typeof value !== 'object' || value === null) return value;
  // Codes that go along with words are none.
  const isCode = (name: string) => name === 'kind' || name === 'code' || name === 'name';
  return Object.fromEntries(
    Object.entries(value).map(([name, one]) => [
      name,
      isCode(name) && typeof one === 'string' && /^[a-z-]+$/.test(one) ? one : otherWords(one),
    ]),
  );
}

/** Runs of four words or more that stand in the first catalogue. */
function sentencesOfWords(): readonly string[] {
  const found = new Set<string>();
  for (const file of filesIn(WORDS)) {
    const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
    const visit = (node: ts.Node): void => {
      const texts = ts.isStringLiteralLike(node)
        ? [node.text]
        : ts.isTemplateExpression(node)
          ? [node.head.text, ...node.templateSpans.map(({ literal }) => literal.text)]
          : [];
      for (const text of texts) if (/(\p{L}+ ){3}\p{L}+/u.test(text) && !text.includes('/')) found.add(text.trim());
      ts.forEachChild(node, visit);
    };
    visit(source);
  }
  return [...found];
}

const folder = mkdtempSync(join(tmpdir(), 'ubbet-words-'));
const file = join(folder, 'season.sqlite');
const ids: Record<string, string> = {};

beforeAll(() => {
  const opened = openDatabase(file);
  const season = larkvaleSeason();
  opened.db.transaction((tx) => insertAllFacts(tx, season));
  opened.sqlite.close();
  ids.colony = season.colonies.find(({ name }) => name === 'Clover')?.id ?? (season.colonies[0]?.id as string);
  ids.programme = season.programmes[0]?.id as string;
  ids.apiary = season.apiaries[0]?.id as string;
  vi.stubEnv('UBBET_DATA', file);
  vi.stubEnv('UBBET_DEMO', '1');
  vi.doMock('next/headers', () => ({
    cookies: async () => ({ get: () => undefined }),
    headers: async () => new Headers(),
  }));
  vi.doMock('next/navigation', () => ({
    useRouter: () => ({ push() {}, replace() {}, refresh() {}, prefetch() {} }),
    usePathname: () => '/',
    useSearchParams: () => new URLSearchParams(),
    notFound: () => {
      throw new Error('Not found');
    },
    redirect: (to: string) => {
      throw new Error(`Led on to ${to}`);
    },
  }));
  for (const path of filesIn(WORDS)) {
    vi.doMock(path, async (original) => otherWords({ ...(await original<object>()) }) as object);
  }
});

afterAll(() => {
  vi.unstubAllEnvs();
  vi.doUnmock('next/headers');
  vi.resetModules();
  rmSync(folder, { recursive: true });
});

/** Today while its rounds are worked out. */
function todayMeanwhile() {
  vi.doMock('../server/rounds/plan-apart', () => ({ planApart: () => new Promise(() => {}) }));
  return import('./page');
}

/** Today once its rounds are worked out: asked a first time, it begins to. */
async function plannedToday() {
  const { highsSolver } = await import('../solver/highs');
  const { planFortnight } = await import('../core/rounds/plan-fortnight');
  const solve = await highsSolver();
  let planned: () => void = () => {};
  const isPlanned = new Promise<void>((resolve) => {
    planned = resolve;
  });
  vi.doMock('../server/rounds/plan-apart', () => ({
    planApart: async (asked: Parameters<typeof planFortnight>[0]) => {
      setTimeout(planned);
      return planFortnight(asked, solve, () => performance.now() / 1000);
    },
  }));
  const page = (await import('./page')) as { default: PageOf };
  await page.default({ params: Promise.resolve({}), searchParams: Promise.resolve({}) });
  await isPlanned;
  return page;
}

type PageOf = (props: { params: Promise<object>; searchParams: Promise<object> }) => Promise<ReactElement>;

/** Main pages, each as it is drawn by the server. */
const PAGES: readonly (readonly [string, () => Promise<object>, () => object])[] = [
  ['Today', () => todayMeanwhile(), () => ({})],
  ['the week', () => plannedToday(), () => ({})],
  ['Season', () => import('./season/page'), () => ({})],
  ['Colonies', () => import('./colonies/page'), () => ({})],
  ['a colony', () => import('./colonies/[id]/page'), () => ({ id: ids.colony })],
  ['its choices', () => import('./colonies/[id]/decide/page'), () => ({ id: ids.colony })],
  ['a start', () => import('./colonies/[id]/start/[method]/page'), () => ({ id: ids.colony, method: 'nuc-swarm' })],
  ['a programme', () => import('./programmes/[id]/page'), () => ({ id: ids.programme })],
  ['a round', () => import('./rounds/[id]/page'), () => ({ id: ids.apiary })],
  ['cells', () => import('./cells/page'), () => ({})],
  ['the apiaries', () => import('./apiaries/page'), () => ({})],
  ['the weather', () => import('./apiaries/[id]/weather/page'), () => ({ id: ids.apiary })],
  ['a method', () => import('./methods/[name]/page'), () => ({ name: 'demaree' })],
];

const MADE_ANEW = new Set(['Today', 'the week', 'Season']);

describe('with a second catalogue', () => {
  const first = sentencesOfWords();

  it.each(PAGES)(
    '%s says nothing of the first',
    async (name, load, params) => {
      // The same modules for all pages but the first two, which have a planner of their own.
      if (MADE_ANEW.has(name)) {
        vi.resetModules();
        // Nor do they know what was planned before.
        globalThis.ubbetOpened?.book.sqlite.close();
        globalThis.ubbetOpened = undefined;
      }
      const { default: Page } = (await load()) as { default: PageOf };
      const html = renderToStaticMarkup(
        await Page({ params: Promise.resolve(params()), searchParams: Promise.resolve({}) }),
      );
      const read = html.replaceAll('&#x27;', "'").replaceAll('&quot;', '"').replaceAll('&amp;', '&');
      expect(read).toMatch(/[а-џ]{4}/);
      expect(read).not.toContain('[object');
      expect(read.includes('Working out the rounds')).toBe(name === 'Today');
      expect(first.filter((text) => read.includes(text))).toEqual([]);
    },
    60_000,
  );
});
