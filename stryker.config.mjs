/**
 * Changes the code a little, again and again, and sees whether a test notices: `npm run mutate` for what the change at hand touches,
 * `npm run mutate -- src/core/cells` for a folder. Takes minutes; it is no part of `npm test`.
 *
 * @type {import('@stryker-mutator/api/core').PartialStrykerOptions}
 */
export default {
  testRunner: 'vitest',
  vitest: { configFile: 'vitest.mutate.config.ts', related: true },
  plugins: ['@stryker-mutator/vitest-runner'],
  mutate: [],
  // The words of messages are no rule, and are not held by tests to the letter.
  mutator: { excludedMutations: ['StringLiteral', 'ObjectLiteral', 'ArrayDeclaration', 'Regex'] },
  ignoreStatic: true,
  coverageAnalysis: 'perTest',
  concurrency: 2,
  timeoutMS: 20_000,
  // What has not changed since the last run is not tried again.
  incremental: true,
  incrementalFile: '.ubbet/mutation-incremental.json',
  reporters: ['clear-text', 'json'],
  jsonReporter: { fileName: '.ubbet/mutation.json' },
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  tempDirName: '.ubbet/stryker',
  cleanTempDir: 'always',
};
