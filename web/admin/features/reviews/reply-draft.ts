import { useEffect, useState, useSyncExternalStore } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, mayComeBack, need, problemText } from '../../shared/api';
import { sendingOf, sentOf } from '../../shared/unsaved';
import { t } from '../../shared/t';

const PAUSE = 400;
const AWAY = t('reviews.replyDraft.notSavedYetNoConnection');

/** What was typed and is not kept yet, by review, and the sending of it. */
const waiting = new Map<number, { text: string; timer: ReturnType<typeof setTimeout> }>();
const sending = new Set<Promise<unknown>>();

/** Why the last try to keep a reply failed, by review, and who tells it. */
const troubles = new Map<number, string>();
const tellers = new Set<() => void>();

function toldOf(review: number, trouble: string | undefined): void {
  if (trouble) troubles.set(review, trouble);
  else troubles.delete(review);
  if (trouble === AWAY) sendingOf(`reply ${review}`);
  else sentOf(`reply ${review}`);
  tellers.forEach((tell) => {
    tell();
  });
}

function subscribe(tell: () => void) {
  tellers.add(tell);
  return () => void tellers.delete(tell);
}

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
    .then(() => {
      toldOf(review, undefined);
    })
    .catch((error: unknown) => {
      // the server is away: it is tried again, unless more was typed meanwhile
      if (mayComeBack(error) && !waiting.has(review)) keep(review, one.text, 10 * PAUSE);
      toldOf(review, mayComeBack(error) ? AWAY : problemText(error));
      throw error;
    })
    .finally(() => sending.delete(sent));
  sending.add(sent);
  // whoever waits for it hears of it
  sent.catch(() => undefined);
}

function keep(review: number, text: string, pause = PAUSE): void {
  const before = waiting.get(review);
  if (before) clearTimeout(before.timer);
  waiting.set(review, { text, timer: setTimeout(() => send(review), pause) });
}

/** Sends all that was typed, so that what goes out next is what stands there; fails where it cannot. */
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
    const leave = () => void sendReplies().catch(() => undefined);
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      leave();
    };
  }, []);
  const trouble = useSyncExternalStore(subscribe, () => troubles.get(review));
  return {
    trouble,
    again:
      trouble === AWAY
        ? () => {
            send(review);
          }
        : undefined,
    text: typed ?? draft.data?.text ?? published,
    type: (text: string) => {
      setTyped(text);
      queries.setQueryData(key, { text });
      keep(review, text);
    },
  };
}
