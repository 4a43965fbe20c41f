import 'server-only';
import { failure, type IssueCode, type Result } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Said } from '../../core/says/said';

interface Trouble {
  readonly code: IssueCode;
  readonly message: Said;
}

/** What SQLite says by the beginning of its code, in the words of whoever has to do something about it. */
const TROUBLES: readonly (readonly [RegExp, Trouble])[] = [
  [
    // The second is what the system itself says, of a file that is none of SQLite's.
    /^SQLITE_FULL|^ENOSPC/,
    {
      code: 'disk-full',
      message: say('disk-full'),
    },
  ],
  [
    /^SQLITE_(BUSY|LOCKED)/,
    {
      code: 'server-fault',
      message: say('records-held'),
    },
  ],
  [
    /^SQLITE_(READONLY|PERM|CANTOPEN|AUTH)/,
    {
      code: 'server-fault',
      message: say('records-not-writable'),
    },
  ],
  [
    /^SQLITE_(CORRUPT|NOTADB|IOERR)/,
    {
      code: 'server-fault',
      message: say('records-damaged'),
    },
  ],
  [
    /^SQLITE_CONSTRAINT/,
    {
      code: 'duplicate-id',
      message: say('entry-against-records'),
    },
  ],
];

const OTHERWISE: Trouble = {
  code: 'server-fault',
  message: say('could-not'),
};

const codeOf = (error: unknown): string =>
  error instanceof Error && 'code' in error
    ? String(error.code)
    : error instanceof Error && error.cause !== undefined
      ? codeOf(error.cause)
      : '';

/** A failure of the book's file, or any other that nobody expected, as an issue like any other. */
export function troubleOf(error: unknown): Result<never> {
  const code = codeOf(error);
  const { code: issue, message } = TROUBLES.find(([pattern]) => pattern.test(code))?.[1] ?? OTHERWISE;
  // What was not foreseen is for whoever looks at the terminal.
  if (message === OTHERWISE.message) process.stderr.write(`${error instanceof Error ? error.stack : String(error)}\n`);
  return failure({ path: [], code: issue, message });
}
