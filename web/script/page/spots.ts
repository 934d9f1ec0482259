import type { AnyNod, Answer } from './answer';

/** Where a nod goes: the element it is put in, before or after. */
interface Place {
  element: Element;
  side: 'before' | 'after' | 'inside';
}

/** The place of a nod on this page: by attribute, or where the owner pointed. */
export function placeOf(nod: AnyNod, answer: Answer): Place | undefined {
  const marked = [...document.querySelectorAll(`[data-nod-spot="${nod.spot}"]`)].find(
    (element) => productOf(element) === nod.product,
  );
  if (marked) return { element: marked, side: 'inside' };
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

/** Puts an element in its place. */
export function put(place: Place, element: Element): void {
  if (place.side === 'before') place.element.before(element);
  else if (place.side === 'after') place.element.after(element);
  else place.element.append(element);
}
