import type { Answer, Arrived } from '../lib/response-types';
import type { Reading } from './reading';
import { languageOfPage } from './language';
import { FRESH } from './fresh';
import { chosenCountry } from './country';
import type { Preview } from './preview';

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
    query.set('tz', timeZone());
  }
  const asked = performance.now();
  const response = await fetch(`${origin}/embed/v1/page?${query.toString()}`, FRESH);
  const now = serverClock(response, asked, !!preview?.at);
  if (response.status === 403 && preview) return 'ended';
  if (!response.ok) return undefined;
  const answer = (await response.json()) as Answer;
  return { answer, holdsFor: holdsFor(answer, now()), now };
}

/** By the shorter way where the browser has it: the other one takes a slow telephone a tenth of a second. */
function timeZone(): string {
  const { Temporal } = globalThis as { Temporal?: { Now: { timeZoneId: () => string } } };
  return Temporal?.Now.timeZoneId() ?? Intl.DateTimeFormat().resolvedOptions().timeZone;
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
