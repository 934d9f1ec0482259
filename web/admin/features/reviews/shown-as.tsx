import { Pick } from '../../ui/pick';
import type { NameForm } from './edits';
import type { ReviewLine } from './queries';
import { NAME_FORMS } from './words';

interface ShownAsProps {
  review: ReviewLine;
  onPick: (form: NameForm) => void;
}

/** The name as shoppers read it, and the forms it can have. */
export function ShownAs({ review, onPick }: ShownAsProps) {
  const shown = review.reviewer ?? 'a customer';
  if (!review.reviewerGiven) return <b className="text-ink">{shown}</b>;
  return (
    <>
      shown as{' '}
      <Pick<NameForm | 'NOW'>
        label="Name"
        value="NOW"
        choices={[{ value: 'NOW', text: shown }, ...NAME_FORMS]}
        onPick={(form) => form !== 'NOW' && onPick(form)}
      />
    </>
  );
}
