import { afterEach, describe, expect, it, vi } from 'vitest';
import { keepFoundSpace } from './found-space';

const PAGE = '<main><h1>Jar</h1><p>9.00</p></main>';
const spaces = () =>
  [...document.querySelectorAll<HTMLElement>('nod-space')].map((space) => [
    space.previousElementSibling?.localName ?? space.parentElement?.localName,
    space.style.height,
  ]);

/** Each nod is 24 pixels tall, one under the other. */
const tall = () =>
  vi.spyOn(Element.prototype, 'getBoundingClientRect').mockImplementation(function (this: Element) {
    const top = 24 * [...(this.parentElement?.children ?? [])].indexOf(this);
    return { top, bottom: top + 24 } as DOMRect;
  });

describe('the space of what stood on a page before', () => {
  afterEach(() => {
    vi.restoreAllMocks();
    sessionStorage.clear();
    document.body.innerHTML = '';
  });

  it('is kept behind what it stood behind, all nods of a place together', async () => {
    tall();
    document.body.innerHTML = PAGE;
    const first = keepFoundSpace();
    expect(spaces()).toEqual([]);
    document
      .querySelector('h1')
      ?.insertAdjacentHTML('afterend', '<nod-yes></nod-yes><nod-yes></nod-yes>');
    document.querySelector('main')?.insertAdjacentHTML('beforeend', '<nod-yes></nod-yes>');
    await first.settle(true);
    document.body.innerHTML = PAGE;
    const again = keepFoundSpace();
    expect(spaces()).toEqual([
      ['h1', '48px'],
      ['p', '24px'],
    ]);
    await again.settle(true);
    expect(spaces()).toEqual([]);
  });

  it('is not kept for what is marked, lies on a picture or stands at the edge', async () => {
    tall();
    document.body.innerHTML =
      '<p data-nod-spot="under-title"><nod-yes></nod-yes></p><nod-yes data-lies></nod-yes>' +
      '<nod-yes data-spot="screen-edge"></nod-yes>';
    await keepFoundSpace().settle(true);
    document.body.innerHTML = PAGE;
    keepFoundSpace();
    expect(spaces()).toEqual([]);
  });

  it('is not known of a page whose answer never came', async () => {
    document.body.innerHTML = PAGE;
    await keepFoundSpace().settle(false);
    expect(keepFoundSpace().isKnown).toBe(false);
    await keepFoundSpace().settle(true);
    expect(keepFoundSpace().isKnown).toBe(true);
  });

  it('is none on a page that was built anew', async () => {
    tall();
    document.body.innerHTML = '<div><div><i></i><nod-yes></nod-yes><b></b></div></div>';
    await keepFoundSpace().settle(true);
    document.body.innerHTML = '<p>Something else</p>';
    keepFoundSpace();
    expect(spaces()).toEqual([]);
  });
});
