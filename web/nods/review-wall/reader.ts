import { FRESH } from '../../script/page/fresh';
import type { ReviewsPage, Translated, VoteCounts } from '../../script/lib/response-types';
import type { Says, ViewContext, Wanted } from '../shared/view';
import { voter } from './voter-id';

/** What a wall gets beside its content: a way to ask for more of it. */
export interface WallContext extends ViewContext {
  more: (wanted: Wanted, size: number) => Promise<ReviewsPage>;
  /** says whether a review helped; nothing where a page is only looked at */
  vote?: ((review: number, says: Says) => Promise<VoteCounts>) | undefined;
  /** a review in the reader's language */
  translate: (review: number) => Promise<Translated>;
}

/** What the reader of a product's reviews asks the server for. */
export function reader(product: string, context: ViewContext): WallContext {
  const { origin, language, isLookedAt } = context;
  return {
    ...context,
    more: (wanted, size) => askReviews(origin, product, wanted, size),
    vote: isLookedAt ? undefined : (review, says) => sendVote(origin, review, says),
    translate: (review) => askTranslation(origin, review, language),
  };
}

/** A page of a product's reviews, of those that are asked for. */
async function askReviews(
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
async function askTranslation(
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
async function sendVote(origin: string, review: number, says: Says): Promise<VoteCounts> {
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
