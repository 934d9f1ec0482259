import type { Choice } from '../../ui/pick';
import type { NameForm } from './edits';
import type { Reason, ReviewLine, ReviewState } from './queries';

export type Flag = ReviewLine['flags'][number];

export const STATES: { value: ReviewState; text: string }[] = [
  { value: 'WAITING', text: 'waiting' },
  { value: 'PUBLISHED', text: 'published' },
  { value: 'HELD', text: 'held' },
  { value: 'LEFT_OUT', text: 'left out' },
  { value: 'SPAM', text: 'spam' },
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
  REASONS.find((one) => one.value === reason)?.text ?? 'no reason given';

export const DONE: Record<ReviewState, string> = {
  PUBLISHED: 'published',
  HELD: 'held',
  LEFT_OUT: 'left out',
  SPAM: 'put among the spam',
  WAITING: 'put back among the waiting',
};

export const ORIGIN: Record<ReviewLine['origin'], string> = {
  VERIFIED: 'bought here',
  UNVERIFIED: 'not checked',
  BROUGHT_IN: 'brought in',
};

export const NAME_FORMS: Choice<NameForm>[] = [
  { value: 'AS_GIVEN', text: 'given', note: 'Marta Sousa' },
  { value: 'FIRST_NAME_AND_INITIAL', text: 'first name and initial', note: 'Marta S.' },
  { value: 'INITIALS', text: 'initials', note: 'M. S.' },
  { value: 'FIRST_NAME', text: 'first name', note: 'Marta' },
  { value: 'A_CUSTOMER', text: '‘a customer’', note: 'no name' },
];

/** What there is to check in a review, as a chip and in words. */
export const FLAGS: Record<Flag, { short: string; text: string }> = {
  VARIANT: { short: 'variant', text: 'a variant that is not sold' },
  LANGUAGE: { short: 'language', text: 'words in another language than said' },
  NO_WORDS: { short: 'no words', text: 'no words' },
  CONTACT: { short: 'contact', text: 'contact details in the words' },
  COPY: { short: 'copy?', text: 'nearly the words of another' },
  BURST: { short: 'burst', text: 'many alike ratings in few days' },
  FUTURE: { short: 'future', text: 'a day that is yet to come' },
  PICTURE: { short: 'picture', text: 'a picture that is missing' },
  TRAP: { short: 'hidden field', text: 'a field filled in that people do not see' },
  QUICK: { short: 'quick', text: 'sent faster than anyone writes' },
  LINKS: { short: 'links', text: 'several links' },
  MANY_FROM_ONE: { short: 'many', text: 'several from one address in an hour' },
  REPEATED: { short: 'repeated', text: 'the same words in other reviews' },
  OTHER_PRODUCT: { short: 'other product', text: 'another product named in the words' },
  HATEFUL: { short: 'hateful?', text: 'words that may be hateful' },
};

/** How many stars a review may give, the best first. */
export const STARS = [5, 4, 3, 2, 1].map((n) => ({
  value: String(n),
  text: n === 1 ? '1 star' : `${n} stars`,
}));
