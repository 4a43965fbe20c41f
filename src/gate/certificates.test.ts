import { execFileSync } from 'node:child_process';
import { X509Certificate } from 'node:crypto';
import { mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer, request } from 'node:https';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { certificatesFor } from './certificates';

const NOW = new Date();
const days = (n: number) => new Date(NOW.getTime() + n * 86_400_000);
const NAMES = ['ubbet.local', 'localhost', '127.0.0.1', '192.168.1.20'];
let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'ubbet-certificates-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

describe('the certificate of the machine', () => {
  it('is taken by whoever trusts the authority, by name and by address', async () => {
    const { key, cert, authority } = await certificatesFor(folder, NAMES, NOW);
    const server = createServer({ key, cert }, (_, response) => response.end('here'));
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    const { port } = server.address() as AddressInfo;
    const ask = (servername: string, ca?: string) =>
      new Promise<string>((resolve) => {
        request({ host: '127.0.0.1', port, servername, ca, path: '/' }, (response) => {
          response.setEncoding('utf8').on('data', resolve);
        })
          .on('error', (error: NodeJS.ErrnoException) => resolve(error.code ?? 'error'))
          .end();
      });
    expect(await ask('localhost', authority)).toBe('here');
    expect(await ask('ubbet.local', authority)).toBe('here');
    expect(await ask('localhost')).toMatch(/UNABLE_TO|SELF_SIGNED/);
    expect(await ask('elsewhere.example', authority)).toBe('ERR_TLS_CERT_ALTNAME_INVALID');
    server.close();
  });

  it('stays the same until names change or its end is near; the authority stays', async () => {
    const first = await certificatesFor(folder, NAMES, NOW);
    expect(await certificatesFor(folder, NAMES, days(100))).toEqual(first);
    const moved = await certificatesFor(folder, [...NAMES, '10.0.0.7'], days(100));
    expect([moved.cert === first.cert, moved.authority === first.authority]).toEqual([false, true]);
    const later = await certificatesFor(folder, [...NAMES, '10.0.0.7'], days(480));
    expect([later.cert === moved.cert, later.fingerprint]).toEqual([false, first.fingerprint]);
    const { validFrom, validTo } = new X509Certificate(later.cert);
    expect((Date.parse(validTo) - Date.parse(validFrom)) / 86_400_000).toBeLessThan(399);
  });

  it('names nothing that the authority may not sign for', async () => {
    await certificatesFor(folder, NAMES, NOW);
    const { cert } = await certificatesFor(folder, [...NAMES, 'renamed', '8.8.8.8'], NOW);
    const { subjectAltName } = new X509Certificate(cert);
    expect(subjectAltName).toContain('ubbet.local');
    expect(subjectAltName).not.toMatch(/renamed|8\.8\.8\.8/);
  });

  it('comes of an authority that signs for its own names and private addresses alone, critically', async () => {
    const { authority } = await certificatesFor(folder, NAMES, NOW);
    const file = join(folder, 'authority.crt');
    const text = execFileSync('openssl', ['x509', '-in', file, '-noout', '-text'], { encoding: 'utf8' });
    expect(text).toContain('Name Constraints: critical');
    expect(text).toMatch(/Permitted:[\s\S]*DNS:ubbet\.local[\s\S]*IP:192\.168\.0\.0\/255\.255\.0\.0/);
    expect(text).toMatch(/CA:TRUE, pathlen:0/);
    // A certificate for another name, made with the authority's own key, is refused.
    writeFileSync(join(folder, 'ext'), 'subjectAltName=DNS:bank.example\n');
    const run = (...args: string[]) => execFileSync('openssl', args, { cwd: folder, stdio: 'pipe', encoding: 'utf8' });
    run('req', '-new', '-newkey', 'rsa:2048', '-nodes', '-keyout', 'x.key', '-subj', '/CN=bank', '-out', 'x.csr');
    run(
      'x509',
      '-req',
      '-in',
      'x.csr',
      '-CA',
      'authority.crt',
      '-CAkey',
      'authority.key',
      '-extfile',
      'ext',
      '-out',
      'x.crt',
    );
    expect(() => run('verify', '-CAfile', 'authority.crt', 'x.crt')).toThrow(/permitted subtree violation/);
    expect(run('verify', '-CAfile', 'authority.crt', 'server.crt')).toContain('OK');
    expect(authority).toContain('BEGIN CERTIFICATE');
  });

  it('keeps its keys from everybody else on the machine', async () => {
    await certificatesFor(folder, NAMES, NOW);
    for (const name of ['authority.key', 'server.key']) {
      expect(statSync(join(folder, name)).mode & 0o777).toBe(0o600);
    }
  });
});
