import { useEffect, useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need } from '../../shared/api';

const PAUSE = 400;

/** What was typed and is not kept yet, by review, and the sending of it. */
const waiting = new Map<number, { text: string; timer: ReturnType<typeof setTimeout> }>();
const sending = new Set<Promise<unknown>>();

function send(review: number): void {
  const one = waiting.get(review);
  if (!one) return;
  clearTimeout(one.timer);
  waiting.delete(review);
  const sent = need(
    api.PUT('/api/v1/reviews/{id}/reply-draft', {
      params: { path: { id: review } },
      body: { text: one.text },
    }),
  )
    .catch(() => {
      // away for a moment: it waits for the next word or the next try
      if (!waiting.has(review)) keep(review, one.text, 10 * PAUSE);
    })
    .finally(() => sending.delete(sent));
  sending.add(sent);
}

function keep(review: number, text: string, pause = PAUSE): void {
  const before = waiting.get(review);
  if (before) clearTimeout(before.timer);
  waiting.set(review, { text, timer: setTimeout(() => send(review), pause) });
}

/** Sends all that was typed, so that what goes out next is what stands there. */
export async function sendReplies(): Promise<void> {
  [...waiting.keys()].forEach(send);
  await Promise.all(sending);
}

/** A reply as it is typed: kept on the server within a second, and there again after any way back. */
export function useReplyDraft(review: number, published: string) {
  const queries = useQueryClient();
  const key = ['reviews', 'reply-draft', review];
  const draft = useQuery({
    queryKey: key,
    queryFn: () =>
      need(api.GET('/api/v1/reviews/{id}/reply-draft', { params: { path: { id: review } } })),
    staleTime: Infinity,
  });
  const [typed, setTyped] = useState<string | undefined>(() => waiting.get(review)?.text);
  useEffect(() => {
    const leave = () => void sendReplies();
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      leave();
    };
  }, []);
  return {
    text: typed ?? draft.data?.text ?? published,
    type: (text: string) => {
      setTyped(text);
      queries.setQueryData(key, { text });
      keep(review, text);
    },
  };
}
