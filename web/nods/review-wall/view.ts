import { el } from '../../script/lib/el';
import type { Review, ReviewWallNod } from '../../script/page/answer';
import { stars } from '../draw/stars';
import { number, say, sayCount } from '../draw/words';
import type { ViewContext, Wanted } from '../view';
import { entry } from './entry';
import { pageLinks } from './pages';
import { choosing, type Choosing } from './choosing';

type Content = ReviewWallNod['content'];

export const EVERYTHING: Wanted = {
  page: 1,
  order: 'NEWEST',
  stars: [],
  pictured: false,
  bought: false,
  language: undefined,
  variant: undefined,
  words: '',
};

/** Summary, histogram, and the reviews a page at a time, of those that a reader asks for. */
export function reviewWall(nod: ReviewWallNod, context: ViewContext): Node {
  const { content } = nod;
  const entries = el('ol', { class: 'entries' });
  const links = el('div');
  const status = el('p', { role: 'status', class: 'soft status' });
  let wanted = EVERYTHING;
  let shown = EVERYTHING;
  let asked = 0;

  const draw = (reviews: Review[], page: number, pages: number) => {
    entries.replaceChildren(...reviews.map((review) => entry(review, context)));
    links.replaceChildren(
      ...(pages > 1 ? [pageLinks(page, pages, context, (next) => turn(next))] : []),
    );
  };
  const ask = async (next: Wanted): Promise<boolean> => {
    const mine = ++asked;
    wanted = next;
    parts.show(wanted);
    wall.setAttribute('aria-busy', 'true');
    try {
      const found = await context.more(wanted, content.perPage);
      if (mine !== asked) return false; // a later wish is on its way
      draw(found.reviews, found.page, found.pages);
      shown = wanted;
      status.replaceChildren(...(isAll(wanted) ? [] : saidOf(found.total)));
    } catch {
      if (mine !== asked) return false;
      status.textContent = say(context, 'failed');
      // what is pressed is what is seen
      wanted = shown;
      parts.show(shown);
    }
    wall.removeAttribute('aria-busy');
    return true;
  };
  const choose = (change: Partial<Wanted>) => void ask({ ...wanted, ...change, page: 1 });
  const turn = (page: number) =>
    void ask({ ...wanted, page }).then((isDrawn) => {
      if (!isDrawn) return;
      wall.scrollIntoView();
      links.querySelector<HTMLElement>('[aria-current]')?.focus({ preventScroll: true });
    });
  const saidOf = (total: number) => [
    el('span', {}, total === 0 ? say(context, 'none') : sayCount(context, 'found', total)),
    el(
      'button',
      {
        type: 'button',
        class: 'plain',
        click: () => choose({ ...EVERYTHING, order: wanted.order }),
      },
      say(context, 'all'),
    ),
  ];

  const parts = choosing(content, context, choose);
  const wall = el(
    'section',
    { class: 'wall', 'aria-labelledby': 'wall-heading' },
    el('h2', { id: 'wall-heading' }, say(context, 'heading')),
    el(
      'div',
      { class: 'wall-parts' },
      summary(content, context, parts),
      el('div', {}, parts.bar, status, entries, links),
    ),
  );
  draw(content.first, 1, Math.ceil(content.count / content.perPage));
  return wall;
}

/** Whether nothing is left out, whatever the order. */
const isAll = (wanted: Wanted) =>
  JSON.stringify({ ...wanted, page: 1, order: 'NEWEST' }) === JSON.stringify(EVERYTHING);

function summary(content: Content, context: ViewContext, parts: Choosing): HTMLElement {
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
    el('ul', { class: 'histogram' }, ...parts.stars.map((star) => el('li', {}, star))),
  );
}
