import { useMutation, useMutationState, useQuery, useQueryClient } from '@tanstack/react-query';
import {
  api,
  pageHeader,
  mayComeBack,
  need,
  Problem,
  problemOf,
  type Schemas,
} from '../../shared/api';
import { t } from '../../shared/t';

export type ImportView = Schemas['ImportView'];
export type ImportChoices = Schemas['ImportOptions'];
export type Inspection = Schemas['FileInspection'];
export type Preview = Schemas['ImportPreview'];

const EVERY = 400;

/** Choices in which a text of a column means another; nothing takes that back. */
/** A column whose texts can be said to mean something. */
export type Renamed = keyof NonNullable<ImportChoices['renames']>;

export function renamed(
  choices: ImportChoices,
  column: Renamed,
  text: string,
  meant: string | undefined,
): Partial<ImportChoices> {
  const others = Object.entries(choices.renames?.[column] ?? {}).filter(([name]) => name !== text);
  return {
    renames: {
      ...choices.renames,
      [column]: Object.fromEntries(meant === undefined ? others : [...others, [text, meant]]),
    },
  };
}

export function useImport(id: number) {
  return useQuery({
    queryKey: ['batch', id],
    queryFn: () => need(api.GET('/api/v1/imports/{id}', { params: { path: { id } } })),
    refetchInterval: (query) => (query.state.data?.state === 'RUNNING' ? EVERY : false),
  });
}

export function useImports() {
  return useQuery({
    queryKey: ['batches'],
    queryFn: () => need(api.GET('/api/v1/imports')),
    refetchInterval: (query) =>
      query.state.data?.items.some((batch) => batch.state === 'RUNNING') ? EVERY : false,
  });
}

export function useProblems(id: number, page: number) {
  return useQuery({
    queryKey: ['batch', id, 'problems', page],
    queryFn: () =>
      need(
        api.GET('/api/v1/imports/{id}/problems', {
          params: { path: { id }, query: { page, size: 100 } },
        }),
      ),
  });
}

/** What would come of reading with these choices; the answer before stays until the next is there. */
export function useImportPreview(id: number, choices: ImportChoices, on: boolean) {
  return useQuery({
    queryKey: ['batch', id, 'trial', choices],
    queryFn: () =>
      need(api.POST('/api/v1/imports/{id}/preview', { params: { path: { id } }, body: choices })),
    enabled: on,
    retry: false,
    placeholderData: (previous) => previous,
  });
}

/** What was chosen for a file so far. */
export function useChosen(id: number, on: boolean) {
  return useQuery({
    queryKey: ['batch', id, 'choices'],
    queryFn: () => need(api.GET('/api/v1/imports/{id}/choices', { params: { path: { id } } })),
    enabled: on,
    gcTime: 0,
    staleTime: Infinity,
  });
}

const keeping = (id: number) => ['choices', id];

/** Keeps what is chosen, one choice behind the other; a server that is away is asked until it is back. */
export function useKeepChoices(id: number) {
  return useMutation({
    mutationKey: keeping(id),
    scope: { id: `choices-${id}` },
    networkMode: 'always',
    retry: (_, error) => mayComeBack(error),
    retryDelay: 3000,
    mutationFn: (choices: ImportChoices) =>
      need(api.PUT('/api/v1/imports/{id}/choices', { params: { path: { id } }, body: choices })),
  });
}

/** Whether a choice could not be kept so far. */
export const useKeepingFails = (id: number) =>
  useMutationState({
    filters: { mutationKey: keeping(id), status: 'pending' },
    select: (mutation) => mutation.state.failureCount,
  }).some((failures) => failures > 0);

/** Another sheet or encoding of the same file. */
export function useReinspect(id: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (again: { sheet?: string; encoding?: string }) =>
      need(api.POST('/api/v1/imports/{id}/inspection', { params: { path: { id } }, body: again })),
    onSuccess: (next) => queries.setQueryData(['batch', id], next),
  });
}

/** Calling a reading off, or taking all of an import back. */
export function useCancelImport() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, how }: { id: number; how: 'cancel' | 'take-back' }) =>
      need(
        how === 'cancel'
          ? api.POST('/api/v1/imports/{id}/cancel', { params: { path: { id } } })
          : api.POST('/api/v1/imports/{id}/remove', { params: { path: { id } } }),
      ),
    onSettled: () =>
      Promise.all(
        ['batch', 'batches', 'reviews', 'page', 'products'].map((key) =>
          queries.invalidateQueries({ queryKey: [key] }),
        ),
      ),
  });
}

/** Text pasted in place of a file. */
export const paste = (text: string) => need(api.POST('/api/v1/imports/text', { body: { text } }));

export function useStartImport(id: number) {
  return useMutation({
    mutationFn: (choices: ImportChoices) =>
      need(api.POST('/api/v1/imports/{id}/start', { params: { path: { id } }, body: choices })),
  });
}

/** Sends a file; tells how far it is, and can be called off. */
export function send(file: File, progress: (percent: number) => void) {
  const request = new XMLHttpRequest();
  const done = new Promise<ImportView>((resolve, reject) => {
    request.upload.onprogress = (event) =>
      event.lengthComputable && progress(Math.round((100 * event.loaded) / event.total));
    request.onload = () => {
      const body: unknown = parse(request.responseText);
      if (request.status < 300) resolve(body as ImportView);
      else reject(problemOf(request.status, body));
    };
    request.onerror = () => reject(new Problem(0, t('imports.queries.theFileCouldNotBe')));
    request.onabort = () =>
      reject(new Problem(0, t('imports.queries.cancelledNothingWasImported')));
    const form = new FormData();
    form.append('file', file);
    request.open('POST', '/api/v1/imports');
    Object.entries(pageHeader()).forEach(([name, value]) => request.setRequestHeader(name, value));
    request.send(form);
  });
  return { done, cancel: () => request.abort() };
}

function parse(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
