import type { Says, Wanted } from '../../nods/shared/view';
import type { Answer, Arrived, ReviewsPage, Translated, VoteCounts } from '../lib/response-types';
import type { Reading } from './reading';
import { languageOfPage } from './language';
import { chosenCountry } from './country';
import type { Preview } from './preview';
import { voter } from './voter-id';

// what is kept is asked about each time (an answer of 304): a held review is gone with the next page
const FRESH: RequestInit = { credentials: 'omit', cache: 'no-cache' };

/** One request for all that the page shows; nothing where the server is away. */
export async function ask(
  origin: string,
  shop: string,
  { context, signs }: Reading,
  preview: Preview | undefined,
): Promise<Arrived | 'ended' | undefined> {
  const query = new URLSearchParams(signs?.query ?? { kind: context?.kind ?? '' });
  if (context?.products.length) query.set('product', context.products.join(','));
  const variant = preview?.variant ?? context?.variant;
  if (variant) query.set('variant', variant);
  query.set('lang', preview?.lang ?? context?.language ?? languageOfPage());
  query.set('shop', shop);
  if (context?.ordered) query.set('ordered', context.ordered);
  const country = chosenCountry(!!preview) ?? preview?.country;
  if (country) query.set('country', country);
  if (preview) {
    if (preview.trial) query.set('trial', preview.trial);
    if (preview.version) query.set('version', preview.version);
    else query.set('draft', 'true');
    query.set('preview', preview.token);
    if (preview.at) query.set('at', preview.at);
  } else if (!country) {
    // it tells the country where nothing else does
    query.set('tz', Intl.DateTimeFormat().resolvedOptions().timeZone);
  }
  const asked = performance.now();
  const response = await fetch(`${origin}/embed/v1/page?${query.toString()}`, FRESH);
  const now = serverClock(response, asked, !!preview?.at);
  if (response.status === 403 && preview) return 'ended';
  if (!response.ok) return undefined;
  const answer = (await response.json()) as Answer;
  return { answer, holdsFor: holdsFor(answer, now()), now };
}

/** An answer changes with its instant, not before it: a moment later is early enough. */
const AFTER = 20;

function holdsFor(answer: Answer, now: number): number | undefined {
  return answer.validUntil
    ? Math.max(AFTER, Date.parse(answer.validUntil) - now + AFTER)
    : undefined;
}

/**
 * The server's clock, carried on by a clock that nobody sets: the instant that the answer names is
 * taken for the middle of the time that it was under way, but where it is the moment looked at.
 */
function serverClock(response: Response, asked: number, isAtMoment: boolean): () => number {
  const arrived = performance.now();
  const named =
    Number(response.headers.get('nodyes-time')) || Date.parse(response.headers.get('date') ?? '');
  const then = named || Date.now();
  const middle = isAtMoment ? arrived : (asked + arrived) / 2;
  return () => then + performance.now() - middle;
}

/** A page of a product's reviews, of those that are asked for. */
export async function askReviews(
  origin: string,
  product: string,
  wanted: Wanted,
  size: number,
): Promise<ReviewsPage> {
  const { page, order, stars, pictured, bought, language, variant, words, ago } = wanted;
  const query = new URLSearchParams({ product, page: String(page), size: String(size), order });
  if (stars.length) query.set('stars', stars.join(','));
  if (pictured) query.set('pictured', 'true');
  if (bought) query.set('bought', 'true');
  if (language) query.set('language', language);
  if (variant) query.set('variant', variant);
  if (words) query.set('words', words);
  if (ago) query.set('ago', 'true');
  return answered(await fetch(`${origin}/embed/v1/reviews?${query.toString()}`, FRESH));
}

/** A review in the reader's language, by machine. */
export async function askTranslation(
  origin: string,
  review: number,
  language: string,
): Promise<Translated> {
  return answered(
    await fetch(`${origin}/embed/v1/reviews/${review}/translation?to=${language}`, {
      credentials: 'omit',
    }),
  );
}

/** Says whether a review helped; the counts that come of it. */
export async function sendVote(origin: string, review: number, says: Says): Promise<VoteCounts> {
  return answered(
    await fetch(`${origin}/embed/v1/reviews/${review}/votes`, {
      ...FRESH,
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ voter: voter(), says }),
    }),
  );
}

async function answered<T>(response: Response): Promise<T> {
  if (!response.ok) throw new Error(String(response.status));
  return (await response.json()) as T;
}
