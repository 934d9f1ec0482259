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
  const isOnItsPage = !!document.querySelector('[data-nod-page="product"]');
  const page = isOnItsPage ? undefined : pageOf(nod);
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
      (isOnItsPage
        ? el('a', { href: `#${WALL_ID}`, click: toReviews }, said)
        : page
          ? el('a', { href: `${page}#${WALL_ID}`, class: 'soft' }, ...counts)
          : el('span', { class: 'soft' }, ...counts)),
  );
}

/** Where a card or a line of the basket leads; nothing where all of it is a link already. */
function pageOf({ product, spot }: StarLineNod): string | undefined {
  const of = `[data-nod-product="${product}"]`;
  if (document.querySelector(`${of} [data-nod-spot="${spot}"]`)?.closest('a')) return undefined;
  const link = document.querySelector<HTMLAnchorElement>(`${of} a[href]`);
  return link?.href.split('#')[0];
}

/** A folded list opens for whoever asks for it. */
function toReviews(event: Event): void {
  event.preventDefault();
  const wall = document.getElementById(WALL_ID);
  wall?.shadowRoot?.querySelector<HTMLElement>('.unfold[aria-expanded="false"]')?.click();
  wall?.scrollIntoView();
}
