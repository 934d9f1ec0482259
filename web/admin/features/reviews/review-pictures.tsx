import { useState } from 'react';
import type { ReviewLine } from './queries';
import { t } from '../../shared/t';

/** A review's pictures: one large, the others to choose from. */
export function ReviewPictures({ review }: { review: ReviewLine }) {
  const [at, setAt] = useState(0);
  const shown = review.pictures[at] ?? review.pictures[0];
  if (!shown) return null;
  return (
    <div className="w-[218px] shrink-0">
      <img
        src={shown}
        alt={t('reviews.reviewPictures.photoOfTheReview', { at: at + 1 })}
        className="max-h-72 w-full rounded-xl border border-line object-cover"
      />
      {review.pictures.length > 1 && (
        <ul className="mt-2.5 flex flex-wrap gap-2">
          {review.pictures.map((address, index) => (
            <li key={address}>
              <button
                type="button"
                aria-label={t('reviews.reviewPictures.showPhoto', { index: index + 1 })}
                aria-pressed={index === at}
                className={`overflow-hidden rounded-lg border-2 ${index === at ? 'border-plum' : 'border-transparent'}`}
                onClick={() => setAt(index)}
              >
                <img src={address} alt="" loading="lazy" className="size-10 object-cover" />
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
