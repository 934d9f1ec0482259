import { afterEach, describe, expect, it, vi } from 'vitest';
import { Slice } from './slice';

describe('work in slices', () => {
  afterEach(() => void vi.restoreAllMocks());

  it('gives way once it took too long, and begins anew after that', async () => {
    let now = 1000;
    vi.spyOn(performance, 'now').mockImplementation(() => now);
    const slice = new Slice();
    now += 5;
    expect(slice.isOver()).toBe(false);
    now += 30;
    expect(slice.isOver()).toBe(true);
    await slice.next();
    expect(slice.isOver()).toBe(false);
  });

  it('does not give way on a page in the background, whose turns come seldom', async () => {
    let now = 1000;
    vi.spyOn(performance, 'now').mockImplementation(() => now);
    vi.spyOn(document, 'hidden', 'get').mockReturnValue(true);
    const later = vi.spyOn(globalThis, 'setTimeout');
    const slice = new Slice();
    now += 500;
    await slice.orNext();
    expect(later).not.toHaveBeenCalled();
  });
});
