import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { bin, freePort, ROOT } from './setup.mjs';

const HOST = '127.0.0.1';

/** Starts the built application (or the development server), which prints its address, and runs until stopped. */
export async function serve({ env = {}, mode = 'start', lines = [] }) {
  const options = {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', UBBET_LINES: lines.join('\n'), ...env },
  };
  const server =
    mode === 'dev'
      ? spawn(
          process.execPath,
          [bin('next'), 'dev', '-H', HOST, '-p', String(await freePort(Number(process.env.PORT ?? 4620), HOST))],
          options,
        )
      : spawn(process.execPath, [join('.next', 'gate', 'main.mjs')], {
          ...options,
          env: { NODE_ENV: 'production', ...options.env },
        });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
  server.on('exit', (code) => process.exit(code ?? 0));
}
