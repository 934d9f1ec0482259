import { Link } from 'react-router';
import { problemText } from '../../shared/api';
import { DROP } from '../../ui/drop';
import { T, t } from '../../shared/t';
import { useListingsTried, type TriedListing } from './queries';

/** How far it goes on the shop's other listings: what is poor stays in sight. */
export function OtherListings() {
  const tried = useListingsTried();
  const poorFirst = [...(tried.data?.listings ?? [])].sort(
    (one, other) => Number(isPoor(other)) - Number(isPoor(one)),
  );
  return (
    <section
      aria-label={t('teach.others.title')}
      className="flex min-h-16 shrink-0 items-center gap-6 overflow-x-auto bg-dark px-5 py-2 text-[13px] text-on-dark"
    >
      <b className="w-28 shrink-0 text-paper">{t('teach.others.title')}</b>
      {tried.isLoading && <p role="status">{t('teach.others.trying')}</p>}
      {tried.error && <p role="alert">{problemText(tried.error)}</p>}
      <ul className="flex gap-6">
        {poorFirst.map((one) => (
          <li key={one.path} className="shrink-0" title={one.failure ?? one.path}>
            <span className="flex items-center gap-2">
              <span
                aria-hidden
                className={`${DROP} h-3 w-3 ${isPoor(one) ? 'border-2 border-dashed border-rust-soft' : 'bg-fern-soft'}`}
              />
              <b className="text-paper">
                {one.failure ? (
                  t('teach.others.notOpened')
                ) : one.cards === 0 ? (
                  t('teach.others.noCards')
                ) : (
                  <T id="teach.others.of" values={{ known: one.known, cards: one.cards }} />
                )}
              </b>
            </span>
            <Link
              to={one.path === '/' ? '?on=home' : `?on=listing&of=${slugOf(one)}`}
              className="block max-w-40 truncate text-on-dark hover:underline"
            >
              {one.category ? one.title : WHOLE[one.path === '/' ? 'home' : 'listing']}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

const WHOLE = { home: t('connect.kind.home'), listing: t('connect.kind.listing') };

const isPoor = ({ failure, cards, known }: TriedListing) => !!failure || known < cards;

const slugOf = ({ category }: TriedListing) => encodeURIComponent(category ?? '');
