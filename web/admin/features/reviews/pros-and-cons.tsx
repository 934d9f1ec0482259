import type { ReviewLine } from './queries';
import { t } from '../../shared/t';

/** What a review finds good and what not, as shoppers read it below its words. */
export function ProsAndCons({ review }: { review: ReviewLine }) {
  return (
    <>
      <Points name={t('reviews.readingPane.pros')} lines={review.pros} />
      <Points name={t('reviews.readingPane.cons')} lines={review.cons} />
    </>
  );
}

function Points({ name, lines }: { name: string; lines: string[] }) {
  if (lines.length === 0) return null;
  return (
    <p className="mt-1.5 text-[15px]">
      <b className="font-semibold">{name}:</b> {lines.join(' · ')}
    </p>
  );
}
