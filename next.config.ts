import type { NextConfig } from 'next';

/** Nothing comes from, goes to, or is framed by another host. */
const CONTENT_SECURITY_POLICY = [
  "default-src 'self'",
  "script-src 'self' 'unsafe-inline'",
  "style-src 'self' 'unsafe-inline'",
  "img-src 'self' data: blob:",
  "font-src 'self'",
  "connect-src 'self'",
  "worker-src 'self' blob:",
  "object-src 'none'",
  "base-uri 'self'",
  "form-action 'self'",
  "frame-ancestors 'none'",
];

const isDevelopment = process.env.NODE_ENV === 'development';

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  serverExternalPackages: ['better-sqlite3'],
  headers: async () => [
    {
      source: '/:path*',
      headers: [
        ...(isDevelopment ? [] : [{ key: 'Content-Security-Policy', value: CONTENT_SECURITY_POLICY.join('; ') }]),
        { key: 'X-Content-Type-Options', value: 'nosniff' },
        { key: 'Referrer-Policy', value: 'same-origin' },
      ],
    },
  ],
};

export default config;
