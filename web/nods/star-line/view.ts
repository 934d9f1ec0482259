import { el } from '../../script/lib/el';
import type { StarLineNod } from '../../script/page/answer';
import { stars } from '../draw/stars';
import { number, say, sayCount } from '../draw/words';
import type { ViewContext } from '../view';
import { WALL_ID } from '../review-wall/anchor';

/** Mean, stars and number of reviews in one line; it leads to the reviews where they are on the page. */
export function starLine(nod: StarLineNod, context: ViewContext): Node {
  const { mean, drawn, count } = nod.content;
  const shown = number(context, mean, 1);
  const counted = sayCount(context, 'reviews', count);
  const wall = () => document.getElementById(WALL_ID);
  const leads = document.querySelector('[data-nod-page="product"]');
  return el(
    'p',
    { class: 'star-line' },
    stars(drawn, say(context, 'rated', { mean: shown })),
    el('b', { 'aria-hidden': 'true' }, shown),
    leads
      ? el(
          'a',
          {
            href: `#${WALL_ID}`,
            click: (event) => {
              event.preventDefault();
              wall()?.scrollIntoView();
            },
          },
          counted,
        )
      : el(
          'span',
          { class: 'soft' },
          el('span', { 'aria-hidden': 'true' }, `(${number(context, count)})`),
          el('span', { class: 'unseen' }, counted),
        ),
  );
}
