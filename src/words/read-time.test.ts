import { describe, expect, it } from 'vitest';
import { readTime } from './read-time';

describe('a time as it is typed', () => {
  it.each([
    ['14:30', 870],
    ['14.30', 870],
    ['1430', 870],
    ['930', 570],
    ['9', 540],
    ['09:05', 545],
    ['0:00', 0],
    ['24:00', 1440],
    ['2 pm', 840],
    ['2:30pm', 870],
    ['12 am', 0],
    ['12 p.m.', 720],
    [' 7h15 ', 435],
  ])('%s is minute %i', (text, minutes) => {
    expect(readTime(text)).toBe(minutes);
  });

  it.each(['', 'noon', '25:00', '24:01', '9:60', '13 pm', '0 am', '9:5', '-3', '123456'])('%s is none', (text) => {
    expect(readTime(text)).toBeNull();
  });
});
