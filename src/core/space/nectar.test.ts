import { expect, it } from 'vitest';
import { flowOfGain } from './nectar';

it.each([
  [-0.2, 'none'],
  [0.5, 'none'],
  [0.51, 'light'],
  [2, 'light'],
  [2.1, 'strong'],
] as const)('%d kg a day on the scale: %s', (kg, flow) => expect(flowOfGain(kg)).toBe(flow));
