import 'server-only';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { failure, type Issue, type IssueCode } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import { FILE_READERS, type FileAsked, type FileKind, type FileRead } from '../../readers/file-readers';
import { type Part, Together } from '../../readers/in-parts';

/** The largest book of a hundred colonies over ten years takes a tenth of it, ms. */
const READ_WITHIN = 120_000;
/** What such a book takes, with room to spare, MB. */
const MEMORY_MB = 2_048;

const fault = (code: IssueCode, says: 'file-took-too-long' | 'file-filled-memory'): Issue => ({
  path: [],
  code,
  message: say(says),
});

/** Where the application is not built, as in tests, files are read in this thread. */
const BUILT = join(/* turbopackIgnore: true */ process.cwd(), '.next', 'readers', 'reader-worker.mjs');

let last: Promise<unknown> = Promise.resolve();

/**
 * Reads a file that came from outside in a thread of its own, with an end and a bound on its memory: whatever is in it, everybody else is
 * answered meanwhile. One after the other, since two that fill the memory are too many.
 */
export function readApart<K extends FileKind>(
  kind: K,
  text: string,
  asked: FileAsked<K>,
  { file = BUILT, within = READ_WITHIN, memoryMb = MEMORY_MB } = {},
): Promise<FileRead<K>> {
  const read = last.then(() => inThread(kind, text, asked, { file, within, memoryMb }));
  last = read.catch(() => undefined);
  return read;
}

function inThread<K extends FileKind>(
  kind: K,
  text: string,
  asked: FileAsked<K>,
  { file, within, memoryMb }: { readonly file: string; readonly within: number; readonly memoryMb: number },
): Promise<FileRead<K>> {
  if (!existsSync(/* turbopackIgnore: true */ file)) {
    const here = FILE_READERS[kind] as (text: string, asked: FileAsked<K>) => FileRead<K>;
    return Promise.resolve(here(text, asked));
  }
  return new Promise((answer, broke) => {
    const thread = new Worker(/* turbopackIgnore: true */ file, {
      workerData: { kind, text, asked },
      resourceLimits: { maxOldGenerationSizeMb: memoryMb },
    });
    const together = new Together<FileRead<K>>();
    const end = (how: () => void) => {
      clearTimeout(timer);
      how();
      void thread.terminate();
    };
    const timer = setTimeout(
      () => end(() => answer(failure(fault('too-large', 'file-took-too-long')) as FileRead<K>)),
      within,
    );
    thread.on('message', (part: Part) => {
      const whole = together.take(part);
      if (whole !== null) end(() => answer(whole));
    });
    thread.on('error', (error: { readonly code?: unknown }) =>
      end(() => {
        if (error.code === 'ERR_WORKER_OUT_OF_MEMORY')
          answer(failure(fault('too-large', 'file-filled-memory')) as FileRead<K>);
        else broke(error);
      }),
    );
    thread.on('exit', () => end(() => broke(new Error(`Reading a ${kind} file ended without an answer`))));
  });
}
