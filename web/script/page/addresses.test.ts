import { describe, expect, it } from 'vitest';
import { nameIn, pathOf, type Addresses } from './addresses';

const SHOP: Addresses = {
  products: [
    { path: '^(?:/[a-z]{2})?/p/([^/?#]+)/?$', product: '', variant: 'v' },
    { path: '^/item/?$', product: 'id', variant: '' },
  ],
  parameters: ['v', 'id'],
  landmarks: {},
  leftOut: [],
};
const here = (path: string) => new URL(path, location.href).href;

describe('an address', () => {
  it('is told without what is nobody’s business', () => {
    expect(pathOf(here('/p/jar?v=J-1&mail=a%40b.example&utm_source=x#top'), SHOP)).toBe(
      '/p/jar?v=J-1',
    );
    expect(pathOf(here('/p/jar?mail=a@b.example'), SHOP)).toBe('/p/jar');
    expect(pathOf('mailto:a@b.example', SHOP)).toBe('');
    expect(pathOf('http://[', SHOP)).toBe('');
  });

  it('names a product where it is built as those of the shop are', () => {
    expect(nameIn(here('/p/jar'), SHOP)).toBe('jar');
    expect(nameIn(here('/en/p/caf%C3%A9-pot/'), SHOP)).toBe('café-pot');
    expect(nameIn(here('/item?id=7104'), SHOP)).toBe('7104');
    expect(nameIn(here('/p/50%-off'), SHOP)).toBe('50%-off');
    expect(nameIn(here('/about'), SHOP)).toBeUndefined();
    expect(nameIn('https://elsewhere.example/p/jar', SHOP)).toBeUndefined();
  });

  it('behind the hash is that of a page', () => {
    expect(nameIn(here('/#/p/jar'), SHOP)).toBe('jar');
    expect(pathOf(here('/#!/p/jar'), SHOP)).toBe('/p/jar');
  });
});
