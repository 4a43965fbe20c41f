/** Ways to write an address so that who decides may take it for another than who serves it. */
export const DISGUISES: readonly ((path: string) => string)[] = [
  ...['/_next/static', '/_next/static/chunks', '/calendar', '/api/alive', '/read', '/icon.svg', '/sw.js'].flatMap(
    (open) => {
      const up = '/..'.repeat(open.split('/').length - 1);
      return [
        (path: string) => `${open}${up}${path}`,
        (path: string) => `${open}${up.replaceAll('..', '%2e%2e')}${path}`,
        (path: string) => `${open}${up.replaceAll('..', '%252E%252e')}${path}`,
        (path: string) => `${open}${up.replaceAll('/', '%2f')}${path.replaceAll('/', '%2F')}`,
        (path: string) => `${open}${up.replaceAll('/', '\\')}${path}`,
      ];
    },
  ),
  (path) => path,
  (path) => `${path}/`,
  (path) => `/.${path}`,
  (path) => `/%2e${path}`,
  (path) => `/x/..${path}`,
  (path) => `/${path}`,
  (path) => `//127.0.0.1${path}`,
  (path) => `http://127.0.0.1${path}`,
  (path) => path.replaceAll('/', '//'),
  (path) => path.replaceAll('/', '\\'),
  (path) => `${path}%00`,
  (path) => `${path}%23`,
  (path) => `${path}%3fx`,
  (path) => `${path};x`,
  (path) => `${path}.rsc`,
  (path) => `${path}.json`,
  (path) => `${path}.txt`,
  (path) => `${path}/%2e`,
  (path) => `/_next/data/build${path}.json`,
  (path) => `/_next/image?w=64&q=75&url=${encodeURIComponent(path)}`,
  (path) => path.toUpperCase(),
  (path) => [...path].map((c) => (c === '/' ? c : `%${c.charCodeAt(0).toString(16)}`)).join(''),
  (path) => [...path].map((c) => (c === '/' ? c : `%25${c.charCodeAt(0).toString(16)}`)).join(''),
];

/** The same, said in headers beside an address that is open. */
export const HEADER_DISGUISES: readonly ((path: string) => Readonly<Record<string, string>>)[] = [
  (path) => ({ 'x-invoke-path': path }),
  (path) => ({ 'x-matched-path': path }),
  (path) => ({ 'x-rewrite-url': path }),
  (path) => ({ 'x-original-url': path }),
  (path) => ({ 'x-forwarded-uri': path }),
  (path) => ({ 'x-middleware-rewrite': path }),
  () => ({ 'x-middleware-subrequest': 'middleware:middleware:middleware:middleware:middleware' }),
  () => ({ 'x-ubbet-role': 'owner' }),
];
