import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';

export type PageReading = Schemas['PageReadingView'];
export type Piece = Schemas['PagePiece'];
export type ReadRow = Schemas['ReadRow'];
export type ReviewPart = Schemas['PatternPart']['part'];

/** What can be pointed at: a review, or a part of one. */
export type Target = ReviewPart | 'REVIEW';

const keyOf = (id: number) => ['page-reading', id];

export function usePageReading(id: number) {
  return useQuery({
    queryKey: keyOf(id),
    queryFn: () => need(api.GET('/api/v1/page-readings/{id}', { params: { path: { id } } })),
    retry: false,
  });
}

function useChange<T>(id: number, change: (given: T) => Promise<PageReading>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    scope: { id: `page-reading-${id}` },
    onSuccess: (reading) => queries.setQueryData(keyOf(id), reading),
  });
}

export const usePoint = (id: number) =>
  useChange(id, ({ target, element }: { target: Target; element: number }) =>
    need(
      api.POST('/api/v1/page-readings/{id}/points', {
        params: { path: { id } },
        body: target === 'REVIEW' ? { element } : { part: target, element },
      }),
    ),
  );

export const useWithout = (id: number) =>
  useChange(id, (part: ReviewPart) =>
    need(api.DELETE('/api/v1/page-readings/{id}/parts/{part}', { params: { path: { id, part } } })),
  );

export const useLeave = (id: number) =>
  useChange(id, ({ element, isLeftOut }: { element: number; isLeftOut: boolean }) =>
    need(
      api.PUT('/api/v1/page-readings/{id}/rows/{element}', {
        params: { path: { id, element } },
        body: { isLeftOut },
      }),
    ),
  );

/** Brings in what was looked at, and what is built like it on the pages after it. */
export const useBringIn = (id: number) =>
  useMutation({
    mutationFn: (most: number | undefined) =>
      need(
        api.POST('/api/v1/page-readings/{id}/import', {
          params: { path: { id } },
          body: most ? { most } : {},
        }),
      ),
  });
