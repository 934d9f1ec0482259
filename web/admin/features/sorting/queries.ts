import {
  useInfiniteQuery,
  useMutation,
  useQuery,
  useQueryClient,
  type InfiniteData,
} from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';
import { keepSteps } from '../../shared/steps';
import type { Reason, ReviewLine } from '../reviews/queries';

export type Standing = Schemas['Standing'];
export type Published = Schemas['Published'];
export type Sorted = ReviewLine['sorted'];
type QueuePage = Schemas['PageOfReviewLine'];
type Decided = Schemas['Decided'];

export interface SortingFilter {
  pictures?: boolean | undefined;
  stars?: number | undefined;
  country?: string | undefined;
  language?: string | undefined;
  flag?: ReviewLine['flags'][number] | undefined;
  sorted?: Sorted | undefined;
}

export interface Decision {
  ids: number[];
  sorted: Sorted;
  reason?: Reason | undefined;
  /** of many at once, without a look at each: what is serious stays open */
  unseen?: boolean;
}

const SIZE = 100;
const queueKey = (batch: number) => ['sorting', batch, 'queue'];

/** What waits of a batch, page by page. */
export function useQueue(batch: number, filter: SortingFilter) {
  return useInfiniteQuery({
    queryKey: [...queueKey(batch), filter],
    queryFn: ({ pageParam }) =>
      need(
        api.GET('/api/v1/sorting/{batch}/queue', {
          params: { path: { batch }, query: { ...filter, page: pageParam, size: SIZE } },
        }),
      ),
    initialPageParam: 1,
    getNextPageParam: (last: QueuePage) =>
      last.page * last.size < last.total ? last.page + 1 : undefined,
    // decisions are put into what is here; asking again would move rows under the owner's eyes
    staleTime: Infinity,
    gcTime: 0,
  });
}

export function useStanding(batch: number) {
  return useQuery({
    queryKey: ['sorting', batch, 'standing'],
    queryFn: () => need(api.GET('/api/v1/sorting/{batch}', { params: { path: { batch } } })),
  });
}

/** What was decided on all that the filter lets through. */
export const marks = (batch: number, filter: SortingFilter): Promise<Decided[]> =>
  need(
    api.GET('/api/v1/sorting/{batch}/marks', { params: { path: { batch }, query: { ...filter } } }),
  );

/** Decides at once on the screen, then on the server; one act may hold several decisions. */
export function useDecide(batch: number) {
  const queries = useQueryClient();
  const patch = useChangeLines(batch);
  return useMutation({
    mutationFn: async (decisions: Decision[]) => {
      let standing: Standing | undefined;
      for (const { ids, sorted, reason } of decisions) {
        standing = await need(
          api.POST('/api/v1/sorting/{batch}/decisions', {
            params: { path: { batch } },
            body: { ids, sorted, ...(reason ? { reason } : {}) },
          }),
        );
      }
      return standing;
    },
    onMutate: (decisions) => {
      for (const { ids, sorted, reason } of decisions) {
        const of = new Set(ids);
        patch((line) => {
          if (!of.has(line.id)) return line;
          const next = { ...line, sorted };
          delete next.sortedBecause;
          return reason ? { ...next, sortedBecause: reason } : next;
        });
      }
    },
    onSuccess: (standing) => queries.setQueryData(['sorting', batch, 'standing'], standing),
    onError: () => queries.invalidateQueries({ queryKey: ['sorting', batch] }),
  });
}

/** Changes lines of the queue where they are kept. */
export function useChangeLines(batch: number) {
  const queries = useQueryClient();
  return (change: (line: ReviewLine) => ReviewLine) =>
    queries.setQueriesData<InfiniteData<QueuePage>>({ queryKey: queueKey(batch) }, (data) =>
      data
        ? {
            ...data,
            pages: data.pages.map((page) => ({ ...page, items: page.items.map(change) })),
          }
        : data,
    );
}

/** Where the steps of a batch are kept. */
export const stepsOf = (batch: number) => `sorting-${batch}`;

export function usePublishBatch(batch: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: () =>
      need(api.POST('/api/v1/sorting/{batch}/publish', { params: { path: { batch } } })),
    onSuccess: () => {
      keepSteps(stepsOf(batch), { done: [], undone: [] });
      return Promise.all(
        ['reviews', 'page', 'products', 'batch', 'batches', 'arrangement'].map((key) =>
          queries.invalidateQueries({ queryKey: [key] }),
        ),
      );
    },
  });
}

/** Puts stars and a review wall on product pages, for shoppers too. */
export function useShowReviews() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: () => need(api.POST('/api/v1/arrangement/show-reviews')),
    onSuccess: (arrangement) => queries.setQueryData(['arrangement'], arrangement),
  });
}
