import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';

export type PlacedView = Schemas['PlacedView'];

export function useArrangement() {
  return useQuery({
    queryKey: ['arrangement'],
    queryFn: () => need(api.GET('/api/v1/arrangement')),
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

/** What the draft comes to on a page now. */
export function useOnThisPage(kind: string, products: string[], variant: string | undefined) {
  return useQuery({
    queryKey: ['page', kind, products, variant],
    queryFn: () =>
      need(
        api.GET('/api/v1/page', {
          params: {
            query: { kind, product: products.join(','), ...(variant ? { variant } : {}) },
          },
        }),
      ),
    placeholderData: (previous) => previous,
  });
}

export function useSwitch() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, on }: { id: string; on: boolean }) =>
      need(api.PATCH('/api/v1/arrangement/nods/{id}', { params: { path: { id } }, body: { on } })),
    onSettled: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: ['arrangement'] }),
        queries.invalidateQueries({ queryKey: ['page'] }),
      ]),
  });
}

export function usePublish() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: () => need(api.POST('/api/v1/arrangement/publish')),
    onSuccess: (arrangement) => queries.setQueryData(['arrangement'], arrangement),
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
