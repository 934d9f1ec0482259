import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { findCards } from './cards';
import { Places } from './places';
import { readSigns } from './signs';
import type { Addresses } from './addresses';

const SHOP: Addresses = {
  products: [{ path: '^/p/([^/?#]+)/?$', product: '', variant: '' }],
  parameters: [],
  landmarks: {},
  leftOut: [],
};
const pointed = (landmarks: Addresses['landmarks']): Addresses => ({ ...SHOP, landmarks });
const page = (html: string) => {
  document.body.innerHTML = html;
};
const textAt = (landmarks: Addresses['landmarks'], spot: string) =>
  new Places([], landmarks).ofPage(spot)?.element.textContent;

/** What the owner pointed at goes before what is found. */
describe('a landmark that was pointed at', () => {
  beforeEach(() => {
    // nothing is laid out here, and so nothing says that it is seen
    Object.assign(Element.prototype, { checkVisibility: () => true });
  });
  afterEach(() => {
    Reflect.deleteProperty(Element.prototype, 'checkVisibility');
    document.body.innerHTML = '';
  });

  it('is where nods go', () => {
    page(
      '<main><h1>Our shop</h1><p class="name">Jar</p><p>€ 1.00 a month</p><p class="cost">€ 9.00</p>' +
        '<button>Buy a voucher</button><a class="go">Take it</a></main>',
    );
    expect(textAt({}, 'under-title')).toBe('Our shop');
    expect(textAt({ TITLE: '.name' }, 'under-title')).toBe('Jar');
    expect(textAt({}, 'under-price')).toBe('€ 1.00 a month');
    expect(textAt({ PRICE: '.cost' }, 'under-price')).toBe('€ 9.00');
    expect(textAt({ BUY: '.go' }, 'above-buy')).toBe('Take it');
  });

  it('that the page does not have, or that cannot be read, is found as before', () => {
    page('<main><h1>Jar</h1></main>');
    expect(textAt({ TITLE: '.gone' }, 'under-title')).toBe('Jar');
    expect(textAt({ TITLE: '<<' }, 'under-title')).toBe('Jar');
  });

  it('tells what a card is: what is not like it is none', () => {
    page(
      '<div class="grid"><div class="card"><a href="/p/jar">Jar</a> €9</div>' +
        '<div class="card"><a href="/p/pot">Pot</a> €8</div></div>' +
        '<aside><p><a href="/p/can">Can</a> €7</p></aside>',
    );
    const names = (addresses: Addresses) => findCards(addresses, []).map(({ name }) => name);
    expect(names(SHOP)).toEqual(['jar', 'pot', 'can']);
    expect(names(pointed({ CARD: '.grid > .card' }))).toEqual(['jar', 'pot']);
    expect(
      findCards(pointed({ CARD: '.grid > .card' }), []).map(({ element }) => element.className),
    ).toEqual(['card', 'card']);
  });

  it('is not needed for the price of a card, which is found in it', () => {
    page('<ul><li id="jar"><a href="/p/jar">Jar</a><p><s>€ 12.00</s> <b>€ 9.00</b></p></li></ul>');
    const card = document.querySelector('li')!;
    const place = new Places([{ name: 'jar', element: card }], {}).ofCard('under-price', card);
    expect([place?.element.localName, place?.side]).toEqual(['p', 'after']);
  });

  it.each([
    ['a choice', '<select class="v"><option>S-1<option selected>S-2</select>', '.v'],
    [
      'one of several',
      '<input type="radio" name="v" value="S-1"><input type="radio" name="v" value="S-2" checked>',
      '[name=v]',
    ],
    ['a field that is hidden', '<input type="hidden" id="v" value="S-2">', '#v'],
    ['what stands around it', '<p id="v"><select><option selected>S-2</select></p>', '#v'],
  ])('says the variant: %s', (_, html, selector) => {
    page(html);
    const asked = Object.fromEntries(readSigns(pointed({ VARIANT: selector })).query);
    expect(asked['variant']).toBe('S-2');
  });
});
