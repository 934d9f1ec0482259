import type { Schemas } from '../lib/response-types';

export type Addresses = Schemas['WireAddresses'];

/** A shop of which nothing is known. */
export const UNKNOWN: Addresses = { products: [], parameters: [], landmarks: {}, leftOut: [] };

const LONGEST = 2000;
const expressions = new Map<string, RegExp>();
/** A page of an application that has its pages behind the hash. */
const HASH_PAGE = /^#!?(\/.*)/;

/** How the shop's addresses are built, and what the owner pointed at; with a token, as drafted. */
export async function askAddresses(
  origin: string,
  shop: string,
  token: string | undefined,
): Promise<Addresses> {
  const query = new URLSearchParams({ shop, ...(token ? { preview: token } : {}) });
  const response = await fetch(`${origin}/embed/v1/addresses?${query.toString()}`, {
    credentials: 'omit',
  });
  // an answer that was kept may be of an older make
  return response.ok ? { ...UNKNOWN, ...((await response.json()) as Addresses) } : UNKNOWN;
}

function url(href: string): URL | undefined {
  try {
    const found = new URL(href, document.baseURI);
    const behindHash = HASH_PAGE.exec(found.hash)?.[1];
    return behindHash ? new URL(behindHash, found.origin) : found;
  } catch {
    return undefined;
  }
}

/** Path and query of an address: of the query what matters to the shop, and nothing else. */
export function pathOf(href: string, { parameters }: Addresses): string {
  const found = url(href);
  if (!found || !/^https?:$/.test(found.protocol)) return '';
  const kept = [...found.searchParams].filter(([name]) => parameters.includes(name));
  const query = new URLSearchParams(kept).toString();
  return (found.pathname + (query && `?${query}`)).slice(0, LONGEST);
}

/** What names the product that an address of this shop leads to. */
export function nameIn(href: string, addresses: Addresses): string | undefined {
  const found = url(href);
  if (!found || found.host !== location.host) return undefined;
  for (const { path, product } of addresses.products) {
    const expression = expressions.get(path) ?? new RegExp(path);
    expressions.set(path, expression);
    const fits = expression.exec(found.pathname.slice(0, LONGEST));
    const name = fits && (product ? found.searchParams.get(product) : decoded(fits[1]));
    if (name) return name;
  }
  return undefined;
}

function decoded(part: string | undefined): string | undefined {
  try {
    return part && decodeURIComponent(part);
  } catch {
    return part;
  }
}
