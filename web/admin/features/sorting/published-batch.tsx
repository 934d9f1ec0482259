import { Link } from 'react-router';
import { Button } from '../../ui/button';
import { useSay } from '../../ui/toasts';
import { count, number } from '../../shared/words';
import { useArrangement } from '../pages/queries';
import { useTakeBack } from '../reviews/queries';
import { ReviewTabs } from '../reviews/tabs';
import { useShowReviews, type Published } from './queries';

const LISTED = 8;

/** What publishing came to; and placing reviews on the page, if nothing shows them yet. */
export function PublishedBatch({ batch, published }: { batch: number; published: Published }) {
  const arrangement = useArrangement();
  const takeBack = useTakeBack();
  const { say, sayProblem } = useSay();
  const hidden = arrangement.data && !arrangement.data.showsReviews && published.published > 0;
  return (
    <>
      <ReviewTabs />
      <div className="min-h-0 flex-1 overflow-auto p-5">
        <section className="max-w-3xl rounded-2xl border border-line bg-paper p-6">
          <h1 className="text-xl">
            {published.published > 0
              ? `${count(published.published, 'review')} published`
              : 'Nothing was published'}
          </h1>
          <p className="mt-1 text-ink-2">
            {published.waiting > 0 &&
              `${count(published.waiting, 'review')} with a serious finding ${published.waiting === 1 ? 'waits' : 'wait'} until you look. `}
            {published.leftOut > 0 &&
              `${count(published.leftOut, 'review')} left out, set aside with the reason and not deleted. `}
            {published.published > 0 && !hidden && 'Shoppers see them from now on, on these pages:'}
          </p>
          {hidden && <PlaceThem others={(arrangement.data?.unpublished ?? []).length} />}
          {published.published > 0 && (
            <ul className="mt-3 flex flex-col gap-1">
              {published.products.slice(0, LISTED).map((one) => (
                <li key={one.product}>
                  <Link to={`/pages/product/${one.product}`} className="text-plum underline">
                    {one.title}
                  </Link>{' '}
                  <span className="text-ink-2">{count(one.reviews, 'review')}</span>
                </li>
              ))}
              {published.products.length > LISTED && (
                <li className="text-ink-2">
                  and {number(published.products.length - LISTED)} more
                </li>
              )}
            </ul>
          )}
          <p className="mt-5 flex gap-5 border-t border-line pt-4">
            <Link to={`/reviews?state=PUBLISHED&batch=${batch}`} className="text-plum underline">
              See them on the desk
            </Link>
            {published.published > 0 && (
              <Button
                look="link"
                disabled={takeBack.isPending || takeBack.isSuccess}
                onClick={() =>
                  takeBack.mutate(published.move, {
                    onSuccess: (back) =>
                      say(`${count(back.moved, 'review')} taken back; they wait`),
                    onError: sayProblem,
                  })
                }
              >
                Take it back
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
  const { say, sayProblem } = useSay();
  return (
    <div role="alert" className="mt-4 rounded-xl border border-rust/30 bg-rust-soft px-4 py-3">
      <p className="font-semibold text-rust-ink">
        No page shows reviews yet, so no shopper sees these.
      </p>
      <p className="my-2">
        Put a star line under the title and on cards, and a review wall at the end of each product
        page.
        {others > 0 && ` It publishes your ${count(others, 'other page change')} with it.`}
      </p>
      <Button
        look="main"
        disabled={place.isPending}
        onClick={() =>
          place.mutate(undefined, {
            onSuccess: () => say('Stars and reviews are on your pages'),
            onError: sayProblem,
          })
        }
      >
        Place them now
      </Button>
    </div>
  );
}
