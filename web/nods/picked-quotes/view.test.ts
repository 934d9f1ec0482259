import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { HOSTILE, onPage, shopper, textOf, without } from '../../tests/shopper';
import type { PickedQuotesNod, Quote } from '../../script/lib/response-types';
import { quoteOf } from './quote';
import { pickedQuotes } from './view';

const quote = (set: Partial<Quote> = {}): Quote => ({
  stars: 5,
  origin: 'verified',
  words: 'Drains well, and the saucer keeps the floor dry.',
  reviewer: 'Mara',
  ...set,
});
const shown = (set?: Partial<Quote>) => onPage(quoteOf(quote(set), shopper('picked-quotes')));

describe('a quote', () => {
  it('says who wrote it, where from, and whether it was bought', () => {
    expect(textOf(shown({ country: 'JP' }).querySelector('figcaption'))).toBe(
      'Mara, JapanBought here',
    );
    expect(textOf(shown({ origin: 'broughtIn' }).querySelector('.source'))).toBe(
      'From another site, purchase not checked',
    );
    const nameless = without(quote(), 'reviewer');
    expect(textOf(quoteOf(nameless, shopper('picked-quotes')))).toContain('Anonymous');
  });

  it('says what was given for it', () => {
    expect(textOf(shown({ incentive: 'a voucher' }))).toContain(
      'Received for this review: a voucher',
    );
  });

  it('keeps its own language for whoever reads it aloud', () => {
    expect(shown({ language: 'ja' }).querySelector('blockquote')?.getAttribute('lang')).toBe('ja');
  });

  it('is whole at a press where it is cut, and cut again', () => {
    const figure = shown({ cut: 'Drains well' });
    const button = figure.querySelector('button')!;
    const read = () => textOf(figure.querySelector('blockquote span'));
    expect([read(), button.getAttribute('aria-expanded')]).toEqual(['Drains well …', 'false']);
    button.click();
    expect([read(), button.textContent]).toEqual([quote().words, 'Show less']);
    button.click();
    expect(read()).toBe('Drains well …');
  });

  it('is words and nothing else, whatever a stranger wrote', () => {
    const figure = shown({ words: HOSTILE, title: HOSTILE, reviewer: HOSTILE });
    expect(figure.querySelector('img, script')).toBe(null);
    expect(figure.querySelector('blockquote')?.textContent).toContain(HOSTILE);
  });
});

describe('picked quotes', () => {
  let still = false;
  beforeEach(() => {
    still = false;
    vi.useFakeTimers();
    vi.stubGlobal('matchMedia', () => ({ matches: still }));
    Element.prototype.scrollTo = () => undefined;
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  const drawn = (set: Partial<PickedQuotesNod['content']> = {}, reviewsAt?: string) =>
    onPage(
      pickedQuotes(
        {
          id: 'words',
          kind: 'picked-quotes',
          spot: 'under-picture',
          product: 'pot',
          content: {
            all: true,
            arrows: true,
            dots: true,
            inView: 2,
            inViewNarrow: 1,
            lay: 'carousel',
            seconds: 6,
            quotes: ['one', 'two', 'three'].map((words) => quote({ words })),
            ...set,
          },
        },
        shopper('picked-quotes', { reviewsAt }),
      ) as HTMLElement,
    );
  const at = (picked: HTMLElement) =>
    [...picked.querySelectorAll('.dot')].findIndex(
      (dot) => dot.getAttribute('aria-current') === 'true',
    );
  const named = (picked: HTMLElement, name: string) =>
    [...picked.querySelectorAll('button')].find(
      (button) => (button.getAttribute('aria-label') ?? button.textContent) === name,
    )!;

  it('turn by arrows, round and round, and say where they are', () => {
    const picked = drawn({ seconds: 0 });
    expect(at(picked)).toBe(0);
    named(picked, 'Previous').click();
    expect(at(picked)).toBe(2);
    named(picked, 'Next').click();
    expect(at(picked)).toBe(0);
    expect(textOf(picked.querySelector('[role=status]'))).toBe('1 of 3');
    named(picked, '2 of 3').click();
    expect(at(picked)).toBe(1);
  });

  it('turn by themselves, and are not read out then', () => {
    const picked = drawn();
    vi.advanceTimersByTime(6_000);
    expect(at(picked)).toBe(1);
    expect(textOf(picked.querySelector('[role=status]'))).toBe('');
  });

  it('wait for who stops them, points at them or is in them', () => {
    const picked = drawn();
    const list = picked.querySelector('.quotes')!;
    named(picked, 'Pause').click();
    vi.advanceTimersByTime(12_000);
    expect(at(picked)).toBe(0);
    named(picked, 'Resume').click();
    list.dispatchEvent(new Event('pointerenter'));
    vi.advanceTimersByTime(12_000);
    expect(at(picked)).toBe(0);
    list.dispatchEvent(new Event('pointerleave'));
    list.dispatchEvent(new Event('focusin'));
    vi.advanceTimersByTime(12_000);
    expect(at(picked)).toBe(0);
    list.dispatchEvent(new Event('focusout'));
    vi.advanceTimersByTime(6_000);
    expect(at(picked)).toBe(1);
  });

  it('stand still for who wants little motion', () => {
    still = true;
    const picked = drawn();
    vi.advanceTimersByTime(30_000);
    expect(at(picked)).toBe(0);
    expect(named(picked, 'Resume')).toBeTruthy();
  });

  it('stop for good once they have left the page', () => {
    drawn().remove();
    vi.advanceTimersByTime(6_000);
    expect(vi.getTimerCount()).toBe(0);
  });

  it('have nothing to turn where there is one, or where all are seen', () => {
    expect(drawn({ quotes: [quote()] }).querySelector('.turning')).toBe(null);
    expect(drawn({ lay: 'row' }).querySelector('.turning')).toBe(null);
  });

  it('say what all reviews say, not these alone', () => {
    expect(textOf(drawn({ foot: { mean: 4.1, count: 1204 } }).querySelector('.whole'))).toBe(
      '4.1 of 5 stars, from 1,204 reviews',
    );
    expect(drawn({ all: false }).querySelector('.whole')).toBe(null);
  });

  it('lead to all of them where there is such a place', () => {
    const leads = (set: Partial<PickedQuotesNod['content']>, reviewsAt?: string) =>
      drawn(set, reviewsAt).querySelector('.whole a')?.getAttribute('href');
    expect(leads({})).toBe(undefined);
    expect(leads({ link: '/reviews' })).toBe('/reviews');
    expect(leads({}, '#nodyes-reviews')).toBe('#nodyes-reviews');
  });
});
