import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Addresses } from '../page/addresses';
import { Located } from '../page/located';
import { readPage, type Means } from '../page/reading';
import { recognition } from '../page/recognition';
import { readLesson } from './teaching';

const SHOP: Addresses = {
  products: [{ path: '^/p/([^/?#]+)/?$', product: '', variant: '' }],
  parameters: [],
  landmarks: {},
  leftOut: [],
};
const LISTING =
  '<main><h1>Pots</h1><ul>' +
  '<li class="good"><a href="/p/slate-pot"><b>Slate pot</b></a><p>€ 21.00</p></li>' +
  '<li class="good"><a href="/p/4410">A pot</a><p>€ 9.00</p></li>' +
  '<li class="good"><a href="/gift">A voucher</a><p>€ 50.00</p></li></ul></main>';

/** What the page tells the owner who teaches it. */
describe('a lesson', () => {
  beforeEach(() => {
    Object.assign(Element.prototype, { checkVisibility: () => true });
    // names here need no escape, which is not there either
    vi.stubGlobal('CSS', { escape: (name: string) => name });
  });
  afterEach(() => {
    Reflect.deleteProperty(Element.prototype, 'checkVisibility');
    vi.unstubAllGlobals();
    document.body.innerHTML = '';
  });
  const lesson = (html: string, addresses: Addresses) => {
    document.body.innerHTML = html;
    const means: Means = { recognition, addresses };
    const page = { kind: 'listing', cards: { 'slate-pot': 'slate-pot' } };
    const located = new Located(readPage(means), page, means);
    return readLesson(located, ['under-title', 'under-price']).taught;
  };
  const states = (html: string, addresses: Addresses) =>
    lesson(html, addresses).cards.map(({ text, state }) => `${text}: ${state}`);

  it('names what is known by its link, and what names nothing that is sold', () => {
    expect(states(LISTING, SHOP)).toEqual(['Slate pot € 21.00: found', 'A pot € 9.00: unknown']);
    const [card] = lesson(LISTING, SHOP).cards;
    expect(card).toMatchObject({ name: 'slate-pot', link: '/p/slate-pot', product: 'slate-pot' });
    expect(card?.spots).toEqual(['listing-card', 'under-price']);
  });

  it('has what looks like a card and leads to no product, in page order', () => {
    const pointed = { ...SHOP, landmarks: { CARD: 'ul > li.good' } };
    expect(states(LISTING, pointed)[2]).toBe('A voucher € 50.00: no-product');
  });

  it('leaves out by a selector of that card alone, and takes in by the same', () => {
    const [, pot] = lesson(LISTING, SHOP).cards;
    const selector = pot?.selector ?? '';
    expect([...document.querySelectorAll(selector)].map((one) => one.textContent)).toEqual([
      'A pot€ 9.00',
    ]);
    const out = lesson(LISTING, { ...SHOP, leftOut: [selector] }).cards;
    expect(out.map(({ state }) => state)).toEqual(['found', 'left-out']);
    expect(out[1]?.selector).toBe(selector);
  });

  it('has the cards that a page marks itself, with the places that it marks', () => {
    document.body.innerHTML =
      '<main data-nod-page="listing"><article data-nod-product="jar"><a href="/jar">Jar</a>' +
      '<i data-nod-spot="listing-card"></i></article></main>';
    const means: Means = { recognition: undefined, addresses: SHOP };
    const { taught } = readLesson(new Located(readPage(means), undefined, means), []);
    expect(taught.isMarked).toBe(true);
    expect(taught.cards).toMatchObject([
      { state: 'found', name: 'jar', link: '/jar', spots: ['listing-card'] },
    ]);
  });

  it('says where nods stand on a page that says by marks what it is', () => {
    const html =
      '<main data-nod-page="product" data-nod-product="jar"><h1>Jar</h1><p>€ 9.00</p></main>';
    document.body.innerHTML = html;
    const means: Means = { recognition, addresses: SHOP };
    const { taught, places } = readLesson(new Located(readPage(means), undefined, means), [
      'under-title',
      'under-price',
    ]);
    expect(taught.isMarked).toBe(true);
    expect(taught.landmarks).toEqual([
      { landmark: 'TITLE', text: 'Jar' },
      { landmark: 'PRICE', text: '€ 9.00' },
    ]);
    expect(places.map(({ element }) => element.localName)).toEqual(['h1', 'p']);
  });
});
