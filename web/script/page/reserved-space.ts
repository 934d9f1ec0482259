import { laidOut } from './laid-out';

/**
 * Keeps the space of what is asked for, so that nothing on the page moves when it comes: as tall as
 * it was on this page before, else a line where stars mostly stand.
 */
const LINE = 24;
/** Where most shops show stars; a line that is kept elsewhere is a gap on most pages. */
const HOLDS_LINES = new Set(['listing-card', 'under-title']);
const NAME = 'nodyes-space';
const MOST_PLACES = 400;

type Heights = Record<string, number>;

export interface KeptSpace {
  /** After painting: gives back what was kept for nothing, and then remembers how tall things are. */
  settle(arrived: boolean): Promise<void>;
}

/** Keeps the space of each marked spot of this page. */
export function keepSpace(): KeptSpace {
  const places = [
    // what lies on a picture takes no room
    ...document.querySelectorAll<HTMLElement>('[data-nod-spot]:not([data-nod-spot="on-picture"])'),
  ];
  const keys = places.map(keyOf);
  const known = read();
  const kept = places.map((place, index) => {
    const height = known[keys[index]!] ?? firstGuess(place);
    if (height <= place.offsetHeight) return false;
    place.style.minHeight = `${height}px`;
    return true;
  });
  return {
    async settle(arrived) {
      // a line kept for nothing stays for this visit: giving it back would move the page
      places
        .filter((place, index) => kept[index] && !HOLDS_LINES.has(spotOf(place)))
        .forEach(release);
      if (!arrived) return;
      await laidOut();
      const heights: Heights = {};
      places.forEach((place, index) => {
        // what a page has taken away meanwhile has no height, and is not remembered for it
        if (place.isConnected) heights[keys[index]!] = Math.round(contentHeight(place));
      });
      write({ ...known, ...heights });
    },
  };
}

function contentHeight(place: HTMLElement): number {
  const boxes = [...place.children].map((child) => child.getBoundingClientRect());
  if (boxes.length === 0) return 0;
  // with what lies between them
  return Math.max(...boxes.map(({ bottom }) => bottom)) - Math.min(...boxes.map(({ top }) => top));
}

function release(place: HTMLElement): void {
  place.style.removeProperty('min-height');
  if (place.getAttribute('style') === '') place.removeAttribute('style');
}

function spotOf(place: HTMLElement): string {
  return place.dataset['nodSpot'] ?? '';
}

function firstGuess(place: HTMLElement): number {
  return HOLDS_LINES.has(spotOf(place)) ? LINE : 0;
}

function keyOf(place: HTMLElement): string {
  const product = place.closest('[data-nod-product]')?.getAttribute('data-nod-product') ?? '';
  return [location.pathname, window.innerWidth, spotOf(place), product].join(' ');
}

/** Kept for the visit alone; a browser that keeps nothing is no failure. */
function read(): Heights {
  try {
    return JSON.parse(sessionStorage.getItem(NAME) ?? '{}') as Heights;
  } catch {
    return {};
  }
}

function write(heights: Heights): void {
  try {
    const newest = Object.entries(heights).slice(-MOST_PLACES);
    sessionStorage.setItem(NAME, JSON.stringify(Object.fromEntries(newest)));
  } catch {
    // full or forbidden: the next page guesses again
  }
}
