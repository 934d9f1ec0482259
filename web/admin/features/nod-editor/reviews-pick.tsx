import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Stars } from '../../ui/stars';
import { api, need, type Schemas } from '../../shared/api';

import { T, t } from '../../shared/t';

interface ReviewsPickProps {
  product: string | undefined;
  /** their ids, parted by commas, in their order */
  value: string;
  onSet: (value: string) => void;
}

/** Published reviews of the product that is looked at, to choose and to order. */
export function ReviewsPick({ product, value, onSet }: ReviewsPickProps) {
  const [text, setText] = useState('');
  const chosen = value.split(',').filter((id) => id);
  const asked = { state: 'PUBLISHED' as const, size: 12, ...(product ? { product } : {}) };
  const found = useQuery({
    queryKey: ['reviews-to-quote', product, text],
    queryFn: () =>
      need(
        api.GET('/api/v1/reviews', {
          params: { query: { ...asked, ...(text.trim() ? { q: text.trim() } : {}) } },
        }),
      ),
    placeholderData: (previous) => previous,
  });
  const set = (ids: string[]) => onSet(ids.join(','));
  const move = (id: string, by: number) => {
    const at = chosen.indexOf(id);
    const to = Math.max(0, Math.min(chosen.length - 1, at + by));
    const rest = chosen.filter((one) => one !== id);
    set([...rest.slice(0, to), id, ...rest.slice(to)]);
  };
  const items = found.data?.items ?? [];
  const sorted = [
    ...chosen.flatMap((id) => items.find((one) => String(one.id) === id) ?? []),
    ...items.filter((one) => !chosen.includes(String(one.id))),
  ];
  return (
    <div className="w-full rounded-lg border border-line bg-paper p-2">
      <p className="flex items-baseline gap-2 text-[13px]">
        <b>
          <T id="nod.reviewsPick.reviewsSelected" values={{ chosen: chosen.length }} />
        </b>
        <input
          type="search"
          aria-label={t('nod.reviewsPick.searchPublishedReviews')}
          placeholder={t('nod.reviewsPick.searchReviewText')}
          value={text}
          className="min-w-0 flex-1 border-b border-line-3 bg-transparent px-1"
          onChange={(event) => setText(event.target.value)}
        />
      </p>
      <ul className="max-h-64 overflow-y-auto">
        {sorted.map((review) => {
          const id = String(review.id);
          return (
            <ReviewToPick
              key={id}
              review={review}
              place={chosen.indexOf(id)}
              of={chosen.length}
              onChoose={(on) => set(on ? [...chosen, id] : chosen.filter((one) => one !== id))}
              onMove={(by) => move(id, by)}
            />
          );
        })}
        {found.data && items.length === 0 && (
          <li className="py-2 text-[13px] text-ink-2">
            {text
              ? t('nod.reviewsPick.noMatchingReviews')
              : t('nod.reviewsPick.noPublishedReviewsOfThis')}
          </li>
        )}
      </ul>
    </div>
  );
}

interface ReviewToPickProps {
  review: Schemas['ReviewListItem'];
  /** its place among the chosen, from nought; -1 where it is not chosen */
  place: number;
  of: number;
  onChoose: (on: boolean) => void;
  onMove: (by: number) => void;
}

function ReviewToPick({ review, place, of, onChoose, onMove }: ReviewToPickProps) {
  const mover = 'rounded border border-line-3 px-1.5 disabled:opacity-40';
  return (
    <li className="flex items-start gap-2 border-t border-line py-1.5 text-[13px]">
      <label className="flex min-w-0 flex-1 items-start gap-2">
        <input
          type="checkbox"
          checked={place >= 0}
          className="mt-1"
          onChange={(event) => onChoose(event.target.checked)}
        />
        <span className="min-w-0">
          <Stars value={review.stars} size={11} />{' '}
          {review.reviewer ?? t('nod.reviewsPick.anonymous')}
          <span className="line-clamp-2 text-ink-2" lang={review.language}>
            {review.wordsShown ?? review.title ?? t('nod.reviewsPick.starsOnly')}
          </span>
        </span>
      </label>
      {place >= 0 && of > 1 && (
        <span className="flex shrink-0 gap-1">
          <button
            type="button"
            aria-label={t('nod.reviewsPick.moveReviewUp', { place: place + 1 })}
            disabled={place === 0}
            className={mover}
            onClick={() => onMove(-1)}
          >
            ↑
          </button>
          <button
            type="button"
            aria-label={t('nod.reviewsPick.moveReviewDown', { place: place + 1 })}
            disabled={place === of - 1}
            className={mover}
            onClick={() => onMove(1)}
          >
            ↓
          </button>
        </span>
      )}
    </li>
  );
}
