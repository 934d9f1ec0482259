import { useQuery } from '@tanstack/react-query';
import { api, need } from '../../shared/api';
import { since } from '../../shared/words';

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
      aria-label="Not done yet"
      className="col-span-2 rounded-2xl bg-rust-soft px-5 py-4 text-rust-ink"
    >
      <h2 className="text-lg">Not done yet</h2>
      <p>
        What you changed is in force. Something that follows it failed; it is tried again each
        minute, and nothing is lost.
      </p>
      <ul className="mt-1 list-disc pl-5 text-[13px]">
        {pending.map((one) => (
          <li key={`${one.what} ${one.of} ${one.since}`}>
            {one.what} after {one.of}, {since(one.since)}: {one.reason}
          </li>
        ))}
      </ul>
    </section>
  );
}
