import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { expect, it } from 'vitest';
import { ROUTES, routeOf } from './routes';

const APP = resolve(import.meta.dirname, '../app');

/** What stands in a folder of routes, as `GET /api/pack`. */
function routesBelow(folder: string, path: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const file = join(folder, entry.name);
    // What is asked for and is nowhere is said by these.
    if (entry.name.startsWith('[...')) return [];
    if (entry.isDirectory()) return routesBelow(file, `${path}/${entry.name}`);
    if (entry.name === 'page.tsx') return [`GET ${path || '/'}`];
    if (entry.name === 'manifest.ts') return ['GET /manifest.webmanifest'];
    if (entry.name === 'icon.svg') return ['GET /icon.svg'];
    if (entry.name !== 'route.ts') return [];
    const exported = readFileSync(file, 'utf8').matchAll(/export (?:const|async function|function) ([A-Z]+)\b/g);
    return [...exported].map(([, method]) => `${method} ${path}`);
  });
}

it('every route of the application is on the list with its methods, and nothing else is', () => {
  const listed = Object.entries(ROUTES).flatMap(([path, { looks, writes }]) => [
    ...(looks === null ? [] : [`GET ${path}`]),
    ...Object.keys(writes).map((method) => `${method} ${path}`),
  ]);
  const served = [...routesBelow(APP, ''), 'GET /sw.js'];
  expect(existsSync(resolve(APP, '../../src/service-worker/service-worker.ts'))).toBe(true);
  expect(listed.sort()).toEqual(served.sort());
});

it('a segment that is named goes before one that may be anything', () => {
  expect(routeOf('/colonies/new')).toBe(ROUTES['/colonies/new']);
  expect(routeOf('/colonies/queens/7')).toBe(ROUTES['/colonies/queens/[id]']);
  expect(routeOf('/colonies/7/queen')).toBe(ROUTES['/colonies/[id]/queen']);
});

it.each(['/nowhere', '/api/season', '/api/season/export/more', '/_next', '/_next/static', '/_next/image', '/toString'])(
  '%s leads nowhere',
  (path) => {
    expect(routeOf(path)).toBeNull();
  },
);
