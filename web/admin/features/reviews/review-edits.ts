import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';
import type { ReviewLine } from './queries';

export type NameForm = NonNullable<Schemas['NameAs']['form']>;

/** A change of one review; its words and rating never change. */
export type Edit =
  | { what: 'reply'; text: string }
  | { what: 'featured'; featured: boolean }
  | { what: 'contacts'; hidden: boolean }
  | { what: 'name'; form: NameForm }
  | { what: 'variant'; title: string | undefined };

function put(id: number, edit: Edit): Promise<ReviewLine> {
  const params = { path: { id } };
  switch (edit.what) {
    case 'reply':
      return need(api.PUT('/api/v1/reviews/{id}/reply', { params, body: { text: edit.text } }));
    case 'featured':
      return need(
        api.PUT('/api/v1/reviews/{id}/featured', { params, body: { featured: edit.featured } }),
      );
    case 'contacts':
      return need(
        api.PUT('/api/v1/reviews/{id}/contacts', { params, body: { hidden: edit.hidden } }),
      );
    case 'name':
      return need(api.PUT('/api/v1/reviews/{id}/name', { params, body: { form: edit.form } }));
    case 'variant':
      return need(
        api.PUT('/api/v1/reviews/{id}/variant', {
          params,
          body: edit.title === undefined ? {} : { title: edit.title },
        }),
      );
  }
}

/** Changes a review, and says how it is now. */
export function useEdit(onDone: (line: ReviewLine) => void) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, edit }: { id: number; edit: Edit }) => put(id, edit),
    onSuccess: (line) => {
      onDone(line);
      void queries.invalidateQueries({ queryKey: ['review', line.id] });
      void queries.invalidateQueries({ queryKey: ['page'] });
    },
  });
}

export function useReview(id: number | undefined) {
  return useQuery({
    queryKey: ['review', id],
    queryFn: () => need(api.GET('/api/v1/reviews/{id}', { params: { path: { id: id! } } })),
    enabled: id !== undefined,
  });
}

export function useHistory(id: number) {
  return useQuery({
    queryKey: ['review', id, 'history'],
    queryFn: () => need(api.GET('/api/v1/reviews/{id}/history', { params: { path: { id } } })),
  });
}
