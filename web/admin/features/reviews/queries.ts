import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';

export type ReviewLine = Schemas['ReviewListItem'];
export type ReviewState = ReviewLine['status'];
export type Reason = NonNullable<ReviewLine['leftOutReason']>;

export interface ReviewFilter {
  state: ReviewState | undefined;
  product: string | undefined;
  batch: number | undefined;
  q: string;
  stars: number | undefined;
  origin: ReviewLine['origin'] | undefined;
  language: string | undefined;
  country: string | undefined;
  flag: ReviewLine['flags'][number] | undefined;
  pictures: boolean | undefined;
  from: string | undefined;
  to: string | undefined;
  page: number;
}

export const PAGE_SIZE = 50;

/** The filter as it is asked for; addresses of the office keep their own names. */
export const queryOf = ({ state, ...rest }: ReviewFilter) => ({ ...rest, status: state });

export function useReviewCounts() {
  return useQuery({
    queryKey: ['reviews', 'counts'],
    queryFn: () => need(api.GET('/api/v1/reviews/counts')),
    refetchInterval: 30_000,
  });
}

export function useReviewList(filter: ReviewFilter) {
  return useQuery({
    queryKey: ['reviews', 'desk', filter],
    queryFn: () =>
      need(
        api.GET('/api/v1/reviews/rows', {
          params: { query: { ...queryOf(filter), size: PAGE_SIZE } },
        }),
      ),
    placeholderData: (previous) => previous,
  });
}

/** How many pass the filter; of very many it comes after the page. */
export function useReviewListCount(filter: ReviewFilter) {
  // the same on all pages
  const query = { ...queryOf(filter), page: 1 };
  return useQuery({
    queryKey: ['reviews', 'count', query],
    queryFn: () => need(api.GET('/api/v1/reviews/count', { params: { query } })),
  });
}

/** Moves reviews; what was published or taken down shows on shop pages at once. */
export function useMove() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (move: { ids: number[]; to: ReviewState; reason?: Reason }) =>
      need(api.POST('/api/v1/reviews/actions', { body: move })),
    onSettled: () => changed(queries),
  });
}

export function useUndo() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (id: number) =>
      need(api.POST('/api/v1/reviews/actions/{id}/undo', { params: { path: { id } } })),
    onSettled: () => changed(queries),
  });
}

/** Puts a changed review where it is listed. */
export function useLineChanged() {
  const queries = useQueryClient();
  return (next: ReviewLine) =>
    queries.setQueriesData<Schemas['PagedResultReviewListItem']>(
      { queryKey: ['reviews', 'desk'] },
      (page) =>
        page
          ? { ...page, items: page.items.map((line) => (line.id === next.id ? next : line)) }
          : page,
    );
}

function changed(queries: ReturnType<typeof useQueryClient>) {
  return Promise.all([
    queries.invalidateQueries({ queryKey: ['reviews'] }),
    queries.invalidateQueries({ queryKey: ['page'] }),
    queries.invalidateQueries({ queryKey: ['products'] }),
    queries.invalidateQueries({ queryKey: ['review'] }),
  ]);
}
