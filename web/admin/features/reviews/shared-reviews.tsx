import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ProductPick } from '../../ui/product-pick';
import { useNotify } from '../../ui/toasts';
import { api, need } from '../../shared/api';
import { T, t } from '../../shared/t';

/** The products that are the same thing as this one, and share its reviews. */
export function SharedReviews({ product, title }: { product: string; title: string }) {
  const queries = useQueryClient();
  const { say, sayProblem } = useNotify();
  const key = ['same-things', product];
  const same = useQuery({
    queryKey: key,
    queryFn: () =>
      need(api.GET('/api/v1/review-groups/{product}', { params: { path: { product } } })),
  });
  const save = useMutation({
    mutationFn: (others: string[]) =>
      need(
        api.PUT('/api/v1/review-groups/{product}', {
          params: { path: { product } },
          body: { others },
        }),
      ),
    onSuccess: (kept) => {
      void queries.invalidateQueries({ queryKey: ['same-things'] });
      void queries.invalidateQueries({ queryKey: ['page'] });
      say(
        kept.length === 0
          ? t('reviews.sharedReviews.noLongerSharesReviews', { title })
          : t('reviews.sharedReviews.theseProductsNowShareTheir'),
      );
    },
    onError: sayProblem,
  });
  const others = same.data?.map(({ slug }) => slug) ?? [];
  return (
    <span className="flex flex-wrap items-baseline gap-1.5 text-[13px] text-ink-2">
      {same.data?.map((other) => (
        <span key={other.slug}>
          <T
            id="reviews.sharedReviews.sharesReviewsWith"
            values={{
              title: other.title,
              button: (
                <button
                  type="button"
                  aria-label={t('reviews.sharedReviews.stopSharingReviewsBetweenAnd', {
                    title,
                    title2: other.title,
                  })}
                  className="rounded border border-line-3 px-1 text-plum"
                  onClick={() => save.mutate(others.filter((slug) => slug !== other.slug))}
                >
                  ×
                </button>
              ),
            }}
          />
        </span>
      ))}
      <ProductPick
        label={t('reviews.sharedReviews.shareReviewsOfWith', { title })}
        value={undefined}
        none={t('reviews.sharedReviews.shareReviewsWith')}
        onPick={(slug) => slug && slug !== product && save.mutate([...others, slug])}
      />
    </span>
  );
}
