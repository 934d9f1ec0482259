import { el } from '../../script/lib/create-element';
import type { StarLineNod } from '../../script/lib/response-types';
import { stars } from '../shared/stars';
import { number, say, sayCount } from '../shared/text';
import type { ViewContext } from '../shared/view';
import { WALL_ID } from '../shared/anchor';

/** Mean, stars and counts in one line; it leads to the reviews where they are on the page. */
export function starLine(nod: StarLineNod, context: ViewContext): Node {
  const { mean, drawn, count, verified, stars: showsStars, counted } = nod.content;
  const shown = number(context, mean, 1);
  const all = counted === 'all' || counted === 'both';
  const bought = counted === 'verified' || (counted === 'both' && verified > 0);
  const said = [
    ...(all ? [sayCount(context, 'reviews', count)] : []),
    ...(bought ? [sayCount(context, 'bought', verified)] : []),
  ].join(', ');
  const reviewsAt = said ? context.reviewsAt?.() : undefined;
  const counts =
    bought || !showsStars
      ? [said]
      : [
          el('span', { 'aria-hidden': 'true' }, `(${number(context, count)})`),
          el('span', { class: 'unseen' }, said),
        ];
  return el(
    'p',
    { class: 'star-line' },
    showsStars && stars(drawn, say(context, 'rated', { mean: shown })),
    showsStars && el('b', { 'aria-hidden': 'true' }, shown),
    said &&
      (reviewsAt?.startsWith('#')
        ? el('a', { href: reviewsAt, click: toReviews }, said)
        : reviewsAt
          ? el('a', { href: reviewsAt, class: 'soft' }, ...counts)
          : el('span', { class: 'soft' }, ...counts)),
  );
}

/** A folded list opens for whoever asks for it. */
function toReviews(event: Event): void {
  event.preventDefault();
  const wall = document.getElementById(WALL_ID);
  wall?.shadowRoot?.querySelector<HTMLElement>('.unfold[aria-expanded="false"]')?.click();
  wall?.scrollIntoView();
}
