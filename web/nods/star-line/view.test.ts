import { describe, expect, it, vi } from 'vitest';
import { onPage, shopper, textOf } from '../../tests/shopper';
import type { StarLineNod } from '../../script/lib/response-types';
import { starLine } from './view';

const nod = (content: Partial<StarLineNod['content']> = {}): StarLineNod => ({
  id: 'stars',
  kind: 'star-line',
  spot: 'under-title',
  product: 'slate-pot',
  content: {
    mean: 4.5,
    drawn: 4.5,
    count: 1204,
    verified: 0,
    stars: true,
    counted: 'all',
    ...content,
  },
});
const drawn = (content?: Partial<StarLineNod['content']>, language = 'en', reviewsAt?: string) =>
  onPage(starLine(nod(content), shopper('star-line', { language, reviewsAt })) as HTMLElement);
const page = (html: string) => {
  document.body.innerHTML = html;
};

describe('the star line', () => {
  it('tells a screen reader the figure once, in words', () => {
    const line = drawn();
    expect(line.querySelector('[role=img]')?.getAttribute('aria-label')).toBe('4.5 of 5 stars');
    expect(line.querySelector('b')?.getAttribute('aria-hidden')).toBe('true');
    expect(textOf(line.querySelector('.unseen'))).toBe('1,204 reviews');
  });

  it.each([
    ['de', '4,5', '1.204 Bewertungen'],
    ['pt', '4,5', '1.204 avaliações'],
    ['ja', '4.5', '1,204'],
  ])('writes its numbers as %s does', (language, mean, count) => {
    const line = drawn({}, language);
    expect(line.querySelector('b')?.textContent).toBe(mean);
    expect(textOf(line.querySelector('.unseen'))).toContain(count);
  });

  it('says one review where there is one', () => {
    expect(textOf(drawn({ count: 1 }).querySelector('.unseen'))).toBe('1 review');
  });

  it('counts those who bought beside all, or alone, and not where there are none', () => {
    expect(textOf(drawn({ counted: 'both', verified: 7 }))).toContain(
      '1,204 reviews, 7 by people who bought here',
    );
    expect(textOf(drawn({ counted: 'verified', verified: 1 }))).toContain(
      '1 by someone who bought here',
    );
    expect(textOf(drawn({ counted: 'both', verified: 0 }))).not.toContain('bought');
  });

  it('is words alone where its stars are off', () => {
    const line = drawn({ stars: false });
    expect(line.querySelector('[role=img]')).toBe(null);
    expect(textOf(line)).toBe('1,204 reviews');
  });

  it('leads to the reviews on their own page, and unfolds them', () => {
    page('<div id="nodyes-reviews"></div>');
    const wall = document.getElementById('nodyes-reviews')!;
    const unfolded = vi.fn();
    const root = wall.attachShadow({ mode: 'open' });
    root.innerHTML = '<button class="unfold" aria-expanded="false"></button>';
    root.querySelector('button')!.addEventListener('click', unfolded);
    const shown = vi.fn();
    wall.scrollIntoView = shown;
    const link = drawn({}, 'en', '#nodyes-reviews').querySelector('a')!;
    expect(link.getAttribute('href')).toBe('#nodyes-reviews');
    link.click();
    expect(unfolded).toHaveBeenCalledTimes(1);
    expect(shown).toHaveBeenCalled();
  });

  it('leads from a card to where the product has its reviews, or nowhere', () => {
    const there = 'https://shop.example/p/slate-pot#nodyes-reviews';
    expect(drawn({}, 'en', there).querySelector('a')?.href).toBe(there);
    expect(drawn().querySelector('a')).toBe(null);
  });

  it('fills whole stars whole and a quarter less than half', () => {
    const filled = (value: number) => {
      const stars = drawn({ drawn: value }).querySelector<HTMLElement>('[role=img]')!;
      return parseFloat(stars.style.getPropertyValue('--filled'));
    };
    expect([filled(5), filled(3), filled(0)]).toEqual([5, 3, 0]);
    expect(filled(4.25)).toBeGreaterThan(4);
    expect(filled(4.25)).toBeLessThan(filled(4.5));
    expect(filled(4.5)).toBeLessThan(filled(4.75));
    expect(filled(4.75)).toBeLessThan(5);
    // never better than it is
    expect(filled(4.99)).toBe(filled(4.75));
  });
});
