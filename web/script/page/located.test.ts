import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Located } from './located';
import { readContext } from './context';
import type { Means, Reading } from './reading';
import { UNKNOWN } from './addresses';
import { recognition } from './recognition';

const MEANS: Means = { recognition: undefined, addresses: UNKNOWN };
const REVIEWS = '#nodyes-reviews';
const marked = (): Reading => ({ context: readContext(), signs: undefined, key: '' });
const at = (selector: string) => ({
  element: document.querySelector(selector)!,
  side: 'inside' as const,
});

/** A page that says nothing itself, known for a product with the cards of others. */
function known(html: string): Located {
  document.body.innerHTML = html;
  const cards = [...document.querySelectorAll('article')].map((element) => ({
    name: element.id,
    element,
  }));
  return new Located(
    { context: undefined, signs: { about: '', query: [], cards }, key: '' },
    { kind: 'product', product: 'jar', cards: { 4410: 'slate-pot' } },
    MEANS,
  );
}

describe('the way to the reviews', () => {
  afterEach(() => {
    document.body.innerHTML = '';
  });

  it('is on the page of the product, whoever says that it is one', () => {
    const page = known('<h1>Jar</h1>');
    expect(page.reviewsAt('jar', at('h1'))).toBe(REVIEWS);
    document.body.innerHTML = '<main data-nod-page="product" data-nod-product="jar"></main>';
    expect(new Located(marked(), undefined, MEANS).reviewsAt('jar', at('main'))).toBe(REVIEWS);
  });

  it('is on the page of its own for a card beside the product', () => {
    const page = known(
      '<article id="4410"><a href="#top"></a><a href="https://shop.example/p/4410#more">Pot</a><p></p></article>',
    );
    expect(page.reviewsAt('slate-pot', at('p'))).toBe(`https://shop.example/p/4410${REVIEWS}`);
    document.body.innerHTML =
      '<main data-nod-page="product"><h1 data-nod-product="jar"></h1>' +
      '<article data-nod-product="pot"><a href="https://shop.example/pot">Pot</a><p></p></article></main>';
    const both = new Located(marked(), undefined, MEANS);
    expect(both.reviewsAt('pot', at('p'))).toBe(`https://shop.example/pot${REVIEWS}`);
  });

  it('is none in a card that is a link: a link in a link is none', () => {
    document.body.innerHTML = '<a href="/p/4410" data-nod-product="slate-pot"><p></p></a>';
    expect(new Located(marked(), undefined, MEANS).reviewsAt('slate-pot', at('p'))).toBe(undefined);
  });
});

describe('a page that says what it is, but marks no place', () => {
  beforeEach(() => {
    Object.assign(Element.prototype, { checkVisibility: () => true });
  });
  afterEach(() => {
    Reflect.deleteProperty(Element.prototype, 'checkVisibility');
    document.body.innerHTML = '';
  });
  const found: Means = { recognition, addresses: UNKNOWN };
  const HTML =
    '<main data-nod-page="product"><section data-nod-product="jar"><h1>Jar</h1><p>€ 9.00</p></section>' +
    '<article data-nod-product="pot"><a href="/pot">Pot</a></article>';

  it('has the places that were found on it', () => {
    document.body.innerHTML = `${HTML}</main>`;
    const page = new Located(marked(), undefined, found);
    expect(page.placeOf('under-title', 'jar')?.element.localName).toBe('h1');
    expect(page.placeOf('listing-card', 'pot')?.element.closest('article')).toBeTruthy();
    expect(page.spots(['under-title', 'under-price'])).toEqual(['under-title', 'under-price']);
  });

  it('has none but its own as soon as it marks one', () => {
    document.body.innerHTML = `${HTML}<p data-nod-spot="page-end"></p></main>`;
    const page = new Located(marked(), undefined, found);
    expect(page.placeOf('under-title', 'jar')).toBe(undefined);
    expect(page.spots(['under-title', 'under-price'])).toEqual(['page-end']);
  });
});
