import { describe, expect, it, vi } from 'vitest';
import type { ViewContext } from '../shared/view';
import { pageLinks } from './pages';

const CONTEXT = {
  language: 'en',
  words: { pages: 'Pages', page: 'Page {n}', previous: 'Previous', next: 'Next' },
  own: {},
} as unknown as ViewContext;

const links = (page: number, pages: number, go = vi.fn<(page: number) => void>()) => {
  const nav = pageLinks(page, pages, CONTEXT, go);
  document.body.append(nav);
  return { nav, go, text: [...nav.childNodes].map((one) => one.textContent).join(' ') };
};

describe('the way through the pages', () => {
  it.each([
    [1, 1, 'Previous 1 Next'],
    [1, 2, 'Previous 1 2 Next'],
    [1, 9, 'Previous 1 2 … 9 Next'],
    [5, 9, 'Previous 1 … 4 5 6 … 9 Next'],
    [9, 9, 'Previous 1 … 8 9 Next'],
    [3, 5, 'Previous 1 2 3 4 5 Next'],
  ])('on page %i of %i reads "%s"', (page, pages, text) => {
    expect(links(page, pages).text).toBe(text);
  });

  it('names the page that is read', () => {
    const { nav } = links(5, 9);
    expect(nav.querySelector('[aria-current=page]')?.getAttribute('aria-label')).toBe('Page 5');
  });

  it('goes where it is pressed, and nowhere at its ends or where one is already', () => {
    const { nav, go } = links(1, 3);
    nav.querySelectorAll('button').forEach((button) => button.click());
    expect(go.mock.calls).toEqual([[2], [3], [2]]);
    expect(nav.querySelector('button')?.getAttribute('aria-disabled')).toBe('true');
  });
});
