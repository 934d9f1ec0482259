import {
  useInfiniteQuery,
  useMutation,
  useQuery,
  useQueryClient,
  keepPreviousData,
} from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';

export type ProductRow = Schemas['ProductTableRow'];
export type ProductView = Schemas['ProductView'];
export type NodColumn = Schemas['NodColumn'];
export type NodAnswer = Schemas['NodAnswer'];
export type PriceStep = Schemas['PriceStep'];
export type FeedRun = Schemas['FeedRunView'];
export type FeedKind = FeedRun['kind'];

export interface ProductsFilter {
  q: string;
  category: string;
  tag: string;
  stock: 'IN' | 'OUT' | 'FEW' | 'UNKNOWN' | '';
  reduced: boolean;
  shows: string;
  hides: string;
  sort: 'SHOP' | 'TITLE' | 'PRICE' | 'STOCK' | 'SOLD' | 'RATING' | 'NEWEST';
}

export const ROWS_AT_ONCE = 60;

/** The table, a page after another as it is scrolled. */
export function useProductTable(filter: ProductsFilter) {
  const { q, category, tag, stock, reduced, shows, hides, sort } = filter;
  return useInfiniteQuery({
    queryKey: ['catalogue', 'table', filter],
    initialPageParam: 1,
    queryFn: ({ pageParam }) =>
      need(
        api.GET('/api/v1/products', {
          params: {
            query: {
              sort,
              page: pageParam,
              size: ROWS_AT_ONCE,
              ...(q ? { q } : {}),
              ...(category ? { category } : {}),
              ...(tag ? { tag } : {}),
              ...(stock ? { stock } : {}),
              ...(reduced ? { reduced } : {}),
              ...(shows ? { shows } : {}),
              ...(hides ? { hides } : {}),
            },
          },
        }),
      ),
    getNextPageParam: ({ rows }) =>
      rows.page * rows.size < rows.total ? rows.page + 1 : undefined,
    placeholderData: keepPreviousData,
  });
}

export function useProductView(slug: string | undefined) {
  return useQuery({
    queryKey: ['catalogue', 'product', slug],
    queryFn: () =>
      need(api.GET('/api/v1/products/{slug}', { params: { path: { slug: slug ?? '' } } })),
    enabled: !!slug,
  });
}

export function useTags() {
  return useQuery({
    queryKey: ['catalogue', 'tags'],
    queryFn: () => need(api.GET('/api/v1/products/tags')),
  });
}

export interface Tagging {
  products: number[];
  tag: string;
  has: boolean;
}

/** What the nods would make of a tag. */
export function useTagEffects(tagging: Tagging) {
  return useQuery({
    queryKey: ['catalogue', 'effects', tagging],
    queryFn: () => need(api.POST('/api/v1/products/tags/preview', { body: tagging })),
    enabled: tagging.products.length > 0 && tagging.tag.trim() !== '',
    placeholderData: keepPreviousData,
  });
}

export function useTagging() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (tagging: Tagging) => need(api.POST('/api/v1/products/tags', { body: tagging })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['catalogue'] }),
  });
}

export function useFeeds() {
  return useQuery({
    queryKey: ['feeds', 'addresses'],
    queryFn: () => need(api.GET('/api/v1/feeds')),
  });
}

export function useFeedRuns(page: number) {
  return useQuery({
    queryKey: ['feeds', 'runs', page],
    queryFn: () => need(api.GET('/api/v1/feeds/runs', { params: { query: { page } } })),
    placeholderData: keepPreviousData,
  });
}

export function useFeedRun(id: number | undefined) {
  return useQuery({
    queryKey: ['feeds', 'run', id],
    queryFn: () => need(api.GET('/api/v1/feeds/runs/{id}', { params: { path: { id: id ?? 0 } } })),
    enabled: id !== undefined,
  });
}

/** Something done with feeds; all that speaks of products is asked again. */
export function useFeedAction<Given, Got>(act: (given: Given) => Promise<Got>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: act,
    onSettled: () => {
      void queries.invalidateQueries({ queryKey: ['feeds'] });
      void queries.invalidateQueries({ queryKey: ['catalogue'] });
      void queries.invalidateQueries({ queryKey: ['categories'] });
    },
  });
}

const path = (kind: FeedKind) => ({ path: { kind: kind.toLowerCase() } });

export const follow = (given: { kind: FeedKind; address: string; everyHours: number }) =>
  need(
    api.PUT('/api/v1/feeds/{kind}', {
      params: path(given.kind),
      body: { address: given.address, everyHours: given.everyHours },
    }),
  );

export const stopFeed = (kind: FeedKind) =>
  need(api.DELETE('/api/v1/feeds/{kind}', { params: path(kind) }));

export const updateNow = (kind: FeedKind) =>
  need(api.POST('/api/v1/feeds/{kind}/update', { params: path(kind) }));

export const applyUpdate = (id: number) =>
  need(api.POST('/api/v1/feeds/runs/{id}/apply', { params: { path: { id } } }));

export const discardUpdate = (id: number) =>
  need(api.POST('/api/v1/feeds/runs/{id}/discard', { params: { path: { id } } }));

export const undoUpdate = (id: number) =>
  need(api.POST('/api/v1/feeds/runs/{id}/undo', { params: { path: { id } } }));
