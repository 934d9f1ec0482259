import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import cases from '../../tests/cases/places.csv?raw';
import { Places } from './places';

const rows = cases
  .trim()
  .split('\n')
  .slice(1)
  .map((row) => /^(\w+),"?(.*?)"?,(yes|no)$/.exec(row)!.slice(1) as [string, string, string]);

/** What buttons and prices say: the server reads the same table, for the pages that it looks at. */
describe('a place is found by what stands there', () => {
  beforeEach(() => {
    Object.assign(Element.prototype, { checkVisibility: () => true });
  });
  afterEach(() => {
    Reflect.deleteProperty(Element.prototype, 'checkVisibility');
    document.body.innerHTML = '';
  });

  it.each(rows)('%s: %s, %s', (what, text, found) => {
    const element = document.createElement(what === 'buy' ? 'button' : 'p');
    element.textContent = text;
    document.body.innerHTML = '<main><h1>Jar</h1></main>';
    document.querySelector('main')!.append(element);
    const place = new Places([], {}).ofPage(what === 'buy' ? 'above-buy' : 'under-price');
    expect(place?.element).toBe(found === 'yes' ? element : undefined);
  });
});
