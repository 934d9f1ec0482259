import { describe, expect, it } from 'vitest';
import { onPage, shopper, textOf } from '../../tests/shopper';
import type { StockLineNod } from '../../script/lib/response-types';
import { stockLine } from './view';

const drawn = (set: Partial<StockLineNod>, language = 'en') =>
  onPage(
    stockLine(
      { id: 'stock', kind: 'stock-line', spot: 'above-buy', product: 'pot', left: 3, ...set },
      shopper('stock-line', { language }),
    ) as HTMLElement,
  );

describe('the stock line', () => {
  it('says how many are left, with a mark for each', () => {
    const line = drawn({ left: 3 });
    expect(textOf(line)).toBe('Only 3 left');
    expect(line.querySelectorAll('.marks i')).toHaveLength(3);
    expect(line.querySelector('.marks')?.getAttribute('aria-hidden')).toBe('true');
  });

  it('draws no marks where nobody could count them at a look', () => {
    expect(drawn({ left: 12 }).querySelectorAll('.marks i')).toHaveLength(12);
    expect(drawn({ left: 13 }).querySelectorAll('.marks i')).toHaveLength(0);
  });

  it('measures against the last delivery where that is told', () => {
    const line = drawn({ left: 3, delivered: 40 });
    expect(textOf(line)).toBe('3 of 40 left from the last delivery');
    const bar = line.querySelector<HTMLElement>('.bar')!;
    expect(bar.style.getPropertyValue('--left')).toBe('0.075');
    expect(drawn({ left: 3 }).querySelector('.bar')).toBe(null);
  });

  it('says when more comes, as the language writes a day', () => {
    expect(textOf(drawn({ moreOn: '2026-12-04' }))).toBe(
      'Only 3 leftMore in stock on December 4, 2026',
    );
    expect(textOf(drawn({ moreOn: '2026-12-04' }, 'de'))).toContain('4. Dezember 2026');
  });
});
