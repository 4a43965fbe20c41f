import { expect, it } from 'vitest';
import { noPort, portIn } from './port';

it.each([
  [undefined, 4620],
  ['', 4620],
  [' ', 4620],
  ['1', 1],
  ['65535', 65_535],
  ['0', null],
  ['65536', null],
  ['99999', null],
  ['abc', null],
  ['80.5', null],
  ['-1', null],
  ['0x50', null],
])('%s is port %s', (said, port) => {
  expect(portIn(said, 4620)).toBe(port);
});

it('says what a port is', () => {
  expect(noPort('PORT', 'abc')).toBe('PORT is to be a whole number from 1 to 65535, and is “abc”.');
});
