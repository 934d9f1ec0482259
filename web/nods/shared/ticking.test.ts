import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { tickLater } from './ticking';

function host(): HTMLElement {
  const element = document.createElement('p');
  document.body.append(element);
  return element;
}

describe('what ticks', () => {
  beforeEach(() => void vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] }));
  afterEach(() => {
    vi.useRealTimers();
    document.body.innerHTML = '';
  });

  it('runs once after its time, while it stands on the page', () => {
    const tick = vi.fn();
    tickLater(host(), 1000, tick);
    vi.advanceTimersByTime(999);
    expect(tick).not.toHaveBeenCalled();
    vi.advanceTimersByTime(5000);
    expect(tick).toHaveBeenCalledTimes(1);
  });

  it('waits for what is drawn before it is put on the page', () => {
    const tick = vi.fn();
    const drawn = document.createElement('p');
    tickLater(drawn, 1000, tick);
    tickLater(host(), 1000, () => undefined);
    document.body.append(drawn);
    vi.advanceTimersByTime(1000);
    expect(tick).toHaveBeenCalledTimes(1);
  });

  /** Five hundred changes of route kept five hundred pages until their minute was over. */
  it('keeps nothing that has left the page', async () => {
    const gone = host();
    tickLater(gone, 60_000, () => undefined);
    await Promise.resolve();
    const before = vi.getTimerCount();
    gone.remove();
    tickLater(host(), 60_000, () => undefined);
    expect(vi.getTimerCount()).toBe(before);
  });

  it('keeps a nod that is drawn and not put on the page yet, but none that was there', async () => {
    const nod = Object.assign(document.createElement('div'), { stood: false });
    const line = document.createElement('p');
    tickLater(line, 60_000, () => undefined);
    nod.attachShadow({ mode: 'open' }).append(line);
    await Promise.resolve();
    const both = vi.getTimerCount() + 1;
    tickLater(host(), 60_000, () => undefined);
    expect(vi.getTimerCount()).toBe(both);
    document.body.append(nod);
    nod.stood = true;
    nod.remove();
    tickLater(host(), 60_000, () => undefined);
    expect(vi.getTimerCount()).toBe(both);
  });

  it('runs when a page comes into sight, and one time less later', () => {
    const element = host();
    const tick = vi.fn(() => tickLater(element, 60_000, tick));
    tickLater(element, 60_000, tick);
    for (let n = 0; n < 3; n++) document.dispatchEvent(new Event('visibilitychange'));
    expect(tick).toHaveBeenCalledTimes(3);
    // each time in sight began a row of its own, that went on beside the others
    vi.advanceTimersByTime(60_000);
    expect(tick).toHaveBeenCalledTimes(4);
  });
});
