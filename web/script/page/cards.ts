import { nameIn, pathOf, type Addresses } from './addresses';
import { all, isDrawn, matching, outer } from './dom';
import type { DataProduct } from './product-data';

/** A card of a page: what names its product, and the element with picture, title and price. */
export interface Card {
  name: string;
  element: Element;
}

const MOST = 100;
/** Of a page with thousands of links no more are read. */
const MOST_LINKS = 1000;
const CARD_ITSELF = 'li,article,tr,[role="listitem"],[itemtype*="schema.org/Product"]';
const NOT_OF_PRODUCTS = 'nav,[role="navigation"],[role="menu"],nod-yes';
const PICTURES = 'img,picture,video,svg,canvas,[style*="background"]';
const PRICE = /\p{Sc}\s?\d|\d\s?\p{Sc}|\d\s?[A-Z]{3}\b|\b[A-Z]{3}\s?\d/u;

/** The cards of a page, in page order: what leads to a product, with a picture or a price. */
export function findCards(addresses: Addresses, listed: DataProduct[]): Card[] {
  const inList = new Map(
    listed.flatMap(({ names, url }) => {
      const [name] = names;
      return url && name ? [[pathOf(url, addresses), name] as const] : [];
    }),
  );
  const names = new Map<Element, string>();
  const firsts = new Map<string, Element[]>();
  for (const link of all<HTMLAnchorElement>('a[href]').slice(0, MOST_LINKS)) {
    const name = nameIn(link.href, addresses) ?? inList.get(pathOf(link.href, addresses));
    if (!name || link.closest(NOT_OF_PRODUCTS) || isOfFrame(link)) continue;
    names.set(link, name);
    if (firsts.has(name) || firsts.size < MOST)
      firsts.set(name, [...(firsts.get(name) ?? []), link]);
  }
  const out = addresses.leftOut.flatMap(matching);
  const taught = addresses.landmarks.CARD ? matching(addresses.landmarks.CARD) : [];
  return [...firsts].flatMap(([name, links]) => {
    for (const link of links) {
      const element = taught.find((card) => card.contains(link)) ?? cardOf(link, name, names);
      if (taught.length > 0 && !taught.includes(element)) continue;
      if (out.some((one) => one.contains(element))) continue;
      if (isDrawn(element) && (element.querySelector(PICTURES) ?? PRICE.test(element.textContent)))
        return [{ name, element }];
    }
    return [];
  });
}

/** What the page marks as being of other products than its own. */
export function markedCards(own: string | undefined): Card[] {
  return all('[data-nod-product]').flatMap((element) => {
    const name = element.dataset['nodProduct'];
    return name && name !== own ? [{ name, element }] : [];
  });
}

/** The head and foot of the page, not those of an article in it. */
function isOfFrame(link: Element): boolean {
  const frame = link.closest('header,footer');
  return !!frame && !frame.closest('main,article,section,li');
}

/** As far out as everything in it is of the one product; a component is a card as a whole. */
function cardOf(link: Element, name: string, names: Map<Element, string>): Element {
  let card = link;
  for (let next = outer(card); next && !card.matches(CARD_ITSELF); next = outer(card)) {
    if (next.matches('body,main,[role="main"],ul,ol,tbody,table') || next.querySelector('h1'))
      break;
    if ([...next.querySelectorAll('a')].some((one) => (names.get(one) ?? name) !== name)) break;
    const isComponent = card.parentElement === null;
    card = next;
    if (isComponent) break;
  }
  return card;
}
