import type { AnyNod, Answer } from '../lib/response-types';
import { cellOf, isPicture } from './on-picture';

/** Where a nod goes: the element it is put in, before or after. */
interface Place {
  element: Element;
  side: 'before' | 'after' | 'inside';
  /** over a picture, where it takes no room */
  lies?: boolean;
}

const ON_PICTURE = 'on-picture';
const OF_PAGE = ['basket-end', 'order-end'];

/** The place of a nod on this page: by attribute, or where the owner pointed. */
export function placeOf(nod: AnyNod, answer: Answer): Place | undefined {
  const place = foundOf(nod, answer);
  if (!place || nod.kind !== 'label') return place;
  const liesOn = nod.spot === ON_PICTURE || place.element.matches('img, picture');
  return liesOn && isPicture(place.element)
    ? { element: cellOf(place.element, nod.content.corner), side: 'inside', lies: true }
    : place;
}

function foundOf(nod: AnyNod, answer: Answer): Place | undefined {
  // what is of the page as a whole is of none of its products
  const whole =
    OF_PAGE.includes(nod.spot) && document.querySelector(`[data-nod-spot="${nod.spot}"]`);
  if (whole) return { element: whole, side: 'inside' };
  const marked = [...document.querySelectorAll(`[data-nod-spot="${nod.spot}"]`)].find(
    (element) => productOf(element) === nod.product,
  );
  if (marked) return { element: marked, side: 'inside' };
  // the screen's edge is on every page
  if (nod.spot === 'screen-edge') return { element: document.body, side: 'inside' };
  const pointed = answer.spots.find((spot) => spot.spot === nod.spot);
  if (!pointed) return undefined;
  const element = [...document.querySelectorAll(pointed.selector)].find((candidate) => {
    const product = productOf(candidate);
    return product === nod.product;
  });
  return element && { element, side: pointed.side as Place['side'] };
}

function productOf(element: Element): string | null | undefined {
  return element.closest('[data-nod-product]')?.getAttribute('data-nod-product');
}

/**
 * Puts an element in its place, behind the one that was put there before it; where it is already, it
 * stays, so that a shopper's focus does.
 */
export function put(place: Place, element: Element, last: Map<Element, Element>): void {
  const { element: host, side } = place;
  const before = last.get(host);
  last.set(host, element);
  if (before) {
    if (before.nextElementSibling !== element) before.after(element);
  } else if (side === 'before') {
    if (element.nextElementSibling !== host) host.before(element);
  } else if (side === 'after') {
    if (element.previousElementSibling !== host) host.after(element);
  } else if (element.parentElement !== host) host.append(element);
}
