import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';
import { t } from '../../shared/t';

export type PlacedView = Schemas['PlacedView'];

export function useLayout() {
  return useQuery({
    queryKey: ['arrangement'],
    queryFn: () => need(api.GET('/api/v1/layout')),
  });
}

/** The shop's categories, as choices. */
export function useCategories() {
  const categories = useQuery({
    queryKey: ['categories'],
    queryFn: () => need(api.GET('/api/v1/catalogue/categories')),
  });
  return (categories.data?.items ?? []).map(({ slug, title }) => ({ value: slug, text: title }));
}

/** Products worth a look, each with why. */
export function useProductSamples() {
  const picks = useQuery({
    queryKey: ['products', 'quick-picks'],
    queryFn: () => need(api.GET('/api/v1/catalogue/quick-picks')),
    staleTime: 60_000,
  });
  return (picks.data?.items ?? []).map(({ why, product, title }) => ({
    slug: product,
    title,
    why: WHY[why],
  }));
}

const WHY = {
  REDUCED_PRICE: t('pages.queries.priceDrop'),
  SOLD_OUT: t('pages.queries.soldOut'),
  NO_REVIEWS: t('pages.queries.noReviews'),
  LONGEST_TITLE: t('pages.queries.longestName'),
  MOST_REVIEWS: t('pages.queries.mostReviews'),
  NEWEST: t('pages.queries.newest'),
};

/** The variants of a product, in the shop's order. */
export function useVariants(slug: string | undefined) {
  const variants = useQuery({
    queryKey: ['variants', slug],
    queryFn: () =>
      need(
        api.GET('/api/v1/catalogue/products/{slug}/variants', {
          params: { path: { slug: slug ?? '' } },
        }),
      ),
    enabled: !!slug,
  });
  return variants.data?.items ?? [];
}

/** What stands for a product in the shop's addresses; nothing as long as it is not known. */
export function useNameInAddress(slug: string | undefined): string | undefined {
  const asked = useQuery({
    queryKey: ['connection', 'name', slug],
    queryFn: () =>
      need(
        api.GET('/api/v1/connection/product-pages/{slug}', {
          params: { path: { slug: slug ?? '' } },
        }),
      ),
    enabled: !!slug,
    staleTime: Infinity,
  });
  return asked.data?.name ?? (asked.error ? slug : undefined);
}

/** What the draft comes to on a page now. */
export function usePageVerdicts(kind: string, products: string[], as: Record<string, string>) {
  return useQuery({
    queryKey: ['page', kind, products, as],
    queryFn: () =>
      need(
        api.GET('/api/v1/page', {
          params: {
            query: { kind, product: products.join(','), ...as },
          },
        }),
      ),
    placeholderData: (previous) => previous,
  });
}

/** When the page changes by itself. */
export function usePageChanges(kind: string, products: string[], as: Record<string, string>) {
  return useQuery({
    queryKey: ['page', 'moments', kind, products, as],
    queryFn: () =>
      need(
        api.GET('/api/v1/page/upcoming-changes', {
          params: { query: { kind, product: products.join(','), ...as } },
        }),
      ),
    placeholderData: (previous) => previous,
  });
}

export function usePublish() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (note: string) => need(api.POST('/api/v1/layout/publish', { body: { note } })),
    onSuccess: (arrangement) => {
      queries.setQueryData(['arrangement'], arrangement);
      return Promise.all([
        queries.invalidateQueries({ queryKey: ['arrangement', 'versions'] }),
        queries.invalidateQueries({ queryKey: ['first-steps'] }),
      ]);
    },
  });
}

export function usePreviewToken() {
  return useQuery({
    queryKey: ['preview-token'],
    queryFn: () => need(api.POST('/api/v1/preview-tokens')),
    staleTime: 6 * 3600_000,
    refetchInterval: 6 * 3600_000,
  });
}

/** What a new nod of a kind would come to on a product's page. */
export function useTrial(kind: string, product: string) {
  return useQuery({
    queryKey: ['nod', 'trial', kind, product],
    queryFn: () =>
      need(
        api.GET('/api/v1/page', { params: { query: { kind: 'product', product, trial: kind } } }),
      ),
  });
}
