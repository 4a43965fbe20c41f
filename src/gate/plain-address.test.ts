import { expect, it } from 'vitest';
import { plainAddress } from './plain-address';

it.each([
  ['/', '/', '/'],
  ['/?a=1', '/', '/?a=1'],
  ['/colonies/', '/colonies', '/colonies'],
  ['/colonies/?at=%2e%2e/x', '/colonies', '/colonies?at=%2e%2e/x'],
  ['/col%6Fnies', '/colonies', '/colonies'],
  ['/col%256Fnies', '/colonies', '/colonies'],
  ['/caf%C3%A9?a?b', '/café', '/caf%C3%A9?a?b'],
  ['/_next/static/chunks/a_[id]~.js', '/_next/static/chunks/a_[id]~.js', '/_next/static/chunks/a_%5Bid%5D~.js'],
])('%s is %s', (asked, path, url) => {
  expect(plainAddress(asked)).toEqual({ path, url });
});

it.each([
  undefined,
  '',
  '*',
  'data',
  'http://127.0.0.1/data',
  '//data',
  '/a//b',
  '/a//',
  '/./data',
  '/.',
  '/..',
  '/x/../api/season/export',
  '/_next/static/../../api/season/export',
  '/_next/static/%2e%2e/%2E%2E/data',
  '/_next/static/%252e%252e/data',
  '/_next/static/%25252525252e/data',
  '/_next/static/..%2fdata',
  '/_next/static/..%252Fdata',
  '/_next/static/..\\data',
  '/_next/static/..%5cdata',
  '/data%00',
  '/data%0a',
  '/data#top',
  '/%ff',
  '/%',
])('%s is meant by nobody', (asked) => {
  expect(plainAddress(asked)).toBeNull();
});
