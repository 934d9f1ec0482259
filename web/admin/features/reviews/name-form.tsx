import { InlineSelect } from '../../ui/inline-select';
import type { NameForm } from './review-edits';
import { T, t } from '../../shared/t';

type Part = 'IN_FULL' | 'AS_INITIAL' | 'NOT_SHOWN';

/** What each form shows of the first and of the last name. */
const PARTS: Record<NameForm, { first: Part; last: Part }> = {
  AS_GIVEN: { first: 'IN_FULL', last: 'IN_FULL' },
  FIRST_NAME_AND_INITIAL: { first: 'IN_FULL', last: 'AS_INITIAL' },
  FIRST_NAME: { first: 'IN_FULL', last: 'NOT_SHOWN' },
  INITIAL_AND_LAST_NAME: { first: 'AS_INITIAL', last: 'IN_FULL' },
  INITIALS: { first: 'AS_INITIAL', last: 'AS_INITIAL' },
  FIRST_INITIAL: { first: 'AS_INITIAL', last: 'NOT_SHOWN' },
  A_CUSTOMER: { first: 'NOT_SHOWN', last: 'NOT_SHOWN' },
};

const CHOICES = [
  { value: 'IN_FULL' as Part, text: t('reviews.nameForm.inFull') },
  { value: 'AS_INITIAL' as Part, text: t('reviews.nameForm.asAnInitial') },
  { value: 'NOT_SHOWN' as Part, text: t('reviews.nameForm.notShown') },
];

const formOf = (first: Part, last: Part): NameForm =>
  (Object.keys(PARTS) as NameForm[]).find(
    (form) => PARTS[form].first === first && PARTS[form].last === last,
  ) ?? 'A_CUSTOMER';

interface NameFormPicksProps {
  value: NameForm;
  onPick: (form: NameForm) => void;
}

/** How reviewers' names read, as two gaps of a sentence; without a first name there is no name. */
export function NameFormPicks({ value, onPick }: NameFormPicksProps) {
  const { first, last } = PARTS[value];
  return (
    <>
      <T
        id="reviews.nameForm.firstName2"
        values={{
          firstPick: (
            <InlineSelect
              label={t('reviews.nameForm.firstName')}
              value={first}
              choices={CHOICES}
              onPick={(next) => onPick(formOf(next, next === 'NOT_SHOWN' ? next : last))}
            />
          ),
          isShown: first === 'NOT_SHOWN' ? 'no' : 'yes',
          lastPick: (
            <InlineSelect
              label={t('reviews.nameForm.lastName')}
              value={last}
              choices={CHOICES}
              onPick={(next) => onPick(formOf(first, next))}
            />
          ),
        }}
      />
    </>
  );
}
