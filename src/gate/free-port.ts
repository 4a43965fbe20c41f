import { createServer } from 'node:net';
import { say } from './say';

const TRIED = 50;

/** The wanted port, or the next free one after it; says so when it is another. */
export async function freePort(wanted: number, host: string): Promise<number> {
  for (let port = wanted; port < wanted + TRIED; port++) {
    if (await isFree(port, host)) {
      if (port !== wanted) say(`Port ${wanted} is taken, using ${port} instead.`);
      return port;
    }
  }
  throw new Error(`No free port from ${wanted} on. Give another with PORT=...`);
}

function isFree(port: number, host: string): Promise<boolean> {
  return new Promise((answer) => {
    const probe = createServer();
    probe.once('error', () => answer(false));
    probe.listen(port, host, () => probe.close(() => answer(true)));
  });
}
