import type { Answer, Arrived, ReviewsPage } from './answer';
import type { PageContext } from './context';
import type { Preview } from './preview';

// what is kept is asked about each time (an answer of 304): a held review is gone with the next page
const FRESH: RequestInit = { credentials: 'omit', cache: 'no-cache' };

/** One request for all that the page shows; nothing where the server is away. */
export async function ask(
  origin: string,
  shop: string,
  context: PageContext,
  preview: Preview | undefined,
): Promise<Arrived | 'ended' | undefined> {
  const query = new URLSearchParams({ kind: context.kind });
  if (context.products.length) query.set('product', context.products.join(','));
  const variant = preview?.variant ?? context.variant;
  if (variant) query.set('variant', variant);
  query.set('lang', preview?.lang ?? context.language);
  query.set('shop', shop);
  if (preview) {
    if (preview.trial) query.set('trial', preview.trial);
    if (preview.version) query.set('version', preview.version);
    else query.set('draft', 'true');
    query.set('preview', preview.token);
    if (preview.at) query.set('at', preview.at);
    if (preview.country) query.set('country', preview.country);
  }
  const response = await fetch(`${origin}/embed/v1/page?${query.toString()}`, FRESH);
  if (response.status === 403 && preview) return 'ended';
  if (!response.ok) return undefined;
  const answer = (await response.json()) as Answer;
  return { answer, holdsFor: holdsFor(answer, response.headers.get('date')) };
}

/** By the server's clock: a shopper's own is never trusted. */
function holdsFor(answer: Answer, serverTime: string | null): number | undefined {
  if (!answer.validUntil || !serverTime) return undefined;
  return Math.max(1000, Date.parse(answer.validUntil) - Date.parse(serverTime));
}

/** A further page of a product's reviews. */
export async function askReviews(
  origin: string,
  product: string,
  page: number,
  size: number,
): Promise<ReviewsPage> {
  const query = new URLSearchParams({ product, page: String(page), size: String(size) });
  const response = await fetch(`${origin}/embed/v1/reviews?${query.toString()}`, FRESH);
  if (!response.ok) throw new Error(String(response.status));
  return (await response.json()) as ReviewsPage;
}
