import { resolve } from 'node:path';
import ts from 'typescript';
import { unworded } from './lib/unworded';

/**
 * Checks all types, and by them that nothing said by a code gets into a text before it is put into words. What did not change since the
 * last time is not checked again.
 */
const ROOT = resolve(import.meta.dirname, '..');
const PATHS = { getCanonicalFileName: (path: string) => path, getCurrentDirectory: () => ROOT, getNewLine: () => '\n' };

const read = ts.readConfigFile(resolve(ROOT, 'tsconfig.json'), ts.sys.readFile);
const { fileNames, options, errors } = ts.parseJsonConfigFileContent(read.config, ts.sys, ROOT);
const builder = ts.createIncrementalProgram({
  rootNames: fileNames,
  options: { ...options, tsBuildInfoFile: resolve(ROOT, '.ubbet', 'types.tsbuildinfo') },
});
const faults = [
  ...errors,
  ...builder.getOptionsDiagnostics(),
  ...builder.getGlobalDiagnostics(),
  ...builder.getSyntacticDiagnostics(),
  ...builder.getSemanticDiagnostics(),
];
builder.emit();
const bare = unworded(builder.getProgram(), ROOT);

if (faults.length > 0) console.error(ts.formatDiagnosticsWithColorAndContext(faults, PATHS));
for (const place of bare)
  console.error(`${place}: what is said by a code gets into a text before it is put into words`);
process.exitCode = faults.length + bare.length > 0 ? 1 : 0;
