import { relative } from 'node:path';
import ts from 'typescript';

/** What is said by a code, or may be. */
function isSaid(type: ts.Type): boolean {
  if (type.isUnion()) return type.types.some(isSaid);
  return (type.flags & ts.TypeFlags.Object) !== 0 && type.getProperty('says') !== undefined;
}

/** Places where what was said gets into a text as it is: `[object Object]` is what a keeper would read. */
export function unworded(program: ts.Program, root: string): readonly string[] {
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
  const ours = program
    .getSourceFiles()
    .filter(({ fileName }) => fileName.startsWith(`${root}/src/`) && !fileName.includes('.test.'));
  return ours.flatMap((source) => {
    const found: string[] = [];
    const visit = (node: ts.Node): void => {
      if (saidIn(node)) {
        const { line } = source.getLineAndCharacterOfPosition(node.getStart());
        found.push(`${relative(root, source.fileName)}:${line + 1}`);
      }
      ts.forEachChild(node, visit);
    };
    visit(source);
    return found;
  });
}
