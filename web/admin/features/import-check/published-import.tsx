import { Link } from 'react-router';
import { Button } from '../../ui/button';
import { useNotify } from '../../ui/toasts';

import { useLayout } from '../layout/queries';
import { useUndo } from '../reviews/queries';
import { ReviewTabs } from '../reviews/tabs';
import { useShowReviews, type Published } from './queries';
import { T, t } from '../../shared/t';

const LISTED = 8;

/** What publishing came to; and placing reviews on the page, if nothing shows them yet. */
export function PublishedImport({ batch, published }: { batch: number; published: Published }) {
  const arrangement = useLayout();
  const takeBack = useUndo();
  const { say, sayProblem } = useNotify();
  const hidden = arrangement.data && !arrangement.data.showsReviews && published.published > 0;
  return (
    <>
      <ReviewTabs />
      <div className="min-h-0 flex-1 overflow-auto p-5">
        <section className="max-w-3xl rounded-2xl border border-line bg-paper p-6">
          <h1 className="text-xl">
            {published.published > 0
              ? t('import-check.publishedImport.reviewsPublished', {
                  published: published.published,
                })
              : t('import-check.publishedImport.noReviewsPublished')}
          </h1>
          <p className="mt-1 text-ink-2">
            {published.waiting > 0 &&
              `${t('import-check.publishedImport.reviewsWithASeriousFlag', { waiting: published.waiting })} `}
            {published.leftOut > 0 &&
              `${t('import-check.publishedImport.reviewsLeftOutKeptWith', { leftOut: published.leftOut })} `}
            {published.published > 0 &&
              !hidden &&
              t('import-check.publishedImport.shoppersSeeThemNowOn')}
          </p>
          {hidden && <PlaceThem others={(arrangement.data?.unpublished ?? []).length} />}
          {published.published > 0 && (
            <ul className="mt-3 flex flex-col gap-1">
              {published.products.slice(0, LISTED).map((one) => (
                <li key={one.product}>
                  <Link to={`/pages/product/${one.product}`} className="text-plum underline">
                    {one.title}
                  </Link>{' '}
                  <span className="text-ink-2">
                    {t('import-check.publishedImport.reviews', { reviews: one.reviews })}
                  </span>
                </li>
              ))}
              {published.products.length > LISTED && (
                <li className="text-ink-2">
                  <T
                    id="import-check.publishedImport.andMore"
                    values={{ products: published.products.length - LISTED }}
                  />
                </li>
              )}
            </ul>
          )}
          <p className="mt-5 flex gap-5 border-t border-line pt-4">
            <Link to={`/reviews?state=PUBLISHED&batch=${batch}`} className="text-plum underline">
              {t('import-check.publishedImport.seePublishedReviews')}
            </Link>
            {published.published > 0 && (
              <Button
                look="link"
                disabled={takeBack.isPending || takeBack.isSuccess}
                onClick={() =>
                  takeBack.mutate(published.move, {
                    onSuccess: (back) =>
                      say(
                        t('import-check.publishedImport.undoneReviewsAreWaitingAgain', {
                          moved: back.moved,
                        }),
                      ),
                    onError: sayProblem,
                  })
                }
              >
                {t('import-check.publishedImport.undo')}
              </Button>
            )}
          </p>
        </section>
      </div>
    </>
  );
}

/** Reviews are published and no page shows any. */
function PlaceThem({ others }: { others: number }) {
  const place = useShowReviews();
  const { say, sayProblem } = useNotify();
  return (
    <div role="alert" className="mt-4 rounded-xl border border-rust/30 bg-rust-soft px-4 py-3">
      <p className="font-semibold text-rust-ink">
        {t('import-check.publishedImport.yourPagesDoNotShow')}
      </p>
      <p className="my-2">
        <T
          id="import-check.publishedImport.addAStarLineBelow"
          values={{
            others:
              others > 0 &&
              ` ${t('import-check.publishedImport.thisAlsoPublishesYourOther', { others })}`,
          }}
        />
      </p>
      <Button
        look="main"
        disabled={place.isPending}
        onClick={() =>
          place.mutate(undefined, {
            onSuccess: () => say(t('import-check.publishedImport.starsAndReviewsAreNow')),
            onError: sayProblem,
          })
        }
      >
        {t('import-check.publishedImport.addAndPublish')}
      </Button>
    </div>
  );
}
