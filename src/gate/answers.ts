import type { ServerResponse } from 'node:http';

/** A page that is complete in itself. */
export function send(response: ServerResponse, status: number, html: string): void {
  response.writeHead(status, {
    'Content-Type': 'text/html; charset=utf-8',
    'Cache-Control': 'no-store',
    'Content-Security-Policy':
      "default-src 'none'; style-src 'unsafe-inline'; form-action 'self'; frame-ancestors 'none'",
    'X-Content-Type-Options': 'nosniff',
    'Referrer-Policy': 'same-origin',
  });
  response.end(html);
}

/** JSON that nobody keeps. */
export function sendJson(response: ServerResponse, status: number, body: unknown): void {
  response.writeHead(status, { 'Content-Type': 'application/json', 'Cache-Control': 'no-store' });
  response.end(JSON.stringify(body));
}

/** As the application says it: the issues. */
export const refuse = (response: ServerResponse, status: number, code: string, message: string): void =>
  sendJson(response, status, { ok: false, issues: [{ path: [], code, message }] });
