import { spawn } from 'node:child_process';
import { bin, freePort, ROOT } from './setup.mjs';

const HOST = '127.0.0.1';

/** Starts the built application (or the development server) on this machine alone, prints its address and runs until stopped. */
export async function serve({ env = {}, port = Number(process.env.PORT ?? 4620), mode = 'start', lines = [] }) {
  const chosen = await freePort(port, HOST);
  const server = spawn(process.execPath, [bin('next'), mode, '-H', HOST, '-p', String(chosen)], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
  });
  let isAnnounced = false;
  server.stdout.on('data', (chunk) => {
    if (mode === 'dev') process.stdout.write(chunk);
    if (isAnnounced || !String(chunk).includes('Ready')) return;
    isAnnounced = true;
    console.log(
      [
        `\n  Ubbet is ready:  http://${HOST}:${chosen}\n`,
        ...lines.map((line) => `  ${line}`),
        '  Stop it with Ctrl+C.\n',
      ].join('\n'),
    );
  });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
  server.on('exit', (code) => process.exit(code ?? 0));
}
