import { describe, expect, it } from 'vitest';
import { HOSTILE, onPage, shopper, textOf } from '../../tests/shopper';
import type { TrustBadgesNod } from '../../script/lib/response-types';
import { trustBadges } from './view';

type Content = TrustBadgesNod['content'];

const ITEMS: Content['items'] = [
  { drawing: 'M4 4h16', title: 'Replaced if broken', line: 'a picture is enough', link: '/terms' },
  { drawing: '', title: 'Straw and paper', line: '', link: '' },
];
const drawn = (set: Partial<Content> = {}) =>
  onPage(
    trustBadges(
      {
        id: 'promises',
        kind: 'trust-badges',
        spot: 'under-buy',
        product: 'pot',
        content: { columns: 3, columnsNarrow: 1, wholeLinks: false, items: ITEMS, ...set },
      },
      shopper('trust-badges'),
    ) as HTMLElement,
  );

describe('trust badges', () => {
  it('are a list with a name', () => {
    const list = drawn();
    expect([list.tagName, list.getAttribute('aria-label')]).toEqual(['UL', 'Our promises']);
    expect([...list.children].map(textOf)).toEqual([
      'Replaced if brokena picture is enoughDetails',
      'Straw and paper',
    ]);
  });

  it('take no more columns than there are badges', () => {
    const list = drawn();
    expect(list.style.getPropertyValue('--columns')).toBe('2');
    expect(list.style.getPropertyValue('--columns-narrow')).toBe('1');
  });

  it('link by a word of their own, or whole', () => {
    expect([...drawn().querySelectorAll('a')].map(textOf)).toEqual(['Details']);
    const whole = drawn({ wholeLinks: true }).querySelectorAll('a');
    expect([...whole].map((link) => [link.className, textOf(link)])).toEqual([
      ['badge', 'Replaced if brokena picture is enough'],
    ]);
  });

  it('draw an outline, a sign or a picture, and nothing where there is none', () => {
    const marks = (drawing: string) =>
      drawn({ items: [{ ...ITEMS[0]!, drawing }] })
        .querySelector('.icon')
        ?.tagName.toLowerCase();
    expect([marks('M4 4h16'), marks('🌱'), marks('https://shop.example/a.png'), marks('')]).toEqual(
      ['svg', 'span', 'img', undefined],
    );
  });

  it('say what was written, whatever it is', () => {
    const list = drawn({
      items: [{ ...ITEMS[0]!, title: HOSTILE, line: HOSTILE, drawing: HOSTILE }],
    });
    expect(list.querySelector('img, script')).toBe(null);
    expect(list.querySelector('b')?.textContent).toBe(HOSTILE);
  });
});
