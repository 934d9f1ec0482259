import { useState } from 'react';
import { Stars } from '../../ui/stars';
import { country, writtenOn } from '../../shared/format';
import type { Preview } from './queries';
import { T, t } from '../../shared/t';

interface AsShoppersProps {
  shown: Preview['shown'];
  source: string | undefined;
}

/** One of the reviews as shoppers will read it. */
export function ReviewPreview({ shown, source }: AsShoppersProps) {
  const [at, setAt] = useState(0);
  const review = shown[Math.min(at, shown.length - 1)];
  const move = (by: number) => setAt((at + by + shown.length) % shown.length);
  const arrow = 'rounded-md border border-line-3 bg-paper px-2 leading-6 hover:bg-paper-2';
  return (
    <section
      className="rounded-2xl border border-line bg-paper p-4"
      aria-label={t('imports.reviewPreview.preview')}
    >
      <header className="mb-2.5 flex items-baseline gap-2">
        <h2 className="flex-1 text-[16px]">{t('imports.reviewPreview.preview')}</h2>
        {review && (
          <span className="text-[13px] text-ink-2">
            <T id="imports.reviewPreview.line" values={{ line: review.line }} />
          </span>
        )}
        {shown.length > 1 && (
          <span className="flex gap-1">
            <button
              type="button"
              className={arrow}
              aria-label={t('imports.reviewPreview.previousReview')}
              onClick={() => move(-1)}
            >
              ‹
            </button>
            <button
              type="button"
              className={arrow}
              aria-label={t('imports.reviewPreview.nextReview')}
              onClick={() => move(1)}
            >
              ›
            </button>
          </span>
        )}
      </header>
      {!review && (
        <p className="text-[13px] text-ink-2">
          {t('imports.reviewPreview.noReviewsMatchTheseChoices')}
        </p>
      )}
      {review && (
        <figure className="rounded-xl border border-line-2 bg-white p-3.5 font-shop">
          <Stars value={review.stars} size={16} />
          <div lang={review.language}>
            {review.title && <p className="mt-1 font-semibold">{review.title}</p>}
            <p className="mt-1 max-h-40 overflow-auto break-words whitespace-pre-line">
              {review.text}
            </p>
          </div>
          <figcaption className="mt-1.5 text-[13px] text-ink-2">
            <T
              id="imports.reviewPreview.by"
              values={{
                name: (
                  <b className="text-ink">
                    {review.reviewer ?? t('imports.reviewPreview.anonymous')}
                  </b>
                ),
                hasCountry: review.country ? 'yes' : 'no',
                country: review.country && country(review.country),
                hasDay: review.reviewedOn ? 'yes' : 'no',
                day: review.reviewedOn && writtenOn(review.reviewedOn),
              }}
            />
            {review.variant && (
              <span className="mt-1 block">
                <span className="bg-paper-2 px-1.5 py-0.5">{review.variant}</span>
              </span>
            )}
            <span className="mt-2 block border-t border-line pt-1.5">
              <T
                id="imports.reviewPreview.purchaseNotCheckedOriginalRating"
                values={{
                  hasSource: source ? 'yes' : 'no',
                  source,
                  givenRating: review.givenRating,
                }}
              />
            </span>
          </figcaption>
        </figure>
      )}
    </section>
  );
}
