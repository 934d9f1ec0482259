import { useEffect, useRef } from 'react';
import { Stars } from '../../ui/stars';
import { useShopPicture } from '../shop/queries';
import type { ReviewLine } from '../reviews/queries';
import { FLAGS, reasonText } from '../reviews/labels';
import { DecisionIcon } from './decision-icon';
import { t } from '../../shared/t';

interface SortQueueProps {
  items: ReviewLine[];
  at: number;
  chosen: { from: number; to: number };
  onOpen: (index: number, extend: boolean) => void;
  onEnd: () => void;
}

/** The reviews of an import: kept, kept and not looked at, or left out. */
export function Queue({ items, at, chosen, onOpen, onEnd }: SortQueueProps) {
  const open = useRef<HTMLLIElement>(null);
  const picture = useShopPicture();
  useEffect(() => {
    void open.current?.scrollIntoView({ block: 'nearest' });
  }, [at]);
  return (
    <ul
      className="min-h-0 flex-1 overflow-y-auto bg-paper"
      aria-label={t('import-check.queue.reviewsInThisImport')}
      onScroll={({ currentTarget: list }) => {
        if (list.scrollTop + list.clientHeight > list.scrollHeight - 600) onEnd();
      }}
    >
      {items.map((review, index) => {
        const isOut = review.decision === 'LEFT_OUT';
        const isChosen = index >= chosen.from && index <= chosen.to;
        return (
          <li
            key={review.id}
            ref={index === at ? open : undefined}
            aria-current={index === at}
            className={`border-b border-line [contain-intrinsic-size:auto_46px] [content-visibility:auto] ${isChosen ? 'bg-plum-soft' : ''} ${index === at ? 'shadow-[inset_3px_0_var(--color-plum)]' : ''}`}
          >
            <button
              type="button"
              className="grid w-full grid-cols-[22px_34px_minmax(0,1fr)_auto] items-center gap-2.5 px-3.5 py-1 text-left"
              onClick={(event) => onOpen(index, event.shiftKey)}
            >
              <DecisionIcon decision={review.decision} />
              <img
                src={picture(review.picture)}
                alt=""
                loading="lazy"
                className={`size-8 rounded-md bg-paper-2 ${isOut ? 'opacity-40 grayscale' : ''}`}
              />
              <span className="min-w-0">
                <span className="flex items-center gap-2 text-[13px] text-ink-2">
                  <Stars value={review.stars} size={12} />
                  <span className="truncate">
                    {review.reviewer ?? t('import-check.queue.anonymous')}
                  </span>
                </span>
                <span
                  lang={review.language}
                  className={`block truncate ${isOut ? 'text-ink-2 line-through' : ''}`}
                >
                  {review.text || review.title || t('import-check.queue.noText')}
                </span>
              </span>
              <Tag review={review} />
            </button>
          </li>
        );
      })}
    </ul>
  );
}

function Tag({ review }: { review: ReviewLine }) {
  if (review.decision === 'LEFT_OUT') {
    return (
      <span className="max-w-28 text-right text-[12px] leading-tight text-ink-2">
        {review.decisionReason
          ? reasonText(review.decisionReason)
          : t('import-check.queue.noReason')}
      </span>
    );
  }
  const [first] = review.flags;
  if (!first) return <span />;
  return (
    <span className="rounded-full bg-rust-soft px-2 text-[12px] font-medium text-rust-ink">
      {review.flags.length > 1
        ? t('import-check.queue.flags', { flags: review.flags.length })
        : FLAGS[first].short}
    </span>
  );
}
