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
  const kind = document.querySelector('[data-nod-page]')?.getAttribute('data-nod-page');
  if (!kind || !KINDS.includes(kind)) return undefined;
  const named = [...document.querySelectorAll('[data-nod-product]')].map(
    (element) => element.getAttribute('data-nod-product') ?? '',
  );
  const products = [...new Set(named.filter((slug) => slug))].slice(0, 100);
  return {
    kind,
    products,
    variant:
      document.querySelector('[data-nod-variant]')?.getAttribute('data-nod-variant') ?? undefined,
    ordered:
      document.querySelector('[data-nod-ordered]')?.getAttribute('data-nod-ordered') ?? undefined,
    language: document.documentElement.lang || navigator.language || 'en',
  };
}
