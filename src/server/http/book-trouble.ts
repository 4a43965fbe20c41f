import 'server-only';
import { failure, type IssueCode, type Result } from '../../core/problems/issue';

interface Trouble {
  readonly code: IssueCode;
  readonly message: string;
}

/** What SQLite says by the beginning of its code, in the words of whoever has to do something about it. */
const TROUBLES: readonly (readonly [RegExp, Trouble])[] = [
  [
    /^SQLITE_FULL/,
    {
      code: 'disk-full',
      message:
        'The disk of the machine that Ubbet runs on is full. Nothing was stored: make room there, then send it again.',
    },
  ],
  [
    /^SQLITE_(BUSY|LOCKED)/,
    {
      code: 'server-fault',
      message:
        'Another program holds your records just now. Nothing was stored: close that program, or wait a moment and try again.',
    },
  ],
  [
    /^SQLITE_(READONLY|PERM|CANTOPEN|AUTH)/,
    {
      code: 'server-fault',
      message:
        'The file with your records cannot be written. Nothing was stored: see to its rights, and to those of its folder.',
    },
  ],
  [
    /^SQLITE_(CORRUPT|NOTADB|IOERR)/,
    {
      code: 'server-fault',
      message:
        'The file with your records is damaged, or its disk is. Stop Ubbet, and bring the newest backup back: npm run bring-back.',
    },
  ],
  [
    /^SQLITE_CONSTRAINT/,
    {
      code: 'duplicate-id',
      message:
        'Something in this entry is in your records already, or names something that is not. Nothing was stored: reload the page and enter it again.',
    },
  ],
];

const OTHERWISE: Trouble = {
  code: 'server-fault',
  message:
    'Ubbet could not do this, and nothing was stored. Try again; if it comes back, export the season file and report it.',
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
