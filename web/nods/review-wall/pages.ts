import { el } from '../../script/lib/create-element';
import { number, say } from '../shared/text';
import { arrowTo } from '../shared/arrows';
import type { ViewContext } from '../shared/view';

/** First, last, this one and its neighbours; gaps are left out. */
function numbers(page: number, pages: number): number[] {
  const near = [1, page - 1, page, page + 1, pages];
  return [...new Set(near)].filter((n) => n >= 1 && n <= pages).sort((a, b) => a - b);
}

/** The way through the pages of reviews. */
export function pageLinks(
  page: number,
  pages: number,
  context: ViewContext,
  go: (page: number) => void,
): HTMLElement {
  const button = (text: string | Element, to: number, more: Record<string, string> = {}) => {
    const off = to < 1 || to > pages;
    return el(
      'button',
      { type: 'button', ...more, 'aria-disabled': off, click: () => !off && to !== page && go(to) },
      text,
    );
  };
  const nav = el('nav', { class: 'pages', 'aria-label': say(context, 'pages') });
  const step = (name: 'previous' | 'next', to: number) => {
    const words = say(context, name);
    const arrow = arrowTo(name, context);
    return arrow ? button(arrow, to, { 'aria-label': words }) : button(words, to);
  };
  nav.append(step('previous', page - 1));
  let last = 0;
  for (const n of numbers(page, pages)) {
    if (n > last + 1) nav.append('…');
    nav.append(
      button(number(context, n), n, {
        'aria-label': say(context, 'page', { n }),
        ...(n === page ? { 'aria-current': 'page' } : {}),
      }),
    );
    last = n;
  }
  nav.append(step('next', page + 1));
  return nav;
}
