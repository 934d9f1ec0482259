import { useState } from 'react';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Problem } from '../../shared/api';
import { since } from '../../shared/format';
import { useNotify } from '../../ui/toasts';
import { updateNow, follow, stopFeed, useFeedAction, type FeedKind } from './queries';
import { t } from '../../shared/t';

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
  const save = useFeedAction(follow);
  const leave = useFeedAction(stopFeed);
  const ask = useFeedAction(updateNow);
  const { say, sayProblem } = useNotify();
  const fault = save.error instanceof Problem ? save.error.message : undefined;
  return (
    <form
      aria-label={t('catalogue.feedFollow.addressOf', { text })}
      className="mt-2 flex flex-wrap items-start gap-3 border-t border-line/70 pt-3 first:border-0"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate(
          { kind, address, everyHours: Number(hours) },
          { onSuccess: () => say(t('catalogue.feedFollow.updatingEveryHours', { text, hours })) },
        );
      }}
    >
      <Field
        label={t('catalogue.feedFollow.addressOfYour', { text })}
        className="min-w-72 flex-1"
        value={address}
        placeholder={'https://…'}
        fault={fault}
        note={
          feed?.askedAt
            ? t('catalogue.feedFollow.lastUpdate', { askedAt: since(feed.askedAt) })
            : t('catalogue.feedFollow.noUpdateYet')
        }
        onChange={(event) => setAddress(event.target.value)}
      />
      <Field
        label={t('catalogue.feedFollow.updateIntervalInHours')}
        type="number"
        min={1}
        max={168}
        className="w-40"
        value={hours}
        onChange={(event) => setHours(event.target.value)}
      />
      <span className="flex gap-2 pt-7">
        <Button type="submit" disabled={!address || save.isPending}>
          {t('catalogue.feedFollow.start')}
        </Button>
        {feed && (
          <>
            <Button
              disabled={ask.isPending}
              onClick={() =>
                ask.mutate(kind, { onSuccess: ({ run }) => onRun(run.id), onError: sayProblem })
              }
            >
              {ask.isPending
                ? t('catalogue.feedFollow.updating')
                : t('catalogue.feedFollow.updateNow')}
            </Button>
            <Button look="link" onClick={() => leave.mutate(kind, { onError: sayProblem })}>
              {t('catalogue.feedFollow.stop')}
            </Button>
          </>
        )}
      </span>
    </form>
  );
}
