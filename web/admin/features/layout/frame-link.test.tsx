import { act, renderHook } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { useFrames } from './frame-link';

const SHOP = 'https://shop.example';
const REPORT = {
  type: 'nodyes-page',
  context: { kind: 'product', products: ['pot'] },
  shop: 'key',
  nods: [{ nod: 'stars', product: 'pot', spot: 'under-title', placed: true }],
  spots: ['under-title'],
};

/** A frame with a shop's page in it, which says what a test says and keeps what it is told. */
function framed(page = 'a') {
  const told: unknown[] = [];
  const contentWindow = { postMessage: vi.fn((message: unknown) => told.push(message)) };
  const frame = {
    contentWindow,
    offsetWidth: 1280,
    getBoundingClientRect: () => ({ width: 640 }),
  } as unknown as HTMLIFrameElement;
  const frames = { current: new Map([['wide', frame]]) };
  const onPick = vi.fn();
  const hook = renderHook(({ of }) => useFrames(SHOP, of, frames, onPick), {
    initialProps: { of: page },
  });
  const say = (data: object, origin = SHOP, source: unknown = contentWindow) =>
    act(() => {
      const event = new MessageEvent('message', { data, origin });
      Object.defineProperty(event, 'source', { value: source });
      window.dispatchEvent(event);
    });
  return { hook, say, told, onPick };
}

describe('the talk with a shop’s page', () => {
  it('hears what the page shows', () => {
    const { hook, say } = framed();
    say(REPORT);
    expect(hook.result.current.report).toMatchObject({ shop: 'key', spots: ['under-title'] });
    say({ type: 'nodyes-order', order: ['stars'] });
    expect(hook.result.current.report?.order).toEqual(['stars']);
  });

  it('hears nobody from another origin, and no window that is not in a frame', () => {
    const { hook, say, onPick } = framed();
    say(REPORT, 'https://stranger.example');
    say(REPORT, SHOP, { postMessage: vi.fn() });
    say({ type: 'nodyes-pick', nod: 'stars' }, 'https://stranger.example');
    expect(hook.result.current.report).toBe(undefined);
    expect(onPick).not.toHaveBeenCalled();
  });

  it('tells nothing to a frame that has not spoken: it may still hold another page', () => {
    const { hook, say, told } = framed();
    act(() => hook.result.current.mark('stars'));
    expect(told).toEqual([]);
    say(REPORT);
    act(() => hook.result.current.mark('stars'));
    expect(told).toContainEqual({ type: 'nodyes-mark', nod: 'stars' });
  });

  it('asks a page that speaks late to draw what it missed', () => {
    const { hook, say, told } = framed();
    act(() => hook.result.current.refresh());
    say(REPORT);
    expect(told).toEqual([{ type: 'nodyes-refresh' }]);
    say(REPORT);
    expect(told).toHaveLength(1);
  });

  it('asks a page that speaks late to point, and stops once something was pointed at', () => {
    const { hook, say, told } = framed();
    act(() => hook.result.current.startPointing());
    say(REPORT);
    expect(told).toContainEqual({ type: 'nodyes-point' });
    say({
      type: 'nodyes-pointed',
      selector: '.price',
      side: 'after',
      matches: 1,
      products: 1,
      text: '',
    });
    expect(hook.result.current.pointed?.selector).toBe('.price');
    expect(told.at(-1)).toEqual({ type: 'nodyes-stop' });
  });

  it('opens what is picked in the page, and marks it there', () => {
    const { say, told, onPick } = framed();
    say({ type: 'nodyes-pick', nod: 'stars' });
    expect(onPick).toHaveBeenCalledExactlyOnceWith('stars');
    expect(told).toContainEqual({ type: 'nodyes-mark', nod: 'stars' });
  });

  it('forgets what another page said', () => {
    const { hook, say } = framed('a');
    say(REPORT);
    hook.rerender({ of: 'b' });
    expect(hook.result.current.report).toBe(undefined);
  });

  it('tells the page how large it is drawn', () => {
    const { say, told } = framed();
    say({ type: 'nodyes-hears' });
    expect(told).toContainEqual({ type: 'nodyes-scale', scale: 0.5 });
  });

  it('hears no more once it is gone', () => {
    const { hook, say, onPick } = framed();
    hook.unmount();
    say({ type: 'nodyes-pick', nod: 'stars' });
    expect(onPick).not.toHaveBeenCalled();
  });
});
