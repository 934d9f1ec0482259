import type { ReactNode } from 'react';
import { country, writtenOn } from '../../shared/format';
import type { ReviewLine } from './queries';
import { T } from '../../shared/t';

interface ByProps {
  name: ReactNode;
  review: ReviewLine;
}

/** Who wrote a review, from where and when, as far as it is known. */
export function Byline({ name, review }: ByProps) {
  return (
    <T
      id="reviews.readingPane.by"
      values={{
        name,
        hasCountry: review.country ? 'yes' : 'no',
        country: review.country && country(review.country),
        hasDay: review.reviewedOn ? 'yes' : 'no',
        day: review.reviewedOn && writtenOn(review.reviewedOn),
      }}
    />
  );
}
