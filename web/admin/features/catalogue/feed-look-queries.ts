import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, need, sendForm, type Schemas } from '../../shared/api';

export type FeedLook = Schemas['FeedLook'];
export type LookColumn = FeedLook['columns'][number];
export type FeedWanted = Schemas['FeedWanted'];
export type DateOrder = FeedLook['dates']['order'];

export function uploadForLook(file: File) {
  const form = new FormData();
  form.append('file', file);
  return sendForm<FeedLook>('/api/v1/feeds/looks', form, {});
}

/** The file as it is understood with these choices, and what would come of it. */
export function useFeedLook(first: FeedLook, wanted: FeedWanted | undefined) {
  return useQuery({
    // apart from feeds: what was imported is here no more, and is not asked for again
    queryKey: ['feed-look', first.id, wanted],
    queryFn: () =>
      need(
        api.POST('/api/v1/feeds/looks/{id}/trial', {
          params: { path: { id: first.id } },
          body: wanted ?? {},
        }),
      ),
    // as it was found it is known already; asked again when a word of it has got a meaning
    initialData: wanted === undefined ? first : undefined,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
}

export const importLook = ({ id, wanted }: { id: string; wanted: FeedWanted }) =>
  need(api.POST('/api/v1/feeds/looks/{id}/import', { params: { path: { id } }, body: wanted }));
