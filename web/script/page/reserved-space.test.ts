import { beforeEach, describe, expect, it } from 'vitest';
import { keepSpace } from './reserved-space';

/** jsdom lays nothing out: what a spot holds has the height that it is given here. */
function spot(name: string, height = 0): HTMLElement {
  const place = document.createElement('div');
  place.dataset['nodSpot'] = name;
  document.body.append(place);
  if (height) hold(place, height);
  return place;
}

function hold(place: HTMLElement, height: number): void {
  const child = document.createElement('p');
  child.getBoundingClientRect = () => ({ top: 10, bottom: 10 + height }) as DOMRect;
  place.append(child);
}

describe('space that is kept', () => {
  beforeEach(() => window.history.replaceState(null, '', '/products/pot'));

  it('is a line where stars mostly stand, and none elsewhere', () => {
    const stars = spot('under-title');
    const wall = spot('page-end');
    const picture = spot('on-picture');
    keepSpace();
    expect([stars, wall, picture].map((one) => one.style.minHeight)).toEqual(['24px', '', '']);
  });

  it('is as tall as it was when the page was seen before', async () => {
    const first = spot('page-end');
    const kept = keepSpace();
    hold(first, 480);
    await kept.settle(true);
    first.remove();
    const again = spot('page-end');
    keepSpace();
    expect(again.style.minHeight).toBe('480px');
  });

  it('is of that product alone', async () => {
    hold(spot('page-end'), 480);
    await keepSpace().settle(true);
    document.body.replaceChildren();
    window.history.replaceState(null, '', '/products/jar');
    const other = spot('page-end');
    keepSpace();
    expect(other.style.minHeight).toBe('');
  });

  it('is given back where nothing came, but not under a title, which would move the page', async () => {
    hold(spot('page-end'), 480);
    await keepSpace().settle(true);
    document.body.replaceChildren();
    const wall = spot('page-end');
    const stars = spot('under-title');
    await keepSpace().settle(false);
    expect(wall.hasAttribute('style')).toBe(false);
    expect(stars.style.minHeight).toBe('24px');
  });

  it('leaves the style that the shop gave the place', async () => {
    hold(spot('page-end'), 480);
    await keepSpace().settle(true);
    document.body.replaceChildren();
    const wall = spot('page-end');
    wall.style.color = 'red';
    await keepSpace().settle(true);
    expect(wall.getAttribute('style')).toBe('color: red;');
  });

  it('does without what a browser does not keep', async () => {
    sessionStorage.setItem('nodyes-space', 'not JSON');
    const stars = spot('listing-card');
    await keepSpace().settle(true);
    expect(stars.style.minHeight).toBe('24px');
  });
});
