import { el } from '../../script/lib/el';
import type { Review, ReviewWallNod } from '../../script/page/answer';
import { stars } from '../draw/stars';
import { number, say, sayCount } from '../draw/words';
import type { ViewContext } from '../view';
import { entry } from './entry';
import { pageLinks } from './pages';

type Content = ReviewWallNod['content'];

/** Summary, histogram, and the reviews a page at a time. */
export function reviewWall(nod: ReviewWallNod, context: ViewContext): Node {
  const { content } = nod;
  const pages = Math.ceil(content.count / content.perPage);
  const entries = el('ol', { class: 'entries' });
  const links = el('div');
  const status = el('p', { role: 'status', class: 'soft' });
  const wall = el(
    'section',
    { class: 'wall', 'aria-labelledby': 'wall-heading' },
    el('h2', { id: 'wall-heading' }, say(context, 'heading')),
    el(
      'div',
      { class: 'wall-parts' },
      summary(content, context),
      el('div', {}, entries, status, links),
    ),
  );

  const draw = (reviews: Review[], page: number) => {
    entries.replaceChildren(...reviews.map((review) => entry(review, context)));
    if (pages > 1) links.replaceChildren(pageLinks(page, pages, context, (next) => void go(next)));
  };
  const go = async (page: number) => {
    wall.setAttribute('aria-busy', 'true');
    status.textContent = '';
    try {
      const found = await context.more(page, content.perPage);
      draw(found.reviews, found.page);
      wall.scrollIntoView();
      links.querySelector<HTMLElement>('[aria-current]')?.focus({ preventScroll: true });
    } catch {
      status.textContent = say(context, 'failed');
    }
    wall.removeAttribute('aria-busy');
  };
  draw(content.first, 1);
  return wall;
}

function summary(content: Content, context: ViewContext): HTMLElement {
  const mean = number(context, content.mean, 1);
  return el(
    'div',
    { class: 'summary' },
    el(
      'div',
      { class: 'mean' },
      el('strong', { 'aria-hidden': 'true' }, mean),
      stars(content.drawn, say(context, 'rated', { mean })),
      el('span', { class: 'soft' }, sayCount(context, 'from', content.count)),
    ),
    el('p', { class: 'soft' }, sayCount(context, 'checked', content.verified)),
    el('ul', { class: 'histogram' }, ...[5, 4, 3, 2, 1].map((star) => bar(star, content, context))),
  );
}

function bar(star: number, content: Content, context: ViewContext): HTMLElement {
  const count = content.counts[star - 1] ?? 0;
  const line = el('i', { 'aria-hidden': 'true' });
  line.style.setProperty('--share', String(content.percentages[star - 1] ?? 0));
  return el(
    'li',
    {},
    el('span', {}, sayCount(context, 'stars', star)),
    line,
    el('span', {}, number(context, count)),
  );
}
