import { t } from '../../shared/t';
import type { FeedLook } from './feed-look-queries';

type Fact = NonNullable<FeedLook['trial']>['facts'][number];

const TOPICS: Record<Fact['topic'], string> = {
  BESTSELLERS: t('catalogue.feedLook.topic.BESTSELLERS'),
  RECENT_ORDERS: t('catalogue.feedLook.topic.RECENT_ORDERS'),
  VERIFIED_PURCHASES: t('catalogue.feedLook.topic.VERIFIED_PURCHASES'),
  ARRIVALS: t('catalogue.feedLook.topic.ARRIVALS'),
  PRICE_DROPS: t('catalogue.feedLook.topic.PRICE_DROPS'),
  STOCK: t('catalogue.feedLook.topic.STOCK'),
  PICTURES: t('catalogue.feedLook.topic.PICTURES'),
};

/** What nods can rest on once a file is read, and what they can't. */
export function FeedFacts({ facts }: { facts: Fact[] }) {
  const known = facts.filter(({ isKnown }) => isKnown);
  const others = facts.filter(({ isKnown }) => !isKnown);
  return (
    <section
      className="rounded-2xl border border-line-2 bg-paper px-4 py-3"
      aria-labelledby="feed-facts"
    >
      <h2 id="feed-facts" className="text-lg">
        {t('catalogue.feedLook.know')}
      </h2>
      <Rows facts={known} />
      {others.length > 0 && (
        <>
          <h3 className="mt-2 border-b border-line pb-1 text-[13px] font-semibold text-rust-ink">
            {t('catalogue.feedLook.notFromThis')}
          </h3>
          <Rows facts={others} />
        </>
      )}
    </section>
  );
}

function Rows({ facts }: { facts: Fact[] }) {
  return (
    <ul>
      {facts.map(({ topic, isKnown, text, columns }) => (
        <li
          key={topic}
          className="grid grid-cols-[1.25rem_1fr_auto] gap-x-2 border-b border-line/70 py-2 last:border-0"
        >
          <span
            aria-hidden
            className={`mt-[7px] size-3 rounded-[50%_50%_50%_2px] ${isKnown ? 'bg-fern' : 'border border-dashed border-rust'}`}
          />
          <span>
            <b className="block font-semibold">{TOPICS[topic]}</b>
            <span className="text-ink-2">{text}</span>
          </span>
          <span className="flex flex-wrap content-start justify-end gap-1">
            {columns.map((heading) => (
              <span
                key={heading}
                className="max-w-32 truncate rounded-md bg-fern-soft px-2 py-0.5 text-[13px] text-fern-ink"
              >
                {heading}
              </span>
            ))}
          </span>
        </li>
      ))}
    </ul>
  );
}
