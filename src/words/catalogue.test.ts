import { readdirSync, readFileSync } from 'node:fs';
import { join, relative, resolve } from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';
import { ENGLISH } from './catalogue';

const SRC = resolve(import.meta.dirname, '..');

function filesIn(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return filesIn(path);
    return /\.tsx?$/.test(entry.name) && !entry.name.includes('.test.') ? [path] : [];
  });
}

const parsed = (file: string) => ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);

/** A subject as the core declares it: its codes, each with what goes into it. */
interface Subject {
  readonly subject: string;
  readonly file: string;
  readonly codes: ReadonlyMap<string, readonly string[]>;
}

const nameOf = (name: ts.PropertyName | ts.BindingName) => name.getText().replaceAll("'", '');

/** What goes into a code, by the type that is written for it: members, and those of the interfaces of the same file. */
function paramsOf(type: ts.TypeNode, source: ts.SourceFile): string[] {
  if (ts.isTypeLiteralNode(type)) return type.members.map((member) => nameOf(member.name as ts.PropertyName));
  if (ts.isIntersectionTypeNode(type)) return type.types.flatMap((part) => paramsOf(part, source));
  if (!ts.isTypeReferenceNode(type)) throw new Error(`Not looked into: ${type.getText()}`);
  const name = type.typeName.getText();
  if (name === 'Plain') return [];
  const found = source.statements.find(
    (one): one is ts.InterfaceDeclaration => ts.isInterfaceDeclaration(one) && one.name.text === name,
  );
  if (!found) throw new Error(`No interface ${name} in ${source.fileName}`);
  const inherited = found.heritageClauses?.flatMap(({ types }) => types.map((one) => one.expression.getText())) ?? [];
  const own = found.members.map((member) => nameOf(member.name as ts.PropertyName));
  const above = inherited.flatMap((parent) => paramsOf(ts.factory.createTypeReferenceNode(parent), source));
  return [...above, ...own];
}

function subjectOf(file: string): Subject | null {
  const source = parsed(file);
  const subject = /sayer<(\w+)>\('(\w+)'\)/.exec(source.text);
  if (!subject) return null;
  const says = source.statements.find(
    (one): one is ts.InterfaceDeclaration => ts.isInterfaceDeclaration(one) && one.name.text === subject[1],
  ) as ts.InterfaceDeclaration;
  const codes = says.members.map((member) => {
    const { name, type } = member as ts.PropertySignature;
    return [nameOf(name), paramsOf(type as ts.TypeNode, source)] as const;
  });
  return { subject: subject[2] as string, file, codes: new Map(codes) };
}

const subjects = filesIn(join(SRC, 'core')).flatMap((file) => subjectOf(file) ?? []);

/** Every text of the source that may name a code, but where codes are declared and put into words. */
const used = new Set(
  filesIn(SRC)
    .filter((file) => !file.startsWith(join(SRC, 'words')) && !subjects.some((subject) => subject.file === file))
    .concat(join(SRC, 'core/says/together.ts'), join(SRC, 'words/broodless.ts'))
    .flatMap((file) => [...readFileSync(file, 'utf8').matchAll(/'([a-z-]+)'/g)].map((match) => match[1])),
);

/** What a sentence takes of what it is given, by its own first line. */
function takenBy(sentence: string | ((params: never) => string)): readonly string[] | 'all' {
  if (typeof sentence === 'string') return [];
  const head = /^\(\{([^}]*(?:\{[^}]*\}[^}]*)*)\}\)\s*=>/.exec(sentence.toString());
  if (!head) return 'all';
  const text = (head[1] as string).replaceAll(/:\s*\{[^}]*\}/g, '');
  return text.split(',').flatMap((one) => one.split(':')[0]?.trim() || []);
}

describe('the catalogue', () => {
  it('knows every subject that the core has, and no other', () => {
    expect(subjects.map(({ subject }) => subject).sort()).toEqual(Object.keys(ENGLISH).sort());
  });

  for (const { subject, file, codes } of subjects) {
    const words = ENGLISH[subject as keyof typeof ENGLISH] as Record<string, string | ((params: never) => string)>;

    it(`${subject}: every code has words, and none but those`, () => {
      expect(Object.keys(words).sort()).toEqual([...codes.keys()].sort());
    });

    it(`${subject}: every code is said by somebody`, () => {
      const unsaid = [...codes.keys()].filter((code) => !used.has(code) && !isMade(subject, code));
      expect(unsaid, relative(SRC, file)).toEqual([]);
    });

    it(`${subject}: no sentence leaves out what it is given`, () => {
      const leftOut = [...codes].flatMap(([code, params]) => {
        const taken = takenBy(words[code] as string);
        return taken === 'all'
          ? []
          : params.filter((param) => !taken.includes(param)).map((param) => `${code}: ${param}`);
      });
      expect(leftOut).toEqual([]);
    });
  }
});

/** Codes that are put together from what was seen, such as `eggs-seen`. */
const MADE: Readonly<Record<string, RegExp>> = { inspections: /^(queen|eggs)-/, work: /^(feeder|top-entrance)-/ };
const isMade = (subject: string, code: string) => MADE[subject]?.test(code) ?? false;
