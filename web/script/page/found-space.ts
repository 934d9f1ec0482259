import { laidOut } from './laid-out';

/**
 * Keeps the space of what stood on this page before, where nobody marked a place for it: as tall as
 * it was, from the script's first moment, so that nothing moves when it comes again.
 */
const NAME = 'nodyes-found-space';
export const SPACE = 'nod-space';
const OURS = 'nod-yes,nod-space';
const MOST_PAGES = 60;
const MOST_PLACES = 100;

/** By which way from the root an element is reached, whether it is behind or in it, how tall. */
type Kept = [way: number[], isInside: boolean, height: number];

export interface FoundSpace {
  /** whether the page was seen before, so that all of its space is kept */
  isKnown: boolean;
  /** After painting: takes the space back at once, and then remembers what came to stand there. */
  settle(arrived: boolean): Promise<void>;
}

/** Keeps it; of a page that was not seen yet there is none. */
export function keepFoundSpace(): FoundSpace {
  const page = nameOfPage();
  const known = read()[page];
  const places = (known ?? []).map(([way, isInside, height]) => ({
    element: reached(way),
    isInside,
    height,
  }));
  const spaces = places.flatMap(({ element, isInside, height }) => {
    if (!element) return [];
    const space = document.createElement(SPACE);
    space.style.cssText = `display:block!important;height:${height}px!important`;
    if (isInside) element.append(space);
    else element.after(space);
    return [space];
  });
  return {
    isKnown: !!known,
    async settle(arrived) {
      spaces.forEach((space) => space.remove());
      if (!arrived) return;
      await laidOut();
      // by then it may be another page
      if (nameOfPage() === page) write(page, measured());
    },
  };
}

const nameOfPage = () => `${location.pathname}${location.search} ${window.innerWidth}`;

/** Nods that stand one behind the other are one piece. */
function measured(): Kept[] {
  const firsts = [
    ...document.querySelectorAll('nod-yes:not([data-lies]):not([data-spot="screen-edge"])'),
  ].filter((nod) => !nod.closest('[data-nod-spot]') && !nod.previousElementSibling?.matches(OURS));
  return firsts.slice(0, MOST_PLACES).flatMap((first): Kept[] => {
    let last = first;
    while (last.nextElementSibling?.matches(OURS)) last = last.nextElementSibling;
    const height = last.getBoundingClientRect().bottom - first.getBoundingClientRect().top;
    const { previousElementSibling: before, parentElement: parent } = first;
    const isInside = !last.nextElementSibling && !!parent;
    const element = isInside ? parent : before;
    return element && height > 0 ? [[wayTo(element), isInside, Math.round(height)]] : [];
  });
}

/** The number of each element among its like, from the root on; what is ours does not count. */
function wayTo(element: Element): number[] {
  const parent = element.parentElement;
  return parent ? [...wayTo(parent), theirs(parent).indexOf(element)] : [];
}

function reached(way: number[]): Element | undefined {
  let at: Element | undefined = document.documentElement;
  for (const n of way) at = at && theirs(at)[n];
  return at;
}

const theirs = (parent: Element) => [...parent.children].filter((child) => !child.matches(OURS));

function read(): Record<string, Kept[]> {
  try {
    return JSON.parse(sessionStorage.getItem(NAME) ?? '{}') as Record<string, Kept[]>;
  } catch {
    return {};
  }
}

function write(page: string, kept: Kept[]): void {
  try {
    const others = Object.entries(read()).filter(([other]) => other !== page);
    const all = [...others, [page, kept]];
    sessionStorage.setItem(NAME, JSON.stringify(Object.fromEntries(all.slice(-MOST_PAGES))));
  } catch {
    // full or forbidden: the next page keeps nothing
  }
}
