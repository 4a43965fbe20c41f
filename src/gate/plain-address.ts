/** What is asked for, in the one way of writing it. */
export interface PlainAddress {
  /** Decoded, without a slash at its end: what is decided on. */
  readonly path: string;
  /** The same, encoded once, with the query as it came: what is handed on. */
  readonly url: string;
}

/** More often than this nobody encodes a path who means what is in it. */
const MOST_DECODINGS = 4;

/**
 * The address of a request as it is meant; null: nobody can mean it. Whatever is decided on is what is handed on, so that no way of
 * writing an address leads past the decision: refused is what is no path of this server, what cannot be decoded or never comes to an
 * end of it, and a path with a `.` or `..` segment, an empty one inside it, a backslash, a NUL or another control character, or an
 * encoded slash, in whichever of its decodings. A slash at the end leads to the same as none.
 *
 * @example `/colonies/?at=1` is `/colonies` and `/colonies?at=1`; `/_next/static/%252e%252e/api` is null
 */
export function plainAddress(url: string | undefined): PlainAddress | null {
  if (!url?.startsWith('/')) return null;
  const [asked, ...rest] = url.split('?');
  const query = rest.length > 0 ? `?${rest.join('?')}` : '';
  const decoded = decodedFully(asked as string);
  if (decoded === null) return null;
  const path = decoded.length > 1 && decoded.endsWith('/') ? decoded.slice(0, -1) : decoded;
  const segments = path.split('/').slice(1);
  if (path !== '/' && segments.some((segment) => segment === '' || segment === '.' || segment === '..')) return null;
  return { path, url: `/${segments.map(encodeURIComponent).join('/')}${query}` };
}

// biome-ignore lint/suspicious/noControlCharactersInRegex: these are what is refused
const NEVER_MEANT = /[\\\u0000-\u001f\u007f#]/;
const ENCODED_SLASH = /%2f/i;

function decodedFully(asked: string): string | null {
  let text = asked;
  for (let n = 0; n <= MOST_DECODINGS; n++) {
    if (NEVER_MEANT.test(text) || ENCODED_SLASH.test(text)) return null;
    let decoded: string;
    try {
      decoded = decodeURIComponent(text);
    } catch {
      return null;
    }
    if (decoded === text) return text;
    text = decoded;
  }
  return null;
}
