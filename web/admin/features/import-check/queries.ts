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

export type ImportProgress = Schemas['ImportProgress'];
export type Published = Schemas['Published'];
export type ImportDecision = ReviewLine['decision'];
type QueuePage = Schemas['PagedResultReviewListItem'];
type Decided = Schemas['Decided'];

export interface ImportFilter {
  pictures?: boolean | undefined;
  stars?: number | undefined;
  country?: string | undefined;
  language?: string | undefined;
  flag?: ReviewLine['flags'][number] | undefined;
  decision?: ImportDecision | undefined;
}

export interface Decision {
  ids: number[];
  decision: ImportDecision;
  reason?: Reason | undefined;
  /** of many at once, without a look at each: what is serious stays open */
  unseen?: boolean;
}

const SIZE = 100;
const queueKey = (batch: number) => ['sorting', batch, 'queue'];

/** What waits of an import, page by page. */
export function useQueue(batch: number, filter: ImportFilter) {
  return useInfiniteQuery({
    queryKey: [...queueKey(batch), filter],
    queryFn: ({ pageParam }) =>
      need(
        api.GET('/api/v1/import-checks/{batch}/queue', {
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

export function useImportProgress(batch: number) {
  return useQuery({
    queryKey: ['sorting', batch, 'standing'],
    queryFn: () => need(api.GET('/api/v1/import-checks/{batch}', { params: { path: { batch } } })),
  });
}

/** What was decided on all that the filter lets through. */
export const marks = (batch: number, filter: ImportFilter): Promise<Decided[]> =>
  need(
    api.GET('/api/v1/import-checks/{batch}/marks', {
      params: { path: { batch }, query: { ...filter } },
    }),
  );

/** Decides at once on the screen, then on the server; one act may hold several decisions. */
export function useDecide(batch: number) {
  const queries = useQueryClient();
  const patch = useChangeLines(batch);
  return useMutation({
    mutationFn: async (decisions: Decision[]) => {
      let standing: ImportProgress | undefined;
      for (const { ids, decision, reason } of decisions) {
        standing = await need(
          api.POST('/api/v1/import-checks/{batch}/decisions', {
            params: { path: { batch } },
            body: { ids, decision, ...(reason ? { reason } : {}) },
          }),
        );
      }
      return standing;
    },
    onMutate: (decisions) => {
      for (const { ids, decision, reason } of decisions) {
        const of = new Set(ids);
        patch((line) => {
          if (!of.has(line.id)) return line;
          const next = { ...line, decision };
          delete next.decisionReason;
          return reason ? { ...next, decisionReason: reason } : next;
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

/** Where the steps of an import are kept. */
export const stepsOf = (batch: number) => `sorting-${batch}`;

export function usePublishImport(batch: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: () =>
      need(api.POST('/api/v1/import-checks/{batch}/publish', { params: { path: { batch } } })),
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
    mutationFn: () => need(api.POST('/api/v1/layout/add-review-nods')),
    onSuccess: (arrangement) => queries.setQueryData(['arrangement'], arrangement),
  });
}
