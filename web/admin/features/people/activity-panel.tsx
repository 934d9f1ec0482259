import { useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty-state';
import { InlineSelect, type Choice } from '../../ui/inline-select';
import { moment } from '../../shared/format';
import { useShop } from '../shop/queries';
import { trailQuery, useTrail, useTrailNames } from './queries';
import { T, t } from '../../shared/t';

const anyOf = (words: string, choices: Choice<string>[]) => [
  { value: '', text: words },
  ...choices,
];

/** What was done by whom: kept for 13 months, searched, and taken away as CSV. */
export function ActivityPanel() {
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
      aria-label={t('people.activityPanel.activity')}
      className="rounded-2xl border border-line bg-paper px-5 py-4"
    >
      <h2 className="flex items-baseline text-lg">
        <span className="flex-1">{t('people.activityPanel.activity')}</span>
        <a
          className="font-text text-[13px] font-normal text-plum underline underline-offset-2"
          href={`/api/v1/trail.csv?${new URLSearchParams(trailQuery(wanted)).toString()}`}
          download
        >
          {t('people.activityPanel.exportCsv')}
        </a>
      </h2>
      <p className="mt-1 text-[14px] leading-7 text-ink-2">
        <T
          id="people.activityPanel.byInNewestFirst"
          values={{
            person: (
              <InlineSelect
                label={t('people.activityPanel.person')}
                value={who}
                choices={anyOf(
                  t('people.activityPanel.anyone'),
                  (names.data?.people ?? []).map((one) => ({ value: one, text: one })),
                )}
                onPick={setWho}
              />
            ),
            area: (
              <InlineSelect
                label={t('people.activityPanel.area')}
                value={place}
                choices={anyOf(
                  t('people.activityPanel.anyArea'),
                  (names.data?.places ?? []).map((one) => ({ value: one.place, text: one.name })),
                )}
                onPick={setPlace}
              />
            ),
          }}
        />
      </p>
      <input
        type="search"
        aria-label={t('people.activityPanel.searchActivity')}
        placeholder={t('people.activityPanel.search')}
        className="mt-1 w-full rounded-lg border border-line-3 bg-white px-3 py-1.5"
        value={words}
        onChange={(event) => setWords(event.target.value)}
      />
      {trail.error ? (
        <Failure error={trail.error} again={() => void trail.refetch()} />
      ) : !trail.data ? (
        <Loading lines={4} />
      ) : lines.length === 0 ? (
        <p className="mt-3 text-ink-2">{t('people.activityPanel.noMatchingActivityInThe')}</p>
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
          {t('people.activityPanel.older')}
        </Button>
      )}
    </section>
  );
}
