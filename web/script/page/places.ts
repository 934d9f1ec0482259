import { all, isDrawn, matching } from './dom';
import type { Addresses } from './addresses';
import type { Card } from './cards';

/** Where a nod goes: the element it is put in, before or after. */
export interface Place {
  element: Element;
  side: 'before' | 'after' | 'inside';
  /** over a picture, where it takes no room */
  lies?: boolean;
  /** the space to its sides, where what it is put in is wider than the page's text */
  inset?: string;
}

const MONEY = /(?:\p{Sc}|\b[A-Z]{3})\s?\d|\d\s?(?:\p{Sc}|[A-Z]{3}\b)|\d[.,]\d{2}\b/u;
const NO_PRICE = 'del,s,strike,script,style,noscript,option,select,nod-yes,nav,header,footer';
/** What buttons that buy say, in some languages (common practice); others are found by their form. */
const BUY =
  /\b(add(ed)? to|buy|order now|in den (waren|einkaufs)|kaufen|bestellen|ajouter au|acheter|commander|añadir|agregar|comprar|adicionar|aggiungi|acquista|toevoegen|in winkel|dodaj|kup|kjøp|köp|osta|køb)|カート|购物车|장바구니|أضف|купить|в корзину/iu;
/** What is kept for later, or looked at beside others, is not bought. */
const NOT_BUY =
  /wish|favo|compar|merk|wunsch|souhait|envie|dese[oj]s|desideri|verlang|ønske|önske|życze|избранн/iu;
const BUYING_FORM =
  /cart|basket|bag|checkout|order|warenkorb|panier|cesta|carrito|carrinho|carrello|winkel/i;
const BUTTONS = 'button,input[type="submit"],input[type="button"],[role="button"]';
const SMALLEST_PICTURE = 100;
const MOST_TEXTS = 3000;
const LEAST_INSET = 6;

/** Finds the places of a page that marks none: by schema.org, by landmarks, by what stands there. */
export class Places {
  private readonly main = all('main,[role="main"]').find(isDrawn) ?? document.body;
  private readonly title: Element | undefined;
  /** looked for once: several nods stand in one */
  private readonly known = new Map<string, Place | undefined>();

  /**
   * @param cards what is of other products than the page's own, or of one each
   * @param landmarks selectors of what the owner pointed at, which go before what is found
   */
  constructor(
    private readonly cards: Card[],
    private readonly landmarks: Addresses['landmarks'],
  ) {
    this.title =
      this.pointed('TITLE') ??
      this.own('h1')[0] ??
      this.own('[itemprop="name"]')[0] ??
      this.own('h2')[0];
  }

  /** The place of a nod about the page's own product, or about the page. */
  ofPage(spot: string): Place | undefined {
    if (!this.known.has(spot)) this.known.set(spot, this.look(spot));
    return this.known.get(spot);
  }

  private look(spot: string): Place | undefined {
    switch (spot) {
      case 'above-title':
        return beside(this.title, 'before');
      case 'under-title':
        return beside(this.title, 'after');
      case 'under-price':
        return beside(this.price(), 'after');
      case 'above-buy':
        return beside(this.buy(), 'before');
      case 'under-buy':
        return beside(this.buy(), 'after');
      case 'on-picture':
        return inside(this.picture());
      case 'under-picture':
        return beside(frameOf(this.picture()), 'after');
      case 'under-description':
        return beside(this.description(), 'after');
      case 'page-end':
      case 'basket-end':
      case 'order-end':
        return this.end();
      default:
        return undefined;
    }
  }

  /** The place of a nod on a card. */
  ofCard(spot: string, card: Element): Place | undefined {
    if (spot === 'on-picture') return inside(largest([...card.querySelectorAll('img,picture')]));
    if (spot === 'under-price')
      return beside(
        priceIn(card, () => true),
        'after',
      );
    if (spot === 'listing-card' || spot === 'basket-line') {
      const title = titleOf(card);
      return title === card ? inside(card) : beside(title, 'after');
    }
    return undefined;
  }

  /** What places of the page's own product stand beside, where it was found. */
  found(): Record<string, Element> {
    const found = {
      TITLE: this.title,
      PRICE: this.price(),
      BUY: this.buy(),
      PICTURE: this.picture(),
      DESCRIPTION: this.description(),
    };
    return Object.fromEntries(
      Object.entries(found).filter((entry): entry is [string, Element] => !!entry[1]),
    );
  }

  /** Behind all of the page, as wide as what holds its title; before the foot that all pages have. */
  private end(): Place {
    const foot = this.own('body>footer,body>[role="contentinfo"]').at(-1);
    const inset = this.inset();
    const beside: Place =
      this.main === document.body && foot
        ? { element: foot, side: 'before' }
        : { element: this.main, side: 'inside' };
    return inset ? { ...beside, inset } : beside;
  }

  /** How far from both edges the page's outermost narrow block is, as a share of the width. */
  private inset(): string | undefined {
    const whole = content(this.main);
    let inset = 0;
    for (let at = this.title?.parentElement; at && at !== this.main; at = at.parentElement) {
      const { left, right } = content(at);
      const sides = Math.min(left - whole.left, whole.right - right);
      if (sides >= LEAST_INSET) inset = sides;
    }
    return inset ? `${((100 * inset) / (whole.right - whole.left)).toFixed(1)}%` : undefined;
  }

  private pointed(landmark: keyof Addresses['landmarks']): Element | undefined {
    const selector = this.landmarks[landmark];
    return selector ? this.ownOf(matching(selector))[0] : undefined;
  }

  private own(selector: string): Element[] {
    return this.ownOf(all(selector));
  }

  private ownOf(elements: Element[]): Element[] {
    return elements.filter(
      (element) =>
        isDrawn(element) &&
        !element.closest('nod-yes') &&
        !this.cards.some((card) => card.element.contains(element)),
    );
  }

  private inMain(selector: string): Element[] {
    const found = this.own(selector);
    return found.filter((element) => this.main.contains(element)).concat(found);
  }

  private isAfterTitle(element: Element): boolean {
    return (
      !this.title ||
      !!(this.title.compareDocumentPosition(element) & Node.DOCUMENT_POSITION_FOLLOWING)
    );
  }

  private price(): Element | undefined {
    const pointed = this.pointed('PRICE');
    if (pointed) return pointed;
    const [said] = this.inMain('[itemprop="price"],[itemprop="offers"]').filter(
      ({ localName }) => localName !== 'meta' && localName !== 'link',
    );
    if (said) return said;
    return priceIn(
      this.main,
      (element) =>
        this.isAfterTitle(element) && !this.cards.some((card) => card.element.contains(element)),
    );
  }

  private buy(): Element | undefined {
    const pointed = this.pointed('BUY');
    if (pointed) return pointed;
    const buttons = this.inMain(BUTTONS).filter(
      (button) =>
        !button.closest('nav,[role="search"]') &&
        !button.closest('form')?.querySelector('[type="search"],[type="email"]'),
    );
    const found =
      buttons.find((button) => isToBuy(saying(button))) ??
      buttons.find((button) =>
        BUYING_FORM.test(button.closest('form')?.getAttribute('action') ?? ''),
      );
    if (!found) return undefined;
    const form = found.closest('form');
    // the choice of a size, a quantity and the button are one thing
    return form && !form.contains(this.title ?? null) ? form : rowOf(found);
  }

  private picture(): Element | undefined {
    return (
      this.pointed('PICTURE') ??
      largest(this.inMain('[itemprop="image"]').filter(isImage)) ??
      largest(this.inMain('img'))
    );
  }

  private description(): Element | undefined {
    const pointed = this.pointed('DESCRIPTION');
    if (pointed) return pointed;
    const [said] = this.inMain('[itemprop="description"]').filter(
      ({ localName }) => localName !== 'meta',
    );
    if (said) return said;
    const texts = this.inMain('p').filter((text) => this.isAfterTitle(text));
    const longest = Math.max(80, ...texts.map(({ textContent }) => textContent.length));
    return texts.find(({ textContent }) => textContent.length >= longest);
  }
}

/** From where to where the content of an element is, across the page. */
function content(element: Element): { left: number; right: number } {
  const { left, right } = element.getBoundingClientRect();
  const style = getComputedStyle(element);
  return {
    left: left + parseFloat(style.paddingLeft || '0'),
    right: right - parseFloat(style.paddingRight || '0'),
  };
}

/** What holds the first price that may be meant. */
function priceIn(root: Element, mayBe: (element: Element) => boolean): Element | undefined {
  const texts = document.createTreeWalker(root, NodeFilter.SHOW_TEXT);
  for (let n = 0; n < MOST_TEXTS && texts.nextNode(); n++) {
    const element = texts.currentNode.parentElement;
    const text = texts.currentNode.textContent ?? '';
    if (!element || text.length > 60 || !MONEY.test(text) || element.closest(NO_PRICE)) continue;
    if (mayBe(element) && isDrawn(element)) return blockOf(element);
  }
  return undefined;
}

const isToBuy = (text: string) => BUY.test(text) && !NOT_BUY.test(text);

function saying(button: Element): string {
  return `${button.textContent} ${button.getAttribute('value') ?? ''} ${button.getAttribute('aria-label') ?? ''}`;
}

function isImage(element: Element): boolean {
  return element.localName === 'img';
}

function largest(pictures: Element[]): Element | undefined {
  const area = (element: Element) => {
    const { width, height } = element.getBoundingClientRect();
    const said = ['width', 'height'].map((side) => Number(element.getAttribute(side)) || 0);
    return Math.max(width * height, said[0]! * said[1]!);
  };
  const [first] = pictures
    .map((element) => ({ element, area: area(element) }))
    .sort((one, other) => other.area - one.area);
  // what has no size yet is still loading, and may be any size
  return first && (first.area === 0 || first.area >= SMALLEST_PICTURE ** 2)
    ? first.element
    : undefined;
}

/** The picture with what lies around it alone: a link, a figure. */
function frameOf(picture: Element | undefined): Element | undefined {
  let frame = picture;
  while (frame?.parentElement?.matches('a,picture,figure,button')) frame = frame.parentElement;
  return frame;
}

/** What a card says first that is a heading, or its link with words. */
function titleOf(card: Element): Element {
  const heading = card.querySelector('h1,h2,h3,h4,h5,h6,[itemprop="name"]');
  const link = [...card.querySelectorAll('a')].find(({ textContent }) => textContent.trim());
  return heading ?? (link && !link.querySelector('img') ? blockOf(link) : card);
}

/** Outwards, as long as there is nothing else in it. */
function blockOf(element: Element): Element {
  let block = element;
  while (
    getComputedStyle(block).display.startsWith('inline') &&
    block.parentElement &&
    !block.parentElement.matches('body,main,li,td,th')
  )
    block = block.parentElement;
  return block;
}

/** A button beside others is one of a row. */
function rowOf(button: Element): Element {
  const row = button.parentElement;
  return row && /flex|grid/.test(getComputedStyle(row).display) && !row.querySelector('h1,p')
    ? row
    : button;
}

function inside(element: Element | undefined): Place | undefined {
  return element && { element, side: 'inside' };
}

function beside(element: Element | undefined, side: 'before' | 'after'): Place | undefined {
  if (!element) return undefined;
  const parent = element.parentElement;
  // the parts of a table and of a list stand in order: nothing goes between them
  if (element.matches('td,th,li,dt,dd')) return { element, side: 'inside' };
  if (element.matches('tr,tbody')) return beside(element.closest('table') ?? undefined, side);
  const lies = parent && getComputedStyle(parent);
  const isInRow = lies?.display.endsWith('flex') && !lies.flexDirection.startsWith('column');
  return isInRow && !parent?.matches('body,main') && parent!.children.length < 8
    ? { element: parent!, side }
    : { element, side };
}
