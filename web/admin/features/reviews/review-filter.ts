import type { ReviewFilter } from './queries';
import { FLAGS, ORIGIN, STATES, type Flag } from './labels';

function known<T extends string>(value: string | null, from: Record<T, unknown>): T | undefined {
  return value !== null && value in from ? (value as T) : undefined;
}

/** The filter that an address carries. */
export function readFilter(params: URLSearchParams): ReviewFilter {
  const state = params.get('state') ?? 'PENDING';
  const pictures = params.get('pictures');
  const text = (name: string) => params.get(name) ?? undefined;
  return {
    state: STATES.find((one) => one.value === state)?.value,
    product: text('product'),
    batch: Number(params.get('batch')) || undefined,
    q: params.get('q') ?? '',
    stars: Number(params.get('stars')) || undefined,
    origin: known<ReviewFilter['origin'] & string>(params.get('origin'), ORIGIN),
    language: text('language'),
    country: text('country'),
    flag: known<Flag>(params.get('flag'), FLAGS),
    pictures: pictures === null ? undefined : pictures === 'true',
    from: text('from'),
    to: text('to'),
    page: Number(params.get('page')) || 1,
  };
}

/** Whether it lets all that waits through. */
export const isPlain = (filter: ReviewFilter) =>
  Object.entries(filter).every(
    ([name, value]) => name === 'state' || name === 'page' || value === undefined || value === '',
  );
