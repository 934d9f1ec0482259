import { readContext } from '../page/context';
import { all, matching } from '../page/dom';
import type { Located } from '../page/located';
import { markedCards, type Card } from '../page/cards';
import type { Addresses } from '../page/addresses';
import type { Place } from '../page/places';
import { selectorOf } from './selector';

export type CardState = 'found' | 'unknown' | 'left-out' | 'no-product';

/** A card of the page, as it is told to the back office. */
export interface TaughtCard {
  /** the order in which they stand */
  n: number;
  state: CardState;
  /** what names its product on the page; nothing where it leads to none */
  name: string;
  product: string | undefined;
  /** the start of what stands there */
  text: string;
  /** where it leads to */
  link: string;
  /** the standard spots that it has */
  spots: string[];
  /** one for this card alone, to leave it out by */
  selector: string;
}

/** What a page of one product has that places stand beside. */
export interface TaughtLandmark {
  landmark: string;
  text: string;
}

export interface Taught {
  /** the page says by marks of ours what it is */
  isMarked: boolean;
  cards: TaughtCard[];
  landmarks: TaughtLandmark[];
}

/** What was read, with where it is drawn. */
export interface Lesson {
  taught: Taught;
  cards: Element[];
  landmarks: Element[];
  places: Place[];
}

const ON_CARD = ['on-picture', 'listing-card', 'under-price'];
const LONGEST_TEXT = 60;

/** Reads which cards and places of the page are known, and which look like some and are none. */
export function readLesson(located: Located, standard: readonly string[]): Lesson {
  const { addresses, context } = located;
  const found = readContext()
    ? markedCards(context.kind === 'product' ? context.products[0] : undefined)
    : located.cards;
  const known = found.filter(({ element }) => element.isConnected);
  const taken = new Set(known.map(({ element }) => element));
  const cards = [...known, ...others(addresses, taken)].sort(inPageOrder);
  const isOfProduct = located.context.kind === 'product';
  const landmarks = Object.entries((isOfProduct && located.places?.found()) || {});
  return {
    taught: {
      isMarked: !!readContext(),
      cards: cards.map((card, at) => asTaught(card, at, located, taken)),
      landmarks: landmarks.map(([landmark, element]) => ({ landmark, text: textOf(element) })),
    },
    cards: cards.map(({ element }) => element),
    landmarks: landmarks.map(([, element]) => element),
    places: standard.flatMap((spot) => {
      const place = located.placeOf(spot, located.own ?? '');
      return place && !place.lies && located.own ? [place] : [];
    }),
  };
}

/** What was pointed at as a card, or left out, and is none of those that were found. */
function others({ landmarks, leftOut }: Addresses, taken: Set<Element>): Card[] {
  const like = landmarks.CARD ? matching(landmarks.CARD) : [];
  const out = leftOut.flatMap(matching);
  return [...new Set([...like, ...out])]
    .filter((element) => !taken.has(element))
    .map((element) => ({ name: '', element }));
}

function inPageOrder({ element: one }: Card, { element: other }: Card): number {
  return one.compareDocumentPosition(other) & Node.DOCUMENT_POSITION_FOLLOWING ? -1 : 1;
}

function asTaught(
  { name, element }: Card,
  n: number,
  located: Located,
  taken: Set<Element>,
): TaughtCard {
  const product = taken.has(element) ? located.productOf(element) : undefined;
  const isOut = located.addresses.leftOut.some((selector) => matching(selector).includes(element));
  const link = element.closest('a') ?? element.querySelector('a');
  return {
    n,
    state: isOut ? 'left-out' : product ? 'found' : name ? 'unknown' : 'no-product',
    name,
    product,
    text: textOf(element),
    link: link?.getAttribute('href') ?? '',
    spots: product ? ON_CARD.filter((spot) => hasPlace(spot, product, element, located)) : [],
    selector: isOut ? outBy(located.addresses, element) : selectorOfCard(element, link),
  };
}

/** Marked in the card, or found on it. */
function hasPlace(spot: string, product: string, card: Element, located: Located): boolean {
  return !!card.querySelector(`[data-nod-spot="${spot}"]`) || !!located.placeOf(spot, product);
}

/** By which selector it was left out, so that it can be taken in again. */
function outBy({ leftOut }: Addresses, element: Element): string {
  return leftOut.find((selector) => matching(selector).includes(element)) ?? '';
}

/** By where it leads, which lasts when cards are sorted anew; else by its place. */
function selectorOfCard(element: Element, link: Element | null): string {
  const href = link?.getAttribute('href');
  if (href && link) {
    const to = `a[href="${CSS.escape(href).replace(/\\([/.?=&:-])/g, '$1')}"]`;
    const own = element.classList[0]
      ? `${element.localName}.${CSS.escape(element.classList[0])}`
      : element.localName;
    const selector = element === link ? to : `${own}:has(${to})`;
    const fits = all(selector);
    if (fits.length === 1 && fits[0] === element) return selector;
  }
  return selectorOf(element);
}

function textOf(element: Element): string {
  const texts = document.createTreeWalker(element, NodeFilter.SHOW_TEXT);
  let said = '';
  while (said.length < LONGEST_TEXT && texts.nextNode())
    said = `${said} ${texts.currentNode.textContent?.trim()}`.trim();
  return (said || (element.getAttribute('alt') ?? '')).slice(0, LONGEST_TEXT);
}
