import { beforeAll, describe, expect, it } from 'vitest';

let line: typeof import('./price-line');
let pricedVariant: typeof import('./price-curve').pricedVariant;
beforeAll(async () => {
  line = await import('./price-line');
  ({ pricedVariant } = await import('./price-curve'));
});

const NOW = '2026-11-26T14:20:00Z';
const at = (from: string, price: number) => ({ from, price });

describe('a line of prices', () => {
  it('puts the highest on top, and steps at the moment of each', () => {
    const points = line.plot(
      [
        at('2026-01-01T00:00:00Z', 20),
        at('2026-10-12T14:20:00Z', 30),
        at('2026-11-26T14:20:00Z', 10),
      ],
      NOW,
      103,
      46,
    );
    // what was before the ninety days begins at the edge
    expect(points.map(({ x }) => x)).toEqual([0, 50, 100]);
    expect(points.map(({ y }) => y)).toEqual([23, 3, 43]);
    expect(line.path(points, 103)).toBe('M0 23H50V3H100V43H100');
  });

  it('lies in the middle where the price never changed', () => {
    const [only] = line.plot([at('2026-11-01T00:00:00Z', 20)], NOW, 103, 46);
    expect(only?.y).toBe(23);
  });

  it('is none without a price', () => {
    expect(line.plot([], NOW, 103, 46)).toEqual([]);
  });

  it('writes money in its currency, or a plain number without one', () => {
    expect(line.money(25, 'EUR')).toBe('€25.00');
    expect(line.money(1200, 'JPY')).toMatch(/1,200$/);
    expect(line.money(25, undefined)).toBe('25');
  });
});

describe('the variant whose price says most', () => {
  const product = (...variants: object[]) =>
    ({ variants }) as unknown as Parameters<typeof pricedVariant>[0];

  it('is the asked one, else one that is reduced, else the first with a price', () => {
    const all = product(
      { sku: 'a' },
      { sku: 'b', price: 10 },
      { sku: 'c', price: 9, percentOff: 20 },
      { sku: 'd', price: 8 },
    );
    expect(pricedVariant(all, 'd')?.sku).toBe('d');
    expect(pricedVariant(all)?.sku).toBe('c');
    expect(pricedVariant(all, 'a')?.sku).toBe('c');
    expect(pricedVariant(product({ sku: 'a' }, { sku: 'b', price: 1 }))?.sku).toBe('b');
    expect(pricedVariant(product({ sku: 'a' }))).toBe(undefined);
  });
});
