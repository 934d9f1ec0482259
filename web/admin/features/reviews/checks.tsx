import type { ReactNode } from 'react';
import { Pick } from '../../ui/pick';
import { Stars } from '../../ui/stars';
import { country, day, language } from '../../shared/words';
import { useVariants } from '../pages/queries';
import { useReview, type Edit } from './edits';
import type { ReviewLine } from './queries';
import { FLAGS, type Flag } from './words';

interface ChecksProps {
  review: ReviewLine;
  onEdit: (edit: Edit) => void;
  onCopy?: (keep: 'BOTH' | 'OLDER' | 'THIS', older: number) => void;
}

const KIND = { EMAIL: 'An e-mail address', LINK: 'A link', NUMBER: 'A telephone number' } as const;

/** What there is to check in a review, a line each: what was found, and its answer to pick. */
export function Checks(props: ChecksProps) {
  const { review } = props;
  return (
    <ul className="border-t border-line" aria-label="To check">
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
    case 'CONTACT':
      return (
        <Line
          flag={flag}
          answer={
            <Pick
              label="Contact details"
              value={review.isContactHidden ? 'HIDE' : 'SHOW'}
              choices={[
                { value: 'HIDE', text: 'hide it', note: 'marked as […]' },
                { value: 'SHOW', text: 'leave it as it is' },
              ]}
              onPick={(next) => onEdit({ what: 'contacts', hidden: next === 'HIDE' })}
            />
          }
        >
          {[...new Set(review.contacts.map((detail) => KIND[detail.kind]))].join(', ')} in the words
        </Line>
      );
    case 'COPY':
      return <CopyCheck review={review} onEdit={onEdit} {...(onCopy ? { onCopy } : {})} />;
    case 'LANGUAGE':
      return (
        <Line flag={flag}>
          It says it is in {review.language ? language(review.language) : 'another language'}; its
          words do not look so
        </Line>
      );
    case 'NO_WORDS':
      return <Line flag={flag}>Stars alone: it counts in the rating and says nothing</Line>;
    case 'BURST':
      return (
        <Line flag={flag}>
          More alike ratings came within days than this product’s own rate makes likely
        </Line>
      );
    case 'FUTURE':
      return (
        <Line flag={flag}>
          Its day, {review.writtenOn && day(review.writtenOn)}, is yet to come
        </Line>
      );
    case 'PICTURE':
      return <Line flag={flag}>A picture of it could not be had</Line>;
    case 'TRAP':
      return (
        <Line flag={flag}>
          A field that people do not see was filled in, as machines do; that made it wait
        </Line>
      );
    case 'QUICK':
      return (
        <Line flag={flag}>
          It was sent within four seconds of opening the form; that made it wait
        </Line>
      );
    case 'LINKS':
      return <Line flag={flag}>It holds several links; that made it wait</Line>;
    case 'MANY_FROM_ONE':
      return (
        <Line flag={flag}>
          Three or more came from the same address within the hour before it; that made it wait
        </Line>
      );
    case 'OTHER_PRODUCT':
      return (
        <Line flag={flag}>
          Its words name another product of the shop and not this one; it may be about that
        </Line>
      );
    case 'HATEFUL':
      return (
        <Line flag={flag}>Its words may attack people for what they are, or wish them harm</Line>
      );
    case 'REPEATED':
      return (
        <Line flag={flag}>
          The same words stand in two or more other reviews written here; that made it wait
        </Line>
      );
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
        <Pick
          label="Variant"
          value={review.variant ?? ''}
          choices={[
            { value: '', text: 'show no variant' },
            ...titles.map((title) => ({ value: title, text: `show ${title}` })),
          ]}
          onPick={(title) => onEdit({ what: 'variant', title: title || undefined })}
        />
      }
    >
      <b className="font-semibold text-rust-ink">{review.variantGiven}: you don’t sell this</b>
      {titles.length > 0 && (
        <span className="block text-[13px] text-ink-2">You sell {titles.join('; ')}</span>
      )}
    </Line>
  );
}

function CopyCheck({ review, onCopy }: ChecksProps) {
  const older = useReview(review.copyOf ?? undefined);
  return (
    <Line
      flag="COPY"
      answer={
        onCopy &&
        older.data && (
          <Pick
            label="Copy"
            value={
              review.sorted === 'LEFT_OUT' && review.sortedBecause === 'A_COPY' ? 'OLDER' : 'BOTH'
            }
            choices={[
              { value: 'BOTH', text: 'keep both' },
              { value: 'OLDER', text: 'keep the older' },
              { value: 'THIS', text: 'keep this one' },
            ]}
            onPick={(keep) => onCopy(keep, older.data.id)}
          />
        )
      }
    >
      Nearly the same words as an earlier one
      {older.data && (
        <blockquote className="mt-1 border-l-2 border-line-2 pl-3 text-ink-2">
          <span className="flex items-center gap-2 text-[13px]">
            <Stars value={older.data.stars} size={12} />
            {older.data.reviewer ?? 'a customer'}
            {older.data.country && `, ${country(older.data.country)}`}
            {older.data.writtenOn && `, ${day(older.data.writtenOn)}`}
          </span>
          <span lang={older.data.language}>“{older.data.words}”</span>
        </blockquote>
      )}
    </Line>
  );
}
