import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';

export type Visit = Schemas['PageImport'];

const EVERY = 300;

export function useBeginVisit() {
  return useMutation({
    mutationFn: (address: string) =>
      need(api.POST('/api/v1/imports/visits', { body: { address } })),
  });
}

export function useVisit(id: number | undefined) {
  return useQuery({
    queryKey: ['visit', id],
    queryFn: () =>
      need(api.GET('/api/v1/imports/visits/{id}', { params: { path: { id: id ?? 0 } } })),
    enabled: id !== undefined,
    refetchInterval: (query) =>
      !query.state.data || query.state.data.state === 'GOING' ? EVERY : false,
  });
}

export function useCancelVisit() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (id: number) =>
      need(api.POST('/api/v1/imports/visits/{id}/cancel', { params: { path: { id } } })),
    onSuccess: (visit) => queries.setQueryData(['visit', visit.id], visit),
  });
}

/** Where what was read is looked at; none while it is read, or where it could not be. */
export function wayOn({ batch, reading }: Visit): string | undefined {
  if (batch !== undefined) return `/reviews/bring-in/${batch}`;
  return reading === undefined ? undefined : `/reviews/bring-in/page/${reading}`;
}

/** A page as the browser has it. */
export const handOver = (address: string, html: string) =>
  need(api.POST('/api/v1/imports/pages', { body: { address, html } }));
