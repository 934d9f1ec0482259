import { all } from './dom';
import { languageOfPage } from './language';

/** What the page says of itself: its kind, its products in page order, the chosen variant. */
export interface PageContext {
  kind: string;
  products: string[];
  variant: string | undefined;
  /** when the order was placed that the page confirms */
  ordered: string | undefined;
  language: string;
}

const KINDS = ['product', 'listing', 'basket', 'home', 'confirmation'];

/** The context, or nothing where the page does not say what it is. */
export function readContext(): PageContext | undefined {
  const kind = said('data-nod-page');
  if (!kind || !KINDS.includes(kind)) return undefined;
  const named = all('[data-nod-product]').map(
    (element) => element.getAttribute('data-nod-product') ?? '',
  );
  const products = [...new Set(named.filter((slug) => slug))].slice(0, 100);
  return {
    kind,
    products,
    variant: said('data-nod-variant'),
    ordered: said('data-nod-ordered'),
    language: languageOfPage(),
  };
}

/** Whether the page says by marks of ours what it is, and where nods go. */
export function isMarked(): boolean {
  return !!readContext() && hasSpots();
}

/** Whether the shop marked places itself: then nods stand there alone. */
export function hasSpots(): boolean {
  return all('[data-nod-spot]').length > 0;
}

function said(attribute: string): string | undefined {
  return all(`[${attribute}]`)[0]?.getAttribute(attribute) ?? undefined;
}
