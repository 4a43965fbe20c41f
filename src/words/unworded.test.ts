import { relative, resolve } from 'node:path';
import ts from 'typescript';
import { expect, it } from 'vitest';

const ROOT = resolve(import.meta.dirname, '../..');

/** What is said by a code, or may be. */
function isSaid(type: ts.Type): boolean {
  if (type.isUnion()) return type.types.some(isSaid);
  return (type.flags & ts.TypeFlags.Object) !== 0 && type.getProperty('says') !== undefined;
}

/** Places where what was said gets into a text as it is: `[object Object]` is what a keeper would read. */
function unworded(): readonly string[] {
  const config = ts.readConfigFile(resolve(ROOT, 'tsconfig.json'), ts.sys.readFile).config;
  const { fileNames, options } = ts.parseJsonConfigFileContent(config, ts.sys, ROOT);
  const files = fileNames.filter((file) => file.includes('/src/') && !file.includes('.test.'));
  const program = ts.createProgram(files, options);
  const types = program.getTypeChecker();
  const saidIn = (node: ts.Node): boolean => {
    if (ts.isTemplateSpan(node)) return isSaid(types.getTypeAtLocation(node.expression));
    if (ts.isBinaryExpression(node) && node.operatorToken.kind === ts.SyntaxKind.PlusToken)
      return [node.left, node.right].some((side) => isSaid(types.getTypeAtLocation(side)));
    const isJoin =
      ts.isCallExpression(node) &&
      ts.isPropertyAccessExpression(node.expression) &&
      node.expression.name.text === 'join';
    if (!isJoin) return false;
    const list = types.getTypeAtLocation((node.expression as ts.PropertyAccessExpression).expression);
    const item = types.getIndexTypeOfType(list, ts.IndexKind.Number);
    return item !== undefined && isSaid(item);
  };
  return files.flatMap((file) => {
    const source = program.getSourceFile(file) as ts.SourceFile;
    const found: string[] = [];
    const visit = (node: ts.Node): void => {
      if (saidIn(node)) {
        const { line } = source.getLineAndCharacterOfPosition(node.getStart());
        found.push(`${relative(ROOT, file)}:${line + 1}`);
      }
      ts.forEachChild(node, visit);
    };
    visit(source);
    return found;
  });
}

it('what is said is put into words before it is part of a text', () => {
  expect(unworded()).toEqual([]);
}, 60_000);
