import type { Reason, ReviewLine, ReviewState } from './queries';
import { t } from '../../shared/t';

export type Flag = ReviewLine['flags'][number];

export const STATES: { value: ReviewState; text: string }[] = [
  { value: 'PENDING', text: t('reviews.labels.waiting') },
  { value: 'PUBLISHED', text: t('reviews.labels.published') },
  { value: 'ON_HOLD', text: t('reviews.labels.onHold') },
  { value: 'LEFT_OUT', text: t('reviews.labels.leftOut') },
  { value: 'SPAM', text: t('reviews.labels.spam') },
];

/** The same six at 1 star and at 5. */
export const REASONS: { value: Reason; text: string }[] = [
  { value: 'NOT_ABOUT_THIS_PRODUCT', text: t('reviews.labels.isNotAboutThisProduct') },
  { value: 'A_COPY', text: t('reviews.labels.isADuplicate') },
  { value: 'BY_AN_INTERESTED_PARTY', text: t('reviews.labels.isFromUsOurStaff') },
  { value: 'PRIVATE_DATA', text: t('reviews.labels.revealsPrivateData') },
  { value: 'UNLAWFUL_OR_HATEFUL', text: t('reviews.labels.isIllegalOrHateful') },
  { value: 'WITHDRAWN_BY_ITS_WRITER', text: t('reviews.labels.wasWithdrawnByTheReviewer') },
];

export const reasonText = (reason: Reason) =>
  REASONS.find((one) => one.value === reason)?.text ?? t('reviews.labels.noReason');

export const ORIGIN: Record<ReviewLine['origin'], string> = {
  VERIFIED: t('reviews.labels.boughtHere'),
  UNVERIFIED: t('reviews.labels.purchaseNotChecked'),
  IMPORTED: t('reviews.labels.imported'),
};

/** What there is to check in a review, as a chip and in words. */
export const FLAGS: Record<Flag, { short: string; text: string }> = {
  VARIANT: { short: t('reviews.labels.variant'), text: t('reviews.labels.aVariantYouDontSell') },
  LANGUAGE: {
    short: t('reviews.labels.language'),
    text: t('reviews.labels.textInAnotherLanguageThan'),
  },
  NO_WORDS: { short: t('reviews.labels.noText'), text: t('reviews.labels.noText') },
  CONTACT_DETAILS: {
    short: t('reviews.labels.contact'),
    text: t('reviews.labels.contactDetailsInTheText'),
  },
  NEAR_DUPLICATE: {
    short: t('reviews.labels.duplicate'),
    text: t('reviews.labels.almostTheSameTextAs'),
  },
  BURST: {
    short: t('reviews.labels.manyAtOnce'),
    text: t('reviews.labels.manySimilarRatingsWithinA'),
  },
  FUTURE_DATE: { short: t('reviews.labels.future'), text: t('reviews.labels.aDateInTheFuture') },
  PICTURE: { short: t('reviews.labels.photo'), text: t('reviews.labels.aMissingPhoto') },
  HONEYPOT: {
    short: t('reviews.labels.hiddenField'),
    text: t('reviews.labels.aHiddenFieldWasFilled'),
  },
  TOO_FAST: { short: t('reviews.labels.quick'), text: t('reviews.labels.sentFasterThanAnyoneCan') },
  LINKS: { short: t('reviews.labels.links'), text: t('reviews.labels.severalLinks') },
  MANY_FROM_ONE: {
    short: t('reviews.labels.sameAddress'),
    text: t('reviews.labels.severalFromOneAddressWithin'),
  },
  REPEATED: { short: t('reviews.labels.repeated'), text: t('reviews.labels.theSameTextInOther') },
  OTHER_PRODUCT: {
    short: t('reviews.labels.otherProduct'),
    text: t('reviews.labels.anotherProductNamedInThe'),
  },
  HATEFUL: { short: t('reviews.labels.hateful'), text: t('reviews.labels.textThatMayBeHateful') },
};

/** How many stars a review may give, the best first. */
export const STARS = [5, 4, 3, 2, 1].map((n) => ({
  value: String(n),
  text: n === 1 ? t('reviews.labels.1Star') : t('reviews.labels.stars', { n }),
}));
