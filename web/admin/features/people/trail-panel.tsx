import { useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty';
import { Pick } from '../../ui/pick';
import { moment } from '../../shared/words';
import { useShop } from '../setup/queries';
import { trailQuery, useTrail, useTrailNames } from './queries';

const anyOf = (words: string, values: string[]) => [
  { value: '', text: words },
  ...values.map((value) => ({ value, text: value })),
];

/** What was done by whom: kept for 13 months, searched, and taken away as CSV. */
export function TrailPanel() {
  const [who, setWho] = useState('');
  const [place, setPlace] = useState('');
  const [words, setWords] = useState('');
  const wanted = { who, place, q: useDeferredValue(words.trim()) };
  const names = useTrailNames();
  const trail = useTrail(wanted);
  const zone = useShop().data?.zone ?? 'UTC';
  const lines = trail.data?.pages.flatMap(({ items }) => items) ?? [];
  return (
    <section
      aria-label="What was done"
      className="rounded-2xl border border-line bg-paper px-5 py-4"
    >
      <h2 className="flex items-baseline text-lg">
        <span className="flex-1">What was done</span>
        <a
          className="font-text text-[13px] font-normal text-plum underline underline-offset-2"
          href={`/api/v1/trail.csv?${new URLSearchParams(trailQuery(wanted)).toString()}`}
          download
        >
          CSV
        </a>
      </h2>
      <p className="mt-1 text-[14px] leading-7 text-ink-2">
        By{' '}
        <Pick
          label="By whom"
          value={who}
          choices={anyOf('anyone', names.data?.people ?? [])}
          onPick={setWho}
        />{' '}
        in{' '}
        <Pick
          label="In which place"
          value={place}
          choices={anyOf('any place', names.data?.places ?? [])}
          onPick={setPlace}
        />
        , newest first
      </p>
      <input
        type="search"
        aria-label="Search what was done"
        placeholder="Search"
        className="mt-1 w-full rounded-lg border border-line-3 bg-white px-3 py-1.5"
        value={words}
        onChange={(event) => setWords(event.target.value)}
      />
      {trail.error ? (
        <Failure error={trail.error} again={() => void trail.refetch()} />
      ) : !trail.data ? (
        <Loading lines={4} />
      ) : lines.length === 0 ? (
        <p className="mt-3 text-ink-2">Nothing of that kind in the last 13 months.</p>
      ) : (
        <ol className="mt-2">
          {lines.map((line) => (
            <li key={line.id} className="border-t border-line/70 py-2 first:border-0">
              <span className="block text-[13px] text-ink-2">{moment(line.at, zone)}</span>
              <b>{line.who}</b>{' '}
              {line.link ? (
                <Link className="text-plum underline underline-offset-2" to={line.link}>
                  {line.did}
                </Link>
              ) : (
                line.did
              )}
            </li>
          ))}
        </ol>
      )}
      {trail.hasNextPage && (
        <Button look="link" onClick={() => void trail.fetchNextPage()}>
          Older
        </Button>
      )}
    </section>
  );
}
