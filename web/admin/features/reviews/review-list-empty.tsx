import { Link } from 'react-router';
import { Empty } from '../../ui/empty-state';
import { isPlain } from './review-filter';
import { useReviewCounts, type ReviewFilter } from './queries';
import { T, t } from '../../shared/t';

/** Why the desk is empty, and what to do. */
export function ReviewListEmpty({ filter }: { filter: ReviewFilter }) {
  const counts = useReviewCounts();
  const all = Object.values(counts.data?.byStatus ?? {}).reduce((sum, n) => sum + n, 0);
  const link = 'text-plum underline underline-offset-2';
  if (all === 0) {
    return (
      <Empty title={t('reviews.reviewListEmpty.noReviewsYet')}>
        <T
          id="reviews.reviewListEmpty.importTheOnesYouHave"
          values={{
            link: (chunks) => (
              <Link className={link} to="/reviews/bring-in">
                {chunks}
              </Link>
            ),
          }}
        />
      </Empty>
    );
  }
  if (filter.state === 'PENDING' && isPlain(filter)) {
    return (
      <Empty title={t('reviews.reviewListEmpty.noReviewsWaiting')}>
        <T
          id="reviews.reviewListEmpty.youHaveDecidedOnEvery"
          values={{
            link: (chunks) => (
              <Link className={link} to="/reviews?state=PUBLISHED">
                {chunks}
              </Link>
            ),
          }}
        />
      </Empty>
    );
  }
  return (
    <Empty title={t('reviews.reviewListEmpty.noMatchingReviews')}>
      <Link className={link} to="/reviews?state=ANY">
        {t('reviews.reviewListEmpty.clearFilters')}
      </Link>
    </Empty>
  );
}
