import { useQuery } from '@tanstack/react-query';
import { api, need } from '../../shared/api';
import { since } from '../../shared/format';
import { T, t } from '../../shared/t';

/** What follows a change and could not be done yet; nothing where all is done. */
export function FollowUps() {
  const found = useQuery({
    queryKey: ['follow-ups'],
    queryFn: () => need(api.GET('/api/v1/follow-ups')),
    refetchInterval: 60_000,
  });
  const pending = found.data?.pending ?? [];
  if (pending.length === 0) return null;
  return (
    <section
      role="status"
      aria-label={t('setup.followUps.notFinishedYet')}
      className="col-span-2 rounded-2xl bg-rust-soft px-5 py-4 text-rust-ink"
    >
      <h2 className="text-lg">{t('setup.followUps.notFinishedYet')}</h2>
      <p>{t('setup.followUps.yourChangesAreSavedA')}</p>
      <ul className="mt-1 list-disc pl-5 text-[13px]">
        {pending.map((one) => (
          <li key={`${one.what} ${one.of} ${one.since}`}>
            <T
              id="setup.followUps.after"
              values={{ what: one.what, of: one.of, since: since(one.since), reason: one.reason }}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
