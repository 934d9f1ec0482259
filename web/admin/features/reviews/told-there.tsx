import type { ReviewLine } from './queries';
import { t } from '../../shared/t';

/** What is told of a review where it comes from, and what shoppers are told of that. */
export function ToldThere({ review }: { review: ReviewLine }) {
  return (
    <>
      {review.isVerifiedThere && (
        <span className="block text-[13px] text-ink-2">{t('reviews.toldThere.verified')}</span>
      )}
      {review.incentive && (
        <span className="block text-[13px] text-ink-2">
          {t('reviews.toldThere.incentive', { what: review.incentive })}
        </span>
      )}
    </>
  );
}
