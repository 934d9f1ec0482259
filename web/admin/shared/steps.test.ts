import { describe, expect, it, vi } from 'vitest';
import { forgetSteps, keepSteps, readSteps } from './steps';

describe('steps that can be undone', () => {
  it('outlive leaving the place, each place its own', () => {
    keepSteps('desk', { done: ['a', 'b'], undone: ['c'] });
    expect(readSteps('desk')).toEqual({ done: ['a', 'b'], undone: ['c'] });
    expect(readSteps('import-4')).toEqual({ done: [], undone: [] });
  });

  it('are the last hundred', () => {
    const many = Array.from({ length: 130 }, (_, at) => at);
    const kept = keepSteps('desk', { done: many, undone: [] });
    expect(kept.done).toHaveLength(100);
    expect(kept.done.at(-1)).toBe(129);
    expect(readSteps<number>('desk').done[0]).toBe(30);
  });

  it('begin anew where something else was stored', () => {
    sessionStorage.setItem('nodyes-steps-desk', '{"done":3}');
    expect(readSteps('desk')).toEqual({ done: [], undone: [] });
  });

  it('live as long as the screen where the browser keeps no more', () => {
    vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    expect(keepSteps('desk', { done: ['a'], undone: [] }).done).toEqual(['a']);
  });

  it('are forgotten when someone else signs in, and nothing else is', () => {
    sessionStorage.setItem('other', 'stays');
    keepSteps('desk', { done: ['a'], undone: [] });
    forgetSteps();
    expect(readSteps('desk').done).toEqual([]);
    expect(sessionStorage.getItem('other')).toBe('stays');
  });
});
