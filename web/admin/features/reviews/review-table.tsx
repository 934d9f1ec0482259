import { useEffect, useRef } from 'react';
import { Stars } from '../../ui/stars';
import { ago, country } from '../../shared/format';
import { useShopPicture } from '../shop/queries';
import type { ReviewLine } from './queries';
import { FLAGS, ORIGIN, STATES } from './labels';
import { t } from '../../shared/t';

interface DeskListProps {
  items: ReviewLine[];
  at: number;
  chosen: ReadonlySet<number>;
  onOpen: (index: number) => void;
  onChoose: (chosen: ReadonlySet<number>) => void;
}

const GRID = 'grid grid-cols-[34px_40px_minmax(0,1fr)_122px_76px_78px] items-center gap-2 px-3.5';

/** The reviews, a row of two lines each. */
export function ReviewTable({ items, at, chosen, onOpen, onChoose }: DeskListProps) {
  const open = useRef<HTMLLIElement>(null);
  const picture = useShopPicture();
  useEffect(() => {
    // newer browsers answer with a promise, which must not become the effect's clean-up
    void open.current?.scrollIntoView({ block: 'nearest' });
  }, [at]);
  const all = items.length > 0 && items.every((review) => chosen.has(review.id));
  const toggle = (id: number) => {
    const next = new Set(chosen);
    if (!next.delete(id)) next.add(id);
    onChoose(next);
  };
  return (
    <>
      <div
        className={`${GRID} h-[26px] shrink-0 border-b border-line-2 bg-paper text-[13px] text-ink-2`}
      >
        <input
          type="checkbox"
          className="size-4 accent-ink"
          aria-label={t('reviews.reviewTable.selectAllOnThisPage')}
          checked={all}
          onChange={() => onChoose(all ? new Set() : new Set(items.map((review) => review.id)))}
        />
        <span className="col-span-2">{t('reviews.reviewTable.starsAndText')}</span>
        <span>{t('reviews.reviewTable.source')}</span>
        <span>{t('reviews.reviewTable.flags')}</span>
        <span className="truncate text-right">{t('reviews.reviewTable.received')}</span>
      </div>
      <ul
        className="min-h-0 flex-1 overflow-y-auto bg-paper"
        aria-label={t('reviews.reviewTable.reviewsOnThisPage')}
      >
        {items.map((review, index) => (
          <li
            key={review.id}
            ref={index === at ? open : undefined}
            aria-current={index === at}
            className={`${GRID} border-b border-line py-1.5 ${index === at ? 'bg-plum-soft shadow-[inset_3px_0_var(--color-plum)]' : chosen.has(review.id) ? 'bg-paper-2' : ''}`}
          >
            <input
              type="checkbox"
              className="size-4 accent-ink"
              aria-label={t('reviews.reviewTable.selectTheReviewBy', {
                reviewer: review.reviewer ?? t('reviews.reviewTable.anonymous'),
              })}
              checked={chosen.has(review.id)}
              onChange={() => toggle(review.id)}
            />
            <img
              src={picture(review.picture)}
              alt=""
              loading="lazy"
              className="size-9 rounded-md bg-paper-2"
            />
            <button type="button" className="min-w-0 text-left" onClick={() => onOpen(index)}>
              <span className="flex items-center gap-2 text-[13px] text-ink-2">
                <Stars value={review.stars} size={13} />
                <span className="truncate">
                  {[
                    review.reviewer ?? t('reviews.reviewTable.anonymous2'),
                    review.country && country(review.country),
                  ]
                    .filter(Boolean)
                    .join(', ')}
                </span>
              </span>
              <span className="block truncate" lang={review.language}>
                {review.text
                  ? t('shared.format.quoted', { text: review.text })
                  : (review.title ?? t('reviews.reviewTable.noText'))}
              </span>
            </button>
            <Origin review={review} />
            <ToCheck review={review} />
            <span className="text-right text-[13px] text-ink-2">{ago(review.receivedAt)}</span>
          </li>
        ))}
      </ul>
    </>
  );
}

function ToCheck({ review }: { review: ReviewLine }) {
  const [first] = review.flags;
  if (!first) return <span />;
  return (
    <span className="justify-self-start rounded-full bg-rust-soft px-2 text-[12px] font-medium text-rust-ink">
      {review.flags.length > 1
        ? t('reviews.reviewTable.flags2', { flags: review.flags.length })
        : FLAGS[first].short}
    </span>
  );
}

function Origin({ review }: { review: ReviewLine }) {
  const drop = {
    VERIFIED: 'bg-fern',
    UNVERIFIED: 'border border-dashed border-ink-2',
    IMPORTED: 'border-2 border-fern',
  }[review.origin];
  return (
    <span className="text-[13px]">
      <span className="flex items-center gap-1.5 font-medium">
        <span className={`size-3 rounded-[50%_50%_50%_2px] ${drop}`} aria-hidden />
        {ORIGIN[review.origin]}
      </span>
      <span className="block truncate pl-[18px] text-ink-2">
        {review.status === 'PENDING'
          ? (review.orderNumber ?? review.source)
          : STATES.find((state) => state.value === review.status)?.text}
      </span>
    </span>
  );
}
