import { all } from './dom';

type Tree = Record<string, unknown>;

/** What a page's data says of a product: lines such as `sku:AB-1`, and the address of its page. */
export interface DataProduct {
  names: string[];
  url: string | undefined;
}

/** What the data of a page is about, and what it lists. */
export interface ProductData {
  own: DataProduct[];
  listed: DataProduct[];
}

const LARGEST = 500_000;
const NAMES: [RegExp, string][] = [
  [/^sku$/, 'sku:'],
  [/^(gtin(8|12|13|14)?|isbn)$/, 'gtin:'],
  [/^product(GroupI|I)D$/, 'id:'],
  [/^inProductGroupWithID$/, 'id:'],
  [/^name$/, 'name:'],
];
const PRODUCT = /(^|[/:])(IndividualProduct|ProductModel|ProductGroup|Product)$/;
/** The variants and offers of a product are its own. */
const PARTS = ['hasVariant', 'offers', 'isVariantOf'];

/** What the page's JSON-LD and microdata say, each product once. */
export function productData(): ProductData {
  const found: ProductData = { own: [], listed: [] };
  // what we say ourselves is no sign
  const said = 'script[type="application/ld+json" i]:not(#nodyes-structured)';
  for (const script of all<HTMLScriptElement>(said))
    collect(parsed(script.textContent), found.own, found.listed);
  const scopes = all('[itemscope][itemtype*="schema.org/Product"]');
  const outermost = scopes.filter(
    (scope) => !scope.parentElement?.closest('[itemtype*="schema.org/Product"]'),
  );
  const main =
    outermost.length > 1 ? outermost.filter((scope) => scope.querySelector('h1')) : outermost;
  for (const scope of outermost)
    (main.includes(scope) ? found.own : found.listed).push(inScope(scope));
  return { own: single(found.own), listed: single(found.listed) };
}

function parsed(text: string): unknown {
  try {
    return text.length > LARGEST ? undefined : JSON.parse(text);
  } catch {
    // what cannot be read says nothing
    return undefined;
  }
}

function collect(tree: unknown, own: DataProduct[], listed: DataProduct[], depth = 0): void {
  if (depth > 8 || typeof tree !== 'object' || tree === null) return;
  if (Array.isArray(tree)) {
    tree.forEach((part) => collect(part, own, listed, depth + 1));
    return;
  }
  const one = tree as Tree;
  if (isProduct(one)) own.push(product(one));
  collect(one['@graph'], own, listed, depth + 1);
  collect(one['mainEntity'], own, listed, depth + 1);
  // what is in a list is of other pages
  collect(one['itemListElement'], listed, listed, depth + 1);
  if (own === listed) collect(one['item'], own, listed, depth + 1);
}

function isProduct(tree: Tree): boolean {
  return [tree['@type']].flat().some((type) => PRODUCT.test(String(type)));
}

function product(tree: Tree): DataProduct {
  const names: string[] = [];
  const add = (part: Tree, isWhole: boolean) => {
    for (const [term, value] of Object.entries(part)) {
      const said = NAMES.find(([known]) => known.test(term))?.[1];
      const text = ['string', 'number'].includes(typeof value) ? String(value).trim() : '';
      // a variant's name is no product's
      if (said && text && (isWhole || said !== 'name:')) names.push(said + text);
    }
  };
  add(tree, true);
  for (const term of PARTS)
    for (const part of [tree[term] ?? []].flat().slice(0, 50))
      if (typeof part === 'object' && part) add(part as Tree, false);
  const url = [tree['url'], tree['@id']].find((one) => typeof one === 'string');
  return { names, url: url };
}

function inScope(scope: Element): DataProduct {
  const names: string[] = [];
  let url: string | undefined;
  for (const element of scope.querySelectorAll('[itemprop]')) {
    if (element.parentElement?.closest('[itemtype*="schema.org/Product"]') !== scope) continue;
    const isOther = element.parentElement.closest('[itemscope]') !== scope;
    const value = (element.getAttribute('content') ?? element.textContent ?? '').trim();
    for (const term of (element.getAttribute('itemprop') ?? '').split(/\s+/)) {
      const said = NAMES.find(([known]) => known.test(term))?.[1];
      // the name of an offer or a brand is no product's
      if (said && value && !(isOther && said === 'name:')) names.push(said + value);
      if (term === 'url') url = element.getAttribute('href') ?? value;
    }
  }
  return { names, url };
}

function single(products: DataProduct[]): DataProduct[] {
  return [...new Map(products.map((one) => [JSON.stringify(one), one])).values()].filter(
    ({ names, url }) => names.length || url,
  );
}
