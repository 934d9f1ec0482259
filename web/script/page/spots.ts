import type { AnyNod, Answer } from '../lib/response-types';
import { all, matching } from './dom';
import type { Located } from './located';
import { SPACE } from './found-space';
import { cellOf, isPicture } from './on-picture';
import type { Place } from './places';

const ON_PICTURE = 'on-picture';
const OF_PAGE = ['basket-end', 'order-end'];

/** A label lies in a corner of its picture, which is made for it where it is missing. */
export function laid(nod: AnyNod, place: Place): Place {
  if (nod.kind !== 'label') return place;
  const liesOn = nod.spot === ON_PICTURE || place.element.matches('img, picture');
  return liesOn && isPicture(place.element)
    ? { element: cellOf(place.element, nod.content.corner), side: 'inside', lies: true }
    : place;
}

/** The place of a nod on this page: by attribute, where the owner pointed, or where it was found. */
export function placeOf(nod: AnyNod, answer: Answer, located: Located): Place | undefined {
  const marks = all(`[data-nod-spot="${nod.spot}"]`);
  // what is of the page as a whole is of none of its products
  const marked = OF_PAGE.includes(nod.spot)
    ? marks[0]
    : marks.find((element) => located.productOf(element) === nod.product);
  if (marked) return { element: marked, side: 'inside' };
  // the screen's edge is on every page
  if (nod.spot === 'screen-edge') return { element: document.body, side: 'inside' };
  const pointed = answer.spots.find((spot) => spot.spot === nod.spot);
  const element =
    pointed &&
    matching(pointed.selector).find((candidate) => located.productOf(candidate) === nod.product);
  return element
    ? { element, side: pointed.side as Place['side'] }
    : located.placeOf(nod.spot, nod.product);
}

/** What a nod in this place stands in, whose words and ground it is to be read beside. */
export function around({ element, side }: Place): Element {
  const holds = side === 'inside' && !element.matches('img, picture');
  return holds ? element : (element.parentElement ?? element);
}

/**
 * Puts an element in its place, behind the one that was put there before it; where it is already, it
 * stays, so that a shopper's focus does. It takes the room that was kept for it.
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
  for (const beside of [element.previousElementSibling, element.nextElementSibling])
    if (beside?.localName === SPACE) beside.remove();
}
