import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

const SRC = resolve(import.meta.dirname);

/** What each layer may import from: itself, and what is listed. Everything runs downwards. */
const MAY_IMPORT: Readonly<Record<string, readonly string[]>> = {
  core: [],
  words: ['core'],
  solver: ['core'],
  readers: ['core'],
  cli: ['solver', 'words', 'core'],
  simulated: ['core'],
  demo: ['simulated', 'core'],
  views: ['words', 'core'],
  device: ['views', 'words', 'core'],
  'service-worker': ['device', 'words', 'core'],
  workers: ['device', 'views', 'words', 'core'],
  files: [],
  db: ['files', 'core'],
  gate: ['views', 'words', 'db', 'files', 'core'],
  server: ['readers', 'device', 'views', 'words', 'db', 'files', 'demo', 'simulated', 'core'],
  ui: ['workers', 'device', 'views', 'words', 'core'],
  app: ['ui', 'device', 'server', 'views', 'words', 'db', 'core'],
};

/**
 * The folders of the core from below: each may use what stands before it, and those of one row each other. Types are not held to it: they
 * are gone when it runs.
 */
const CORE_ORDER: readonly (readonly string[])[] = [
  ['says', 'calendar', 'units'],
  ['problems', 'biology', 'backups'],
  ['food'],
  ['brood', 'weather', 'scale', 'year'],
  ['cells'],
  ['inspections', 'queens'],
  ['methods'],
  ['space'],
  ['settings'],
  ['programmes'],
  ['colony'],
  ['schedule'],
  ['state'],
  ['starts'],
  ['choices'],
  ['rounds', 'kit', 'yard'],
  ['population', 'looking-back', 'season-plan', 'practice'],
  ['cases'],
  ['facts'],
  ['formats'],
  ['spreadsheets'],
];

/** Packages that the core must not know. */
const OUTSIDE_CORE = /^(react|next|drizzle-orm|better-sqlite3|server-only|uuid|radix-ui|node:)/;

/** What tests of a layer are set up with; it may reach further than what it serves. */
const TESTING = 'testing.ts';

function sourceFiles(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return sourceFiles(path);
    return /\.tsx?$/.test(entry.name) && !entry.name.includes('.test.') && entry.name !== TESTING ? [path] : [];
  });
}

function importsOf(file: string): string[] {
  const text = readFileSync(file, 'utf8');
  return [...text.matchAll(/(?:from|import)\s*\(?\s*'([^']+)'/g)].map((match) => match[1] as string);
}

/** Imports of a file that are there when it runs, of its own source alone. */
function valueImportsOf(file: string): string[] {
  const text = readFileSync(file, 'utf8');
  return [...text.matchAll(/^(?:import|export) (?!type )([^;]*?)from '(\.[^']+)'/gm)]
    .filter(([, names]) => !/^\{(\s*type \w+( as \w+)?,?)+\s*\}\s*$/.test(names as string))
    .map((match) => match[2] as string);
}

/** The layer that a relative or `@/` import leads to; null for a package. */
function layerOf(file: string, target: string): string | null {
  if (target.startsWith('@/')) return target.split('/')[1] ?? null;
  if (!target.startsWith('.')) return null;
  return relative(SRC, resolve(dirname(file), target)).split('/')[0] ?? null;
}

/** Two words or more in a row, as in a sentence. */
const SENTENCE = /\p{L}{2,}[^\p{L}]* (.* )?\p{L}{2,}/u;

/** Texts in a file that are no sentence for a keeper. */
const NO_SENTENCE: readonly RegExp[] = [
  // What SQLite is asked.
  /^(select|vacuum|pragma|begin|create temp|insert into) |^\0 (between|glob|in \(\0\))|^min\(\0|^\w+ = (on|off|wal|full)$/i,
  // Headers of answers.
  /^(text|attachment)[/;]/,
  // What frames are sold as.
  /^(British National|National|Langstroth|Dadant|WBC) (deep|medium|super)$/,
];

/** Sentences in a file: not those of broken invariants, which are for whoever works on the code, nor what goes to the terminal. */
function sentencesIn(file: string): string[] {
  const found: string[] = [];
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isTypeNode(node)) return;
    if (ts.isNewExpression(node) && node.expression.getText().endsWith('Error')) return;
    if (ts.isCallExpression(node) && node.expression.getText() === 'process.stderr.write') return;
    const text = ts.isStringLiteralLike(node)
      ? node.text
      : ts.isTemplateExpression(node)
        ? [node.head.text, ...node.templateSpans.map(({ literal }) => literal.text)].join('\0')
        : null;
    if (text !== null && SENTENCE.test(text) && !NO_SENTENCE.some((pattern) => pattern.test(text))) found.push(text);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

it('what tests are set up with serves tests alone', () => {
  const wrong = sourceFiles(SRC).filter((file) => importsOf(file).some((target) => /(^|\/)testing$/.test(target)));
  expect(wrong.map((file) => relative(SRC, file))).toEqual([]);
});

describe('imports run downwards only', () => {
  for (const [layer, allowed] of Object.entries(MAY_IMPORT)) {
    it(`${layer} imports ${allowed.length > 0 ? allowed.join(', ') : 'nothing but itself'}`, () => {
      const files = sourceFiles(join(SRC, layer));
      expect(files.length).toBeGreaterThan(0);
      const wrong = files.flatMap((file) =>
        importsOf(file)
          .map((target) => ({ target, to: layerOf(file, target) }))
          .filter(({ to }) => to !== null && to !== layer && !to.endsWith('.css') && !allowed.includes(to))
          .map(({ target }) => `${relative(SRC, file)} imports ${target}`),
      );
      expect(wrong).toEqual([]);
    });
  }

  it('within the core too', () => {
    const core = join(SRC, 'core');
    const rowOf = (folder: string) => CORE_ORDER.findIndex((row) => row.includes(folder));
    const folders = readdirSync(core, { withFileTypes: true }).filter((entry) => entry.isDirectory());
    expect(folders.map(({ name }) => name).sort()).toEqual(CORE_ORDER.flat().sort());
    const wrong = sourceFiles(core).flatMap((file) =>
      valueImportsOf(file).flatMap((target) => {
        const [from, to] = [file, resolve(dirname(file), target)].map(
          (path) => relative(core, path).split('/')[0] ?? '',
        );
        return rowOf(to as string) > rowOf(from as string) ? [`${relative(SRC, file)} imports ${target}`] : [];
      }),
    );
    expect(wrong).toEqual([]);
  });

  it('every folder of the source has its place', () => {
    const folders = readdirSync(SRC, { withFileTypes: true }).filter((entry) => entry.isDirectory());
    expect(folders.map(({ name }) => name).sort()).toEqual(Object.keys(MAY_IMPORT).sort());
  });

  it('the core knows no interface, no database, no clock and no chance', () => {
    const wrong = sourceFiles(join(SRC, 'core')).flatMap((file) => {
      const packages = importsOf(file).filter((target) => OUTSIDE_CORE.test(target));
      const calls = readFileSync(file, 'utf8').match(/Date\.now\(|new Date\(\)|Math\.random\(/g) ?? [];
      return [...packages, ...calls].map((found) => `${relative(SRC, file)}: ${found}`);
    });
    expect(wrong).toEqual([]);
  });

  it('sentences stand in words and components: core, database, server and views say codes', () => {
    const files = ['core', 'db', 'server', 'views'].flatMap((layer) => sourceFiles(join(SRC, layer)));
    expect(files.flatMap((file) => sentencesIn(file).map((text) => `${relative(SRC, file)}: ${text}`))).toEqual([]);
  });

  it('server and database code cannot end up in a browser', () => {
    const open = [...sourceFiles(join(SRC, 'server')), ...sourceFiles(join(SRC, 'db'))]
      .filter((file) => !/schema|demo-mode/.test(file))
      .filter((file) => /\bfrom '(drizzle-orm|better-sqlite3|node:|next\/headers)/.test(readFileSync(file, 'utf8')))
      .filter((file) => !readFileSync(file, 'utf8').includes("import 'server-only'"));
    expect(open.map((file) => relative(SRC, file))).toEqual([]);
  });
});
