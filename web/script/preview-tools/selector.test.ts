import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { selectorOfLike } from './selector';

/** What is like what was pointed at. */
describe('a selector for all that are alike', () => {
  beforeEach(() => {
    // names here need no escape, which is not there either
    vi.stubGlobal('CSS', { escape: (name: string) => name });
  });
  afterEach(() => {
    vi.unstubAllGlobals();
    document.body.innerHTML = '';
  });
  const like = (html: string, at: string) => {
    document.body.innerHTML = html;
    return selectorOfLike(document.querySelector(at)!);
  };

  it('is of the innermost that stand beside each other, each with a link', () => {
    const html =
      '<ul class="goods"><li class="good"><a href="/1"><img></a><p>One</p></li>' +
      '<li class="good"><a href="/2"><img></a><p>Two</p></li></ul>';
    expect(like(html, 'img')).toBe('ul.goods > li.good');
    expect(like(html, 'p')).toBe('ul.goods > li.good');
    expect(document.querySelectorAll('ul.goods > li.good')).toHaveLength(2);
  });

  it('is none where nothing beside it is like it', () => {
    expect(like('<main><h1>Jar</h1><p>Text</p></main>', 'h1')).toBe(undefined);
    // beside each other, but leading nowhere
    expect(like('<main><p>One</p><p>Two</p></main>', 'p')).toBe(undefined);
  });
});
