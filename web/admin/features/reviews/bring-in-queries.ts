import { useMutation, useQuery } from '@tanstack/react-query';
import { api, csrfHeader, need, Problem, problemOf, type Schemas } from '../../shared/api';

export type BatchView = Schemas['BatchView'];
export type Choices = Schemas['Choices'];

const EVERY = 400;

export function useBatch(id: number) {
  return useQuery({
    queryKey: ['batch', id],
    queryFn: () => need(api.GET('/api/v1/bring-in/{id}', { params: { path: { id } } })),
    refetchInterval: (query) => (query.state.data?.state === 'READING' ? EVERY : false),
  });
}

export function useBatches() {
  return useQuery({
    queryKey: ['batches'],
    queryFn: () => need(api.GET('/api/v1/bring-in')),
    refetchInterval: (query) =>
      query.state.data?.items.some((batch) => batch.state === 'READING') ? EVERY : false,
  });
}

export function useProblems(id: number, page: number) {
  return useQuery({
    queryKey: ['batch', id, 'problems', page],
    queryFn: () =>
      need(
        api.GET('/api/v1/bring-in/{id}/problems', {
          params: { path: { id }, query: { page, size: 100 } },
        }),
      ),
  });
}

export function useRead(id: number) {
  return useMutation({
    mutationFn: (choices: Choices) =>
      need(api.POST('/api/v1/bring-in/{id}/read', { params: { path: { id } }, body: choices })),
  });
}

/** Sends a file; tells how far it is, and can be called off. */
export function send(file: File, progress: (percent: number) => void) {
  const request = new XMLHttpRequest();
  const done = new Promise<BatchView>((resolve, reject) => {
    request.upload.onprogress = (event) =>
      event.lengthComputable && progress(Math.round((100 * event.loaded) / event.total));
    request.onload = () => {
      const body: unknown = parse(request.responseText);
      if (request.status < 300) resolve(body as BatchView);
      else reject(problemOf(request.status, body));
    };
    request.onerror = () =>
      reject(new Problem(0, 'The file could not be sent. Nothing of it was taken; try again.'));
    request.onabort = () => reject(new Problem(0, 'Called off. Nothing of the file was taken.'));
    const form = new FormData();
    form.append('file', file);
    request.open('POST', '/api/v1/bring-in');
    Object.entries(csrfHeader()).forEach(([name, value]) => request.setRequestHeader(name, value));
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
