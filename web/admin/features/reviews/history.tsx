import { moment } from '../../shared/format';
import { useShop } from '../shop/queries';
import { useHistory } from './review-edits';
import type { Reason } from './queries';
import { reasonText } from './labels';
import { t, T } from '../../shared/t';

/** What was done to a review, by whom, when and why. */
export function History({
  id,
  arrivedAt,
  source,
}: {
  id: number;
  arrivedAt: string;
  source: string | undefined;
}) {
  const history = useHistory(id);
  const zone = useShop().data?.zone ?? 'UTC';
  return (
    <section
      className="flex gap-4 border-b border-line py-2.5"
      aria-label={t('reviews.history.history')}
    >
      <h2 className="w-[118px] shrink-0 font-text text-[13px] font-semibold text-ink-2">
        {t('reviews.history.history')}
      </h2>
      <ol className="min-w-0 flex-1 text-[13px]">
        <li>
          <time className="mr-2 text-ink-2">{moment(arrivedAt, zone)}</time>
          {source ? t('reviews.history.importedFrom', { source }) : t('reviews.history.received')}
        </li>
        {history.data?.map((event, index) => (
          <li key={index} className={event.isUndone ? 'text-ink-2 line-through' : ''}>
            <time className="mr-2 text-ink-2">{moment(event.when, zone)}</time>
            <T
              id="reviews.history.did"
              values={{
                what: event.what,
                who: event.who,
                detail: about(event.what, event.detail),
                b: (chunks) => <b className="font-semibold">{chunks}</b>,
              }}
            />
          </li>
        ))}
      </ol>
    </section>
  );
}

/** What an act was about, where its sentence says so. */
function about(what: string, detail: string | undefined): string {
  if (what === 'LEFT_OUT') return reasonText((detail ?? 'NOT_GIVEN') as Reason);
  if (what === 'NAME_SHOWN_AS') return detail ?? t('reviews.history.anonymous');
  if (what === 'VARIANT_SHOWN_AS') return detail ?? t('reviews.history.noVariant');
  return detail ?? '';
}
