import { useState } from 'react';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Problem } from '../../shared/api';
import { since } from '../../shared/words';
import { useSay } from '../../ui/toasts';
import { askNow, follow, leaveFeed, useFeedAct, type FeedKind } from './queries';

interface FeedFollowProps {
  kind: FeedKind;
  text: string;
  feed: { address: string; everyHours: number; askedAt?: string } | undefined;
  onRun: (run: number) => void;
}

/** An address that is asked every so many hours. */
export function FeedFollow({ kind, text, feed, onRun }: FeedFollowProps) {
  const [address, setAddress] = useState(feed?.address ?? '');
  const [hours, setHours] = useState(String(feed?.everyHours ?? 6));
  const save = useFeedAct(follow);
  const leave = useFeedAct(leaveFeed);
  const ask = useFeedAct(askNow);
  const { say, sayProblem } = useSay();
  const fault = save.error instanceof Problem ? save.error.message : undefined;
  return (
    <form
      aria-label={`Address of ${text}`}
      className="mt-2 flex flex-wrap items-start gap-3 border-t border-line/70 pt-3 first:border-0"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate(
          { kind, address, everyHours: Number(hours) },
          { onSuccess: () => say(`Its ${text} are asked for every ${hours} hours`) },
        );
      }}
    >
      <Field
        label={`Where ${text} are`}
        className="min-w-72 flex-1"
        value={address}
        placeholder="https://…"
        fault={fault}
        note={feed?.askedAt ? `asked ${since(feed.askedAt)}` : 'not asked yet'}
        onChange={(event) => setAddress(event.target.value)}
      />
      <Field
        label="Every so many hours"
        type="number"
        min={1}
        max={168}
        className="w-40"
        value={hours}
        onChange={(event) => setHours(event.target.value)}
      />
      <span className="flex gap-2 pt-7">
        <Button type="submit" disabled={!address || save.isPending}>
          Follow
        </Button>
        {feed && (
          <>
            <Button
              disabled={ask.isPending}
              onClick={() =>
                ask.mutate(kind, { onSuccess: ({ run }) => onRun(run.id), onError: sayProblem })
              }
            >
              {ask.isPending ? 'Asking …' : 'Ask now'}
            </Button>
            <Button look="link" onClick={() => leave.mutate(kind, { onError: sayProblem })}>
              No longer
            </Button>
          </>
        )}
      </span>
    </form>
  );
}
