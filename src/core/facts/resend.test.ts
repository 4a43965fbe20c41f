import { describe, expect, it } from 'vitest';
import { takenAs } from './resend';

const known = (...versions: string[]) => new Set(versions);

describe('something that is sent', () => {
  it('is stored where it is new, and lands once', () => {
    expect(takenAs('a', [], { current: null, earlier: known() })).toBe('write');
    expect(takenAs('a', [], { current: 'a', earlier: known('a') })).toBe('nothing');
  });

  it('does not undo a correction, a deletion or a taking back of meanwhile', () => {
    expect(takenAs('a', [], { current: 'b', earlier: known('a') })).toBe('nothing');
    expect(takenAs('a', [], { current: 'a deleted', earlier: known('a') })).toBe('nothing');
    expect(takenAs('a', [], { current: null, earlier: known('a') })).toBe('nothing');
  });

  it('corrects what stands where it says so, back to what was said first too', () => {
    expect(takenAs('b', ['a'], { current: 'a', earlier: known() })).toBe('write');
    expect(takenAs('a', ['b'], { current: 'b', earlier: known('a') })).toBe('write');
  });

  it('is a question where what stands was changed meanwhile by somebody else', () => {
    expect(takenAs('c', ['a'], { current: 'b', earlier: known('a') })).toBe('ask');
    expect(takenAs('c', [], { current: 'b', earlier: known() })).toBe('ask');
    expect(takenAs('b', ['a'], { current: 'a deleted', earlier: known('a') })).toBe('ask');
  });
});
