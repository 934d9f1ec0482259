import type { ReactNode } from 'react';
import { InlineSelect } from '../../ui/inline-select';
import { Stars } from '../../ui/stars';
import { country, language, writtenOn } from '../../shared/format';
import { useVariants } from '../layout/queries';
import { useReview, type Edit } from './review-edits';
import type { ReviewLine } from './queries';
import { FLAGS, type Flag } from './labels';
import { T, t } from '../../shared/t';

interface ChecksProps {
  review: ReviewLine;
  onEdit: (edit: Edit) => void;
  onCopy?: (keep: 'BOTH' | 'OLDER' | 'THIS', older: number) => void;
}

const KIND = {
  EMAIL: t('reviews.flags.anEMailAddress'),
  LINK: t('reviews.flags.aLink'),
  NUMBER: t('reviews.flags.aPhoneNumber'),
} as const;

/** What there is to check in a review, a line each: what was found, and its answer to pick. */
export function Flags(props: ChecksProps) {
  const { review } = props;
  return (
    <ul className="border-t border-line" aria-label={t('reviews.flags.flags')}>
      {review.flags.map((flag) => (
        <Check key={flag} flag={flag} {...props} />
      ))}
    </ul>
  );
}

function Check({ flag, review, onEdit, onCopy }: ChecksProps & { flag: Flag }) {
  switch (flag) {
    case 'VARIANT':
      return <VariantCheck review={review} onEdit={onEdit} />;
    case 'CONTACT_DETAILS':
      return (
        <Line
          flag={flag}
          answer={
            <InlineSelect
              label={t('reviews.flags.contactDetails')}
              value={review.isContactHidden ? 'HIDE' : 'SHOW'}
              choices={[
                {
                  value: 'HIDE',
                  text: t('reviews.flags.hideIt'),
                  note: t('reviews.flags.shownAs'),
                },
                { value: 'SHOW', text: t('reviews.flags.leaveIt') },
              ]}
              onPick={(next) => onEdit({ what: 'contacts', hidden: next === 'HIDE' })}
            />
          }
        >
          <T
            id="reviews.flags.theTextContains"
            values={{
              join: [...new Set(review.contacts.map((detail) => KIND[detail.kind]))].join(', '),
            }}
          />
        </Line>
      );
    case 'NEAR_DUPLICATE':
      return <CopyCheck review={review} onEdit={onEdit} {...(onCopy ? { onCopy } : {})} />;
    case 'LANGUAGE':
      return (
        <Line flag={flag}>
          <T
            id="reviews.flags.markedAsButTheText"
            values={{
              language: review.language
                ? language(review.language)
                : t('reviews.flags.anotherLanguage'),
            }}
          />
        </Line>
      );
    case 'NO_WORDS':
      return <Line flag={flag}>{t('reviews.flags.starsOnlyNoTextIt')}</Line>;
    case 'BURST':
      return <Line flag={flag}>{t('reviews.flags.unusuallyManySimilarRatingsWithin')}</Line>;
    case 'FUTURE_DATE':
      return (
        <Line flag={flag}>
          <T
            id="reviews.flags.datedInTheFuture"
            values={{ writtenOn: review.reviewedOn && writtenOn(review.reviewedOn) }}
          />
        </Line>
      );
    case 'PICTURE':
      return <Line flag={flag}>{t('reviews.flags.aPhotoCouldNotBe')}</Line>;
    case 'HONEYPOT':
      return <Line flag={flag}>{t('reviews.flags.aHiddenFieldWasFilled')}</Line>;
    case 'TOO_FAST':
      return <Line flag={flag}>{t('reviews.flags.sentWithin4SecondsOf')}</Line>;
    case 'LINKS':
      return <Line flag={flag}>{t('reviews.flags.theTextContainsSeveralLinks')}</Line>;
    case 'MANY_FROM_ONE':
      return <Line flag={flag}>{t('reviews.flags.atLeastThreeReviewsCame')}</Line>;
    case 'OTHER_PRODUCT':
      return <Line flag={flag}>{t('reviews.flags.theTextNamesAnotherOf')}</Line>;
    case 'HATEFUL':
      return <Line flag={flag}>{t('reviews.flags.theTextMayAttackPeople')}</Line>;
    case 'REPEATED':
      return <Line flag={flag}>{t('reviews.flags.twoOrMoreOtherReviews')}</Line>;
  }
}

function Line({ flag, answer, children }: { flag: Flag; answer?: ReactNode; children: ReactNode }) {
  return (
    <li className="grid grid-cols-[88px_minmax(0,1fr)_auto] items-baseline gap-3 border-b border-line py-2">
      <span className="justify-self-start rounded-full border border-rust/25 bg-rust-soft px-2.5 py-0.5 text-[13px] font-medium text-rust-ink">
        {FLAGS[flag].short}
      </span>
      <div>{children}</div>
      {answer}
    </li>
  );
}

function VariantCheck({ review, onEdit }: ChecksProps) {
  const variants = useVariants(review.product);
  const titles = variants.map((variant) => variant.title);
  return (
    <Line
      flag="VARIANT"
      answer={
        <InlineSelect
          label={t('reviews.flags.variant')}
          value={review.variant ?? ''}
          choices={[
            { value: '', text: t('reviews.flags.showNoVariant') },
            ...titles.map((title) => ({
              value: title,
              text: t('reviews.flags.show', { title }),
            })),
          ]}
          onPick={(title) => onEdit({ what: 'variant', title: title || undefined })}
        />
      }
    >
      <b className="font-semibold text-rust-ink">
        <T id="reviews.flags.youDontSellAVariant" values={{ variantGiven: review.rawVariant }} />
      </b>
      {titles.length > 0 && (
        <span className="block text-[13px] text-ink-2">
          <T id="reviews.flags.yourVariants" values={{ join: titles.join('; ') }} />
        </span>
      )}
    </Line>
  );
}

function CopyCheck({ review, onCopy }: ChecksProps) {
  const older = useReview(review.duplicateOf ?? undefined);
  return (
    <Line
      flag="NEAR_DUPLICATE"
      answer={
        onCopy &&
        older.data && (
          <InlineSelect
            label={t('reviews.flags.duplicate')}
            value={
              review.decision === 'LEFT_OUT' && review.decisionReason === 'A_COPY'
                ? 'OLDER'
                : 'BOTH'
            }
            choices={[
              { value: 'BOTH', text: t('reviews.flags.keepBoth') },
              { value: 'OLDER', text: t('reviews.flags.keepTheEarlierOne') },
              { value: 'THIS', text: t('reviews.flags.keepThisOne') },
            ]}
            onPick={(keep) => onCopy(keep, older.data.id)}
          />
        )
      }
    >
      <T
        id="reviews.flags.almostTheSameTextAs"
        values={{
          older: older.data && (
            <blockquote className="mt-1 border-l-2 border-line-2 pl-3 text-ink-2">
              <span className="flex items-center gap-2 text-[13px]">
                <Stars value={older.data.stars} size={12} />
                {older.data.reviewer ?? t('reviews.flags.anonymous')}
                {older.data.country && `, ${country(older.data.country)}`}
                {older.data.reviewedOn && `, ${writtenOn(older.data.reviewedOn)}`}
              </span>
              <span lang={older.data.language}>
                {t('shared.format.quoted', { text: older.data.text ?? '' })}
              </span>
            </blockquote>
          ),
        }}
      />
    </Line>
  );
}
