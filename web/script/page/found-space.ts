import { Places, type Finds, type Place } from './places';
import type { Signs } from './signs';

/**
 * Keeps the space of what stood on this page before, where nobody marked a place for it: as tall as
 * it was, so that nothing moves when it comes again.
 */
const NAME = 'nodyes-found-space';
const SPACE = 'nod-space';
const MOST = 60;

/** The spot, what names the product of its card (nothing: the page's own), and how tall. */
type Height = [spot: string, card: string, height: number];

export interface FoundSpace {
  /** After painting: takes the space back, and remembers what stands there now. */
  settle(located: Finds | undefined): void;
}

/** Keeps it for a page that is told by its signs. */
export function keepFoundSpace(signs: Signs): FoundSpace {
  const key = `${location.pathname}${location.search} ${window.innerWidth}`;
  const kept: HTMLElement[] = [];
  const heights = read()[key] ?? [];
  if (heights.length) {
    const places = new Places(signs.cards);
    for (const [spot, name, height] of heights) {
      const card = signs.cards.find((one) => one.name === name);
      const place = card ? places.ofCard(spot, card.element) : places.ofPage(spot);
      if (place) kept.push(fill(place, height));
    }
  }
  return {
    settle(located) {
      kept.forEach((space) => space.remove());
      if (located) write(key, measure(located, signs.cards));
    },
  };
}

function fill({ element, side }: Place, height: number): HTMLElement {
  const space = document.createElement(SPACE);
  space.style.cssText = `display:block!important;height:${height}px!important`;
  if (side === 'inside') element.append(space);
  else element[side](space);
  return space;
}

function measure(located: Finds, cards: { name: string; element: Element }[]): Height[] {
  const nods = [...document.querySelectorAll<HTMLElement>('nod-yes:not([data-lies])')];
  return nods.slice(0, MOST).flatMap((nod): Height[] => {
    const spot = nod.dataset['spot'] ?? '';
    const card = cards.find(({ element }) => element.contains(nod));
    // what the owner pointed at has its place by a rule of its own
    return located.placeOf(spot, nod.dataset['product'] ?? '')
      ? [[spot, card?.name ?? '', Math.round(nod.getBoundingClientRect().height)]]
      : [];
  });
}

function read(): Record<string, Height[]> {
  try {
    return JSON.parse(sessionStorage.getItem(NAME) ?? '{}') as Record<string, Height[]>;
  } catch {
    return {};
  }
}

function write(key: string, heights: Height[]): void {
  try {
    const others = Object.entries(read()).filter(([other]) => other !== key);
    const pages = [...others, [key, heights]].slice(-MOST);
    sessionStorage.setItem(NAME, JSON.stringify(Object.fromEntries(pages)));
  } catch {
    // full or forbidden: the next page keeps nothing
  }
}
