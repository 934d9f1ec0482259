import { describe, expect, it } from 'vitest';
import { onPage, shopper, textOf } from '../../tests/shopper';
import { returnsLine } from './view';

type Nod = Parameters<typeof returnsLine>[0];

const drawn = (set: Partial<Nod>, language = 'en') =>
  textOf(
    onPage(
      returnsLine(
        {
          id: 'returns',
          kind: 'returns-line',
          spot: 'under-buy',
          product: 'pot',
          lastDay: '2027-01-05',
          ordered: false,
          ...set,
        },
        shopper('returns-line', { language }),
      ),
    ),
  );

describe('the returns line', () => {
  it('tells the last day, of what is ordered now or was', () => {
    expect(drawn({})).toBe('Order now and you can send it back until January 5, 2027');
    expect(drawn({ ordered: true })).toBe('You can send it back until January 5, 2027');
    expect(drawn({}, 'de')).toContain('5. Januar 2027');
  });

  it('counts days where the last one is not known', () => {
    expect(drawn({ days: 30 })).toBe('You can send it back within 30 days of delivery');
    expect(drawn({ days: 1 })).toBe('You can send it back within 1 day of delivery');
  });
});
