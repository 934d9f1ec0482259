import type { ReactNode } from 'react';
import { Link, NavLink } from 'react-router';
import { number } from '../../shared/format';
import { useSubmissionPolicy } from '../setup/submission-policy-query';
import { useReviewCounts } from './queries';
import { T, t } from '../../shared/t';

const NEW_ONES = {
  MANUAL: t('reviews.tabs.newReviewsArePublishedAfter'),
  UNLESS_CONTACT_DETAILS: t('reviews.tabs.newReviewsArePublishedUnless'),
  IMMEDIATE: t('reviews.tabs.newReviewsArePublishedAt'),
};

/** The parts of Reviews. */
export function ReviewTabs({ children }: { children?: ReactNode }) {
  const counts = useReviewCounts();
  const rule = useSubmissionPolicy();
  const tab = ({ isActive }: { isActive: boolean }) =>
    `flex h-full items-center border-b-2 px-3 ${isActive ? 'border-ink font-[650]' : 'border-transparent font-medium text-ink-2 hover:text-ink'}`;
  return (
    <div className="flex h-[40px] shrink-0 items-center gap-1 border-b border-line-2 bg-shelf px-2.5 text-[13.5px]">
      <nav aria-label={t('reviews.tabs.reviews')} className="flex h-full">
        <NavLink to="/reviews" end className={tab}>
          <T
            id="reviews.tabs.allReviews"
            values={{
              b: (
                <b className="ml-1.5 text-[13px]">
                  {counts.data && number(counts.data.byStatus['PENDING'] ?? 0)}
                </b>
              ),
            }}
          />
        </NavLink>
        <NavLink to="/reviews/bring-in" className={tab}>
          {t('reviews.tabs.import')}
        </NavLink>
        <NavLink to="/reviews/by-product" className={tab}>
          {t('reviews.tabs.byProduct')}
        </NavLink>
        <NavLink to="/reviews/listing" className={tab}>
          {t('reviews.tabs.aboutYourShop')}
        </NavLink>
      </nav>
      <span className="flex-1" />
      <Link to="/setup#new-reviews" className="px-2.5 text-[13px] text-ink-2 underline">
        {rule.data && NEW_ONES[rule.data.admission]}
      </Link>
      {children}
    </div>
  );
}
