import type { Reason, ReviewLine, ReviewState } from './queries';

export const STATES: { value: ReviewState; text: string }[] = [
  { value: 'WAITING', text: 'waiting' },
  { value: 'PUBLISHED', text: 'published' },
  { value: 'HELD', text: 'held' },
  { value: 'LEFT_OUT', text: 'left out' },
];

/** The same six at 1 star and at 5. */
export const REASONS: { value: Reason; text: string }[] = [
  { value: 'NOT_ABOUT_THIS_PRODUCT', text: 'not about this product' },
  { value: 'A_COPY', text: 'a copy' },
  { value: 'BY_AN_INTERESTED_PARTY', text: 'by us, staff or a rival' },
  { value: 'PRIVATE_DATA', text: 'private data' },
  { value: 'UNLAWFUL_OR_HATEFUL', text: 'unlawful or hateful' },
  { value: 'WITHDRAWN_BY_ITS_WRITER', text: 'withdrawn by its writer' },
];

export const reasonText = (reason: Reason) =>
  REASONS.find((one) => one.value === reason)?.text ?? reason;

export const DONE: Record<ReviewState, string> = {
  PUBLISHED: 'published',
  HELD: 'held',
  LEFT_OUT: 'left out',
  WAITING: 'put back among the waiting',
};

export const ORIGIN: Record<ReviewLine['origin'], string> = {
  VERIFIED: 'bought here',
  UNVERIFIED: 'not checked',
  BROUGHT_IN: 'brought in',
};
