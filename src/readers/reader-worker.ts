import { parentPort, workerData } from 'node:worker_threads';
import { FILE_READERS, type FileKind } from './file-readers';
import { inParts } from './in-parts';

/** Reads one file in a thread of its own, and hands on what it holds piece by piece, so that nobody waits for it for long. */
const port = parentPort;
if (!port) throw new Error('A file is read in a worker thread alone');
const { kind, text, asked } = workerData as { kind: FileKind; text: string; asked: never };
for (const part of inParts(FILE_READERS[kind](text, asked))) port.postMessage(part);
