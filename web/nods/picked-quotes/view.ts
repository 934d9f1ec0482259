import { el } from '../../script/lib/create-element';
import type { PickedQuotesNod } from '../../script/lib/response-types';
import { arrowTo } from '../shared/arrows';
import { stars } from '../shared/stars';
import { number, say, sayCount } from '../shared/text';
import { WALL_ID } from '../shared/anchor';
import type { ViewContext } from '../shared/view';
import { quoteOf } from './quote';

type Content = PickedQuotesNod['content'];

/** A few reviews that take turns or stand side by side, with what all reviews say under them. */
export function pickedQuotes(nod: PickedQuotesNod, context: ViewContext): Node {
  const { content } = nod;
  const { lay } = content;
  const items = content.quotes.map((quote) => el('li', {}, quoteOf(quote, context)));
  const list = el(
    'ul',
    { class: 'quotes', 'data-lay': lay, tabindex: lay === 'row' ? -1 : 0 },
    ...items,
  );
  const areBeside = lay === 'carousel' || lay === 'row';
  list.style.setProperty('--in-view', String(areBeside ? content.inView : 1));
  list.style.setProperty('--in-view-narrow', String(areBeside ? content.inViewNarrow : 1));
  const controls =
    lay === 'row' || items.length < 2 ? undefined : turning(list, items, content, context);
  return el(
    'section',
    { class: 'picked', 'aria-label': say(context, 'label') },
    list,
    controls,
    foot(content, context),
  );
}

/** Arrows, dots, and time; a reader who points at it, is in it, or stops it, is not hurried. */
function turning(
  list: HTMLElement,
  items: HTMLElement[],
  content: Content,
  context: ViewContext,
): HTMLElement {
  let at = 0;
  let isStopped = matchMedia('(prefers-reduced-motion: reduce)').matches;
  let isHeld = false;
  const dots = content.dots
    ? items.map((_, n) =>
        el('button', {
          type: 'button',
          class: 'dot',
          'aria-label': say(context, 'turn', { n: n + 1, of: items.length }),
          click: () => go(n),
        }),
      )
    : [];
  const place = el('span', { class: 'unseen', role: 'status' });
  const show = () => dots.forEach((dot, n) => dot.setAttribute('aria-current', String(n === at)));
  const go = (n: number, isByHand = true) => {
    at = (n + items.length) % items.length;
    const item = items[at];
    // the list alone moves, never the page
    if (item) list.scrollTo({ left: item.offsetLeft - list.offsetLeft, behavior: calm() });
    if (isByHand) place.textContent = say(context, 'turn', { n: at + 1, of: items.length });
    show();
  };
  const step = (name: 'previous' | 'next', by: number) =>
    el(
      'button',
      { type: 'button', class: 'step', 'aria-label': say(context, name), click: () => go(at + by) },
      arrowTo(name, context) ?? arrowTo(name, { ...context, arrow: 'angle' }),
    );
  const stop = el('button', {
    type: 'button',
    class: 'plain stop',
    click: () => {
      isStopped = !isStopped;
      name();
    },
  });
  const name = () => (stop.textContent = say(context, isStopped ? 'go' : 'stop'));
  if (content.seconds > 0) {
    const timer = setInterval(() => {
      if (!list.isConnected) clearInterval(timer);
      else if (!isStopped && !isHeld && !document.hidden) go(at + 1, false);
    }, content.seconds * 1000);
    const hold = (held: boolean) => () => (isHeld = held);
    list.addEventListener('pointerenter', hold(true));
    list.addEventListener('pointerleave', hold(false));
    list.addEventListener('focusin', hold(true));
    list.addEventListener('focusout', hold(false));
  }
  list.addEventListener('scrollend', () => {
    const nearest = items.reduce(
      (best, item, n) =>
        Math.abs(item.offsetLeft - list.offsetLeft - list.scrollLeft) <
        Math.abs((items[best]?.offsetLeft ?? 0) - list.offsetLeft - list.scrollLeft)
          ? n
          : best,
      0,
    );
    at = nearest;
    show();
  });
  name();
  show();
  return el(
    'div',
    { class: 'turning' },
    content.arrows && step('previous', -1),
    ...dots,
    content.arrows && step('next', 1),
    content.seconds > 0 && stop,
    place,
  );
}

const calm = () =>
  matchMedia('(prefers-reduced-motion: reduce)').matches ? ('auto' as const) : ('smooth' as const);

/** What all reviews say, not these alone. */
function foot({ foot: whole, all, link }: Content, context: ViewContext): HTMLElement | undefined {
  const leads = all && (!!link || context.reviewsAt?.()?.startsWith('#'));
  if (!whole && !leads) return undefined;
  const mean = whole ? number(context, whole.mean, 1) : '';
  return el(
    'p',
    { class: 'whole' },
    whole && stars(whole.mean, say(context, 'rated', { mean })),
    whole && el('span', {}, sayCount(context, 'foot', whole.count, { mean })),
    leads &&
      el(
        'a',
        link
          ? { href: link, rel: 'noopener' }
          : {
              href: `#${WALL_ID}`,
              click: (event: Event) => {
                event.preventDefault();
                document.getElementById(WALL_ID)?.scrollIntoView();
              },
            },
        say(context, 'all'),
      ),
  );
}
