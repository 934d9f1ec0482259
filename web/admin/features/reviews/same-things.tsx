import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ProductPick } from '../../ui/product-pick';
import { useSay } from '../../ui/toasts';
import { api, need } from '../../shared/api';

/** The products that are the same thing as this one, and share its reviews. */
export function SameThings({ product, title }: { product: string; title: string }) {
  const queries = useQueryClient();
  const { say, sayProblem } = useSay();
  const key = ['same-things', product];
  const same = useQuery({
    queryKey: key,
    queryFn: () =>
      need(api.GET('/api/v1/same-things/{product}', { params: { path: { product } } })),
  });
  const save = useMutation({
    mutationFn: (others: string[]) =>
      need(
        api.PUT('/api/v1/same-things/{product}', {
          params: { path: { product } },
          body: { others },
        }),
      ),
    onSuccess: (kept) => {
      void queries.invalidateQueries({ queryKey: ['same-things'] });
      void queries.invalidateQueries({ queryKey: ['page'] });
      say(
        kept.length === 0
          ? `${title} stands alone; each keeps its own reviews`
          : 'They share their reviews, and shoppers are told so',
      );
    },
    onError: sayProblem,
  });
  const others = same.data?.map(({ slug }) => slug) ?? [];
  return (
    <span className="flex flex-wrap items-baseline gap-1.5 text-[13px] text-ink-2">
      {same.data?.map((other) => (
        <span key={other.slug}>
          same as {other.title}{' '}
          <button
            type="button"
            aria-label={`${title} and ${other.title} are not the same`}
            className="rounded border border-line-3 px-1 text-plum"
            onClick={() => save.mutate(others.filter((slug) => slug !== other.slug))}
          >
            ×
          </button>
        </span>
      ))}
      <ProductPick
        label={`The same thing as ${title}`}
        value={undefined}
        none="same as another"
        onPick={(slug) => slug && slug !== product && save.mutate([...others, slug])}
      />
    </span>
  );
}
