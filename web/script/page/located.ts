import { all, outer } from './dom';
import type { Card } from './cards';
import type { Place, Places } from './places';
import type { Addresses } from './addresses';
import type { Means, Reading } from './reading';
import { hasSpots, type PageContext } from './context';
import type { Answer } from '../lib/response-types';
import { languageOfPage } from './language';
import { WALL_ID } from '../../nods/shared/anchor';

const LINK = 'a[href]:not([href^="#"])';

/** Which part of the page is of which product, and where nods find places that nobody marked. */
export class Located {
  readonly context: PageContext;
  /** what is of other products than the page's own, known or not */
  readonly cards: Card[];
  /** the product of the page as a whole */
  readonly own: string | undefined;
  readonly addresses: Addresses;
  private readonly products = new Map<Element, string>();
  readonly places: Places | undefined;

  /** Of a page that marks itself, or of one that its signs told. */
  constructor(reading: Reading, page: Answer['page'], { recognition, addresses }: Means) {
    const { context: said } = reading;
    const finds = !hasSpots();
    this.own = page?.product ?? (finds && said?.kind === 'product' ? said.products[0] : undefined);
    this.addresses = addresses;
    this.cards = reading.signs?.cards ?? ((finds && recognition?.markedCards(this.own)) || []);
    for (const { name, element } of this.cards) {
      const product = reading.signs ? page?.cards[name] : name;
      if (product) this.products.set(element, product);
    }
    this.context = reading.context ?? {
      kind: page?.kind ?? '',
      products: [...new Set([...(this.own ? [this.own] : []), ...this.products.values()])],
      variant: page?.variant,
      ordered: undefined,
      language: languageOfPage(),
    };
    if (this.context.kind && finds) this.places = recognition?.placesOf(this.cards, addresses);
  }

  /** The product that an element is about, if it is about one. */
  productOf(element: Element): string | undefined {
    for (let at: Element | null = element; at; at = outer(at)) {
      const product = at.getAttribute('data-nod-product') ?? this.products.get(at);
      if (product) return product;
    }
    return this.own;
  }

  /** A place that nobody marked or pointed at. */
  placeOf(spot: string, product: string): Place | undefined {
    if (!this.places) return undefined;
    const card = [...this.products].find(
      ([element, one]) => one === product && element.isConnected,
    );
    if (card && product !== this.own) return this.places.ofCard(spot, card[0]);
    return product === this.own || !product ? this.places.ofPage(spot) : undefined;
  }

  /** Where the reviews of a product are; nothing where all around is a link already. */
  reviewsAt(product: string, { element }: Place): string | undefined {
    if (this.context.kind === 'product' && product === this.context.products[0])
      return `#${WALL_ID}`;
    const card =
      [...this.products].find(([, one]) => one === product)?.[0] ??
      all(`[data-nod-product="${product}"]`)[0];
    const link = element.closest('a') ? undefined : card?.querySelector<HTMLAnchorElement>(LINK);
    return link ? `${link.href.split('#')[0]}#${WALL_ID}` : undefined;
  }

  /** The standard spots that the page has, marked or found. */
  spots(standard: readonly string[]): string[] {
    const marked = all('[data-nod-spot]').map((element) => element.dataset['nodSpot'] ?? '');
    const [card] = this.products.keys();
    const found = standard.filter(
      (spot) =>
        (this.own && this.places?.ofPage(spot)) ?? (card && this.places?.ofCard(spot, card)),
    );
    return [...new Set([...marked, ...found])].filter((name) => name);
  }
}
