import { useState } from 'react';
import { Stars } from '../../ui/stars';
import { country, day } from '../../shared/words';
import type { Trial } from './queries';

interface AsShoppersProps {
  shown: Trial['shown'];
  source: string | undefined;
}

/** One of the reviews as shoppers will read it. */
export function AsShoppers({ shown, source }: AsShoppersProps) {
  const [at, setAt] = useState(0);
  const review = shown[Math.min(at, shown.length - 1)];
  const move = (by: number) => setAt((at + by + shown.length) % shown.length);
  const arrow = 'rounded-md border border-line-3 bg-paper px-2 leading-6 hover:bg-paper-2';
  return (
    <section
      className="rounded-2xl border border-line bg-paper p-4"
      aria-label="One, as shoppers will see it"
    >
      <header className="mb-2.5 flex items-baseline gap-2">
        <h2 className="flex-1 text-[16px]">One, as shoppers will see it</h2>
        {review && <span className="text-[13px] text-ink-2">line {review.line}</span>}
        {shown.length > 1 && (
          <span className="flex gap-1">
            <button
              type="button"
              className={arrow}
              aria-label="The one before"
              onClick={() => move(-1)}
            >
              ‹
            </button>
            <button
              type="button"
              className={arrow}
              aria-label="The next one"
              onClick={() => move(1)}
            >
              ›
            </button>
          </span>
        )}
      </header>
      {!review && <p className="text-[13px] text-ink-2">None comes in with these choices.</p>}
      {review && (
        <figure className="rounded-xl border border-line-2 bg-white p-3.5 font-shop">
          <Stars value={review.stars} size={16} />
          <div lang={review.language}>
            {review.title && <p className="mt-1 font-semibold">{review.title}</p>}
            <p className="mt-1 max-h-40 overflow-auto break-words whitespace-pre-line">
              {review.words}
            </p>
          </div>
          <figcaption className="mt-1.5 text-[13px] text-ink-2">
            <b className="text-ink">{review.reviewer ?? 'A customer'}</b>
            {review.country && `, ${country(review.country)}`}
            {review.writtenOn && `, ${day(review.writtenOn)}`}
            {review.variant && (
              <span className="mt-1 block">
                <span className="bg-paper-2 px-1.5 py-0.5">{review.variant}</span>
              </span>
            )}
            <span className="mt-2 block border-t border-line pt-1.5">
              {source ? `From ${source}. ` : ''}Brought in, purchase not checked. Rated{' '}
              {review.givenRating} there.
            </span>
          </figcaption>
        </figure>
      )}
    </section>
  );
}
