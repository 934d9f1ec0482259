import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { useServerForm } from '../../shared/server-form';
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
  const { form, field, problem, onSubmit, refuse } = useServerForm({
    address: feed?.address ?? '',
    everyHours: String(feed?.everyHours ?? 6),
  });
  const save = useFeedAction(follow);
  const leave = useFeedAction(stopFeed);
  const ask = useFeedAction(updateNow);
  const { say, sayProblem } = useNotify();
  const submit = onSubmit(({ address, everyHours }) =>
    save.mutate(
      { kind, address, everyHours: Number(everyHours) },
      {
        onSuccess: () =>
          say(t('catalogue.feedFollow.updatingEveryHours', { text, hours: everyHours })),
        onError: refuse,
      },
    ),
  );
  const hours = field('everyHours');
  const { fault = hours.fault ? undefined : problem, ...address } = field('address');
  return (
    <form
      aria-label={t('catalogue.feedFollow.addressOf', { text })}
      className="mt-2 flex flex-wrap items-start gap-3 border-t border-line/70 pt-3 first:border-0"
      onSubmit={(event) => void submit(event)}
    >
      <Field
        label={t('catalogue.feedFollow.addressOfYour', { text })}
        className="min-w-72 flex-1"
        placeholder={'https://…'}
        fault={fault}
        note={
          feed?.askedAt
            ? t('catalogue.feedFollow.lastUpdate', { askedAt: since(feed.askedAt) })
            : t('catalogue.feedFollow.noUpdateYet')
        }
        {...address}
      />
      <Field
        label={t('catalogue.feedFollow.updateIntervalInHours')}
        type="number"
        min={1}
        max={168}
        className="w-40"
        {...hours}
      />
      <span className="flex gap-2 pt-7">
        <Button type="submit" disabled={!form.getValues('address') || save.isPending}>
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
