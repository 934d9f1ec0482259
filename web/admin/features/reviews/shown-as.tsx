import type { NameForm } from './review-edits';
import { NameFormPicks } from './name-form';
import type { ReviewLine } from './queries';
import { T, t } from '../../shared/t';

interface ShownAsProps {
  review: ReviewLine;
  onPick: (form: NameForm) => void;
}

/** The name as shoppers read it, and what of it they read. */
export function ShownAs({ review, onPick }: ShownAsProps) {
  const shown = <b className="text-ink">{review.reviewer ?? t('reviews.shownAs.anonymous')}</b>;
  if (!review.rawReviewer) return shown;
  return (
    <>
      <T
        id="reviews.shownAs.showing"
        values={{
          shown,
          nameFormPicks: <NameFormPicks value={review.nameForm ?? 'AS_GIVEN'} onPick={onPick} />,
        }}
      />
    </>
  );
}
