import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keepFoundSpace } from './page/found-space';
import type { Kinds } from '../nods/kinds';
import { registerNodElement } from './nod-element';
import { paint, type Drawn } from './render';

const NODS = ['one', 'two'].flatMap((product) =>
  ['stars', 'stock'].map((id) => ({ id, product, kind: 'star-line', spot: 'listing-card' })),
);

/** Two cards with two nods each, on a page without marks. */
function drawn(): Drawn {
  const answer = { nods: NODS, dress: {}, words: {}, spots: [], language: 'en' };
  const card = (product: string) => document.getElementById(product)!;
  return {
    arrived: { answer, now: () => 0 } as unknown as Drawn['arrived'],
    kinds: new Map([
      ['star-line', { view: () => document.createTextNode('★'), host: undefined, sheets: [] }],
    ]) as unknown as Kinds,
    located: {
      productOf: () => undefined,
      placeOf: (_: string, product: string) => ({ element: card(product), side: 'inside' }),
    } as unknown as Drawn['located'],
  };
}

const standing = () =>
  [...document.querySelectorAll<HTMLElement>('nod-yes')].map(
    ({ dataset: { nod, product } }) => `${product} ${nod}`,
  );

describe('a page that is drawn in slices', () => {
  beforeEach(() => {
    registerNodElement();
    document.body.innerHTML = '<p id="one"></p><p id="two"></p>';
    // each nod takes longer than a slice
    let now = 0;
    vi.spyOn(performance, 'now').mockImplementation(() => (now += 50));
  });

  afterEach(() => {
    vi.restoreAllMocks();
    sessionStorage.clear();
    document.body.innerHTML = '';
  });

  it('gets what stands in one place at once', async () => {
    const seen: number[] = [];
    const painted = await paint(drawn(), '', false, vi.fn(), () => {
      seen.push(standing().length);
      return true;
    });
    expect(seen).toEqual([0, 0, 0, 2, 2]);
    expect(standing()).toEqual(['one stars', 'one stock', 'two stars', 'two stock']);
    expect(painted?.every(({ placed }) => placed)).toBe(true);
  });

  it('is drawn no further once it has become another one', async () => {
    const painted = await paint(drawn(), '', false, vi.fn(), () => standing().length === 0);
    expect(painted).toBe(undefined);
    expect(standing()).toEqual(['one stars', 'one stock']);
  });

  /** Room and nods stood one under the other until all were drawn, and the page moved twice. */
  it('gives the room that was kept for a place to what comes into it', async () => {
    vi.spyOn(Element.prototype, 'getBoundingClientRect').mockImplementation(function (
      this: Element,
    ) {
      const top = 24 * [...(this.parentElement?.children ?? [])].indexOf(this);
      return { top, bottom: top + 24 } as DOMRect;
    });
    const room = () => document.querySelectorAll('nod-space').length;
    await paint(drawn(), '', false, vi.fn(), () => true);
    await keepFoundSpace().settle(true);
    document.body.innerHTML = '<p id="one"></p><p id="two"></p>';
    keepFoundSpace();
    expect(room()).toBe(2);
    const seen: string[] = [];
    await paint(drawn(), '', false, vi.fn(), () => {
      seen.push(`${room()} ${standing().length}`);
      return true;
    });
    expect(seen).toEqual(['2 0', '2 0', '2 0', '1 2', '1 2']);
    expect(room()).toBe(0);
  });
});
