import type { AnyNod } from '../script/lib/response-types';

/** The file that draws a kind, a folder here; the compiler asks for a missing one. Stars come with the script. */
export const FILES: Record<AnyNod['kind'], string | undefined> = {
  'star-line': undefined,
  'review-wall': 'review-wall',
  'review-tab': 'review-tab',
  'picked-quotes': 'picked-quotes',
  label: 'label',
  'trust-badges': 'trust-badges',
  countdown: 'countdown',
  'visitor-count': 'visitor-count',
  'stock-line': 'stock-line',
  'recent-orders': 'recent-orders',
  'delivery-promise': 'delivery-promise',
  'returns-line': 'returns-line',
};
