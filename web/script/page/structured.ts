import type { PageContext } from './context';

const ID = 'nodyes-structured';
const JSON_LD = 'application/ld+json';
type Tree = Record<string, unknown>;

/**
 * Puts the product's rating and its ways of delivery into the page for machines that read it. Where the page names its product
 * itself, the rating is said of the same thing by its @id, or not at all: never of a second one.
 */
export async function putStructured(
  origin: string,
  context: PageContext,
  isCurrent: () => boolean,
): Promise<void> {
  const [product] = context.products;
  document.getElementById(ID)?.remove();
  if (context.kind !== 'product' || !product) return;
  const own = ownProduct();
  if (own && !own.id) return;
  const response = await fetch(
    `${origin}/embed/v1/structured?product=${encodeURIComponent(product)}`,
    { credentials: 'omit' },
  );
  if (response.status !== 200) return;
  const tree = (await response.json()) as Tree;
  const { aggregateRating, review, offers } = tree;
  const said = own
    ? {
        '@context': tree['@context'],
        '@type': tree['@type'],
        '@id': own.id,
        aggregateRating,
        review,
        ...(own.offer ? { offers: offered(offers, own.offer) } : {}),
      }
    : tree;
  // asked for twice, or for a page that is no more
  if (document.getElementById(ID) || !isCurrent()) return;
  const script = document.createElement('script');
  script.id = ID;
  script.type = JSON_LD;
  script.textContent = trusted(JSON.stringify(said).replace(/</g, '\\u003c'));
  document.head.append(script);
}

interface Policy {
  createScript: (text: string) => string;
}
let policy: Policy | undefined;

/** Data is no script, but a page with Trusted Types (W3C) wants to be told so. */
function trusted(text: string): string {
  const { trustedTypes } = window as unknown as {
    trustedTypes?: { createPolicy: (name: string, rules: Policy) => Policy };
  };
  policy ??= trustedTypes?.createPolicy('nodyes', { createScript: (data) => data });
  return policy?.createScript(text) ?? text;
}

/** The product that the page names itself, by its @id if it has one; nothing where it names none. */
function ownProduct(): { id: string | undefined; offer?: string | true } | undefined {
  if (document.querySelector('[itemtype*="schema.org/Product"],[typeof~="Product"]'))
    return { id: undefined };
  const [first] = [...document.querySelectorAll(`script[type="${JSON_LD}"]`)].flatMap((script) =>
    products(parsed(script.textContent)),
  );
  if (!first) return undefined;
  const id = first['@id'];
  const [offer] = [first['offers'] ?? []].flat() as Tree[];
  const offerId = offer?.['@id'];
  return {
    id: typeof id === 'string' ? id : undefined,
    // an offer of the page's own is said more of where it has a name, and never said twice
    ...(!offer ? { offer: true } : typeof offerId === 'string' ? { offer: offerId } : {}),
  };
}

/** Our offer, or what it says of how the page's own is sent. */
function offered(offers: unknown, own: string | true): unknown {
  if (own === true || !offers) return offers;
  const { shippingDetails } = offers as Tree;
  return { '@type': 'Offer', '@id': own, shippingDetails };
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

/** The products at the top of a tree or of its graph. */
function products(tree: unknown): Tree[] {
  if (Array.isArray(tree)) return tree.flatMap(products);
  if (typeof tree !== 'object' || tree === null) return [];
  const one = tree as Tree;
  const isProduct = [one['@type']].flat().some((type) => /^Product(Group)?$/.test(String(type)));
  return isProduct ? [one] : products(one['@graph']);
}
