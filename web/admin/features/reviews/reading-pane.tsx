import type { ReactNode, Ref } from 'react';
import { Link } from 'react-router';
import { Button, Key } from '../../ui/button';
import { Stars } from '../../ui/stars';
import { language, number } from '../../shared/format';
import { useShopPicture } from '../shop/queries';
import type { Reason, ReviewLine, ReviewState } from './queries';
import { Byline } from './byline';
import { Flags } from './flags';
import type { Edit } from './review-edits';
import { History } from './history';
import { HighlightedText } from './highlighted-text';
import { ProsAndCons } from './pros-and-cons';
import { Reply } from './reply';
import { ReviewPictures } from './review-pictures';
import { ToldThere } from './told-there';
import { Translation } from './translation';
import { ShownAs } from './shown-as';
import { ORIGIN, REASONS, reasonText } from './labels';
import { T, t } from '../../shared/t';

interface ReadingPaneProps {
  review: ReviewLine;
  place: number;
  total: number | undefined;
  asksReason: boolean;
  asksFor: number;
  onAct: (to: ReviewState) => void;
  onReason: (reason: Reason) => void;
  onKeepOut: () => void;
  onEdit: (edit: Edit) => void;
  onReply: () => void;
  replyField: Ref<HTMLTextAreaElement>;
}

/** One review in full, what is known of it, and what to do with it. */
export function ReadingPane(props: ReadingPaneProps) {
  const { review, place, total } = props;
  return (
    <section
      aria-label={t('reviews.readingPane.theReview')}
      className="flex min-h-0 flex-col p-3.5"
    >
      <article className="flex min-h-0 flex-1 flex-col overflow-hidden rounded-2xl border border-line bg-paper">
        <div className="min-h-0 flex-1 overflow-y-auto p-5">
          <header className="mb-3 flex flex-wrap items-center gap-x-3 gap-y-1 text-ink-2">
            <Stars value={review.stars} size={20} />
            <span>
              <Byline
                name={
                  <ShownAs
                    review={review}
                    onPick={(form) => props.onEdit({ what: 'name', form })}
                  />
                }
                review={review}
              />
            </span>
            {review.isFeatured && (
              <span className="rounded-full bg-saffron-soft px-2.5 py-0.5 text-[13px] font-medium text-saffron-ink">
                {t('reviews.readingPane.featured')}
              </span>
            )}
            <span className="flex-1" />
            <span className="text-[13px]">
              {total === undefined
                ? number(place)
                : t('reviews.readingPane.place', { place, total })}
            </span>
          </header>
          <div className="mb-4 flex gap-4">
            <div lang={review.language} className="max-w-[46em] min-w-0 flex-1 break-words">
              {review.title && <h2 className="mb-1 text-[19px] leading-snug">{review.title}</h2>}
              <p className="text-[17px] leading-relaxed whitespace-pre-line">
                <HighlightedText review={review} />
              </p>
              <ProsAndCons review={review} />
              <Translation key={review.id} review={review} />
            </div>
            <ReviewPictures key={review.id} review={review} />
          </div>
          <Flags review={review} onEdit={props.onEdit} />
          <Facts review={review} />
          <History id={review.id} arrivedAt={review.receivedAt} source={review.source} />
          <Reply
            key={`${review.id} ${review.reply ?? ''}`}
            review={review}
            field={props.replyField}
            onReply={(text) => props.onEdit({ what: 'reply', text })}
          />
        </div>
        {props.asksReason && <Reasons {...props} />}
        <ReviewActs {...props} />
      </article>
    </section>
  );
}

/** What is known of a review: what it is about, where it is from, and why it was left out. */
function Facts({ review }: { review: ReviewLine }) {
  const picture = useShopPicture();
  return (
    <dl>
      <Fact name={t('reviews.readingPane.about')}>
        <span className="flex items-center gap-2.5">
          <img src={picture(review.picture)} alt="" className="size-9 rounded-md" />
          <Link to={`/pages/product/${review.product}`} className="text-plum underline">
            {review.productTitle}
          </Link>
          {review.variant && <span className="text-ink-2">{review.variant}</span>}
        </span>
      </Fact>
      <Fact name={t('reviews.readingPane.source')}>
        {review.origin === 'VERIFIED' ? (
          <>
            <T
              id="reviews.readingPane.orderIncludesThisProduct"
              values={{
                chip: <Chip good>{ORIGIN.VERIFIED}</Chip>,
                orderNumber: review.orderNumber,
              }}
            />
          </>
        ) : (
          <>
            <T
              id="reviews.readingPane.shoppersSeePurchaseNotChecked"
              values={{ chip: <Chip>{ORIGIN[review.origin]}</Chip> }}
            />
          </>
        )}
        {review.source && (
          <span className="block text-[13px] text-ink-2">
            {t('reviews.readingPane.lineOriginalRating', {
              source: review.source,
              line: review.sourceLine ?? 0,
              givenRating: review.rawRating,
            })}
          </span>
        )}
        <ToldThere review={review} />
        {review.originalFile && (
          <a
            href={review.originalFile}
            target="_blank"
            rel="noreferrer"
            className="block text-[13px] text-plum underline"
          >
            {t('reviews.readingPane.photoOfTheOriginal')}
          </a>
        )}
      </Fact>
      {review.language && (
        <Fact name={t('reviews.readingPane.language')}>{language(review.language)}</Fact>
      )}
      {review.leftOutReason && (
        <Fact name={t('reviews.readingPane.leftOutBecauseIt')}>
          {reasonText(review.leftOutReason)}
        </Fact>
      )}
    </dl>
  );
}

/** What can be decided of it, each with its key. */
function ReviewActs({ review, onAct, onEdit, onReply }: ReadingPaneProps) {
  return (
    <footer className="flex shrink-0 flex-wrap gap-2 border-t border-line px-4 py-3">
      <Button
        look="main"
        hint="P"
        disabled={review.status === 'PUBLISHED'}
        onClick={() => onAct('PUBLISHED')}
      >
        {t('reviews.readingPane.publish')}
      </Button>
      <Button hint="H" disabled={review.status === 'ON_HOLD'} onClick={() => onAct('ON_HOLD')}>
        {t('reviews.readingPane.hold')}
      </Button>
      <Button
        look="danger"
        hint="L"
        disabled={review.status === 'LEFT_OUT'}
        onClick={() => onAct('LEFT_OUT')}
      >
        {t('reviews.readingPane.leaveOut')}
      </Button>
      <Button hint="S" disabled={review.status === 'SPAM'} onClick={() => onAct('SPAM')}>
        {t('reviews.readingPane.spam')}
      </Button>
      {review.status !== 'PENDING' && (
        <Button onClick={() => onAct('PENDING')}>
          {t('reviews.readingPane.moveBackToWaiting')}
        </Button>
      )}
      <span className="flex-1" />
      <Button
        hint="F"
        aria-pressed={review.isFeatured}
        onClick={() => onEdit({ what: 'featured', featured: !review.isFeatured })}
      >
        {review.isFeatured
          ? t('reviews.readingPane.stopFeaturing')
          : t('reviews.readingPane.feature')}
      </Button>
      <Button hint="R" onClick={onReply}>
        {t('reviews.readingPane.reply')}
      </Button>
    </footer>
  );
}

function Fact({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div className="grid grid-cols-[130px_1fr] gap-3 border-b border-line py-2.5">
      <dt className="text-ink-2">{name}</dt>
      <dd>{children}</dd>
    </div>
  );
}

function Chip({ good = false, children }: { good?: boolean; children: string }) {
  const look = good
    ? 'border-[#c3dfcb] bg-fern-soft text-fern-ink'
    : 'border-line-2 bg-paper-2 text-ink';
  return (
    <span className={`mr-1.5 rounded-full border px-2.5 py-0.5 text-[13px] font-medium ${look}`}>
      {children}
    </span>
  );
}

function Reasons({ asksFor, onReason, onKeepOut }: ReadingPaneProps) {
  return (
    <div
      role="group"
      aria-label={t('reviews.readingPane.reason')}
      className="border-t border-line bg-rust-soft/60 px-4 py-3"
    >
      <p className="mb-1.5 font-semibold">
        {asksFor > 1
          ? t('reviews.readingPane.leaveOutTheseReviewsBecause', { asksFor })
          : t('reviews.readingPane.leaveOutBecauseIt')}
      </p>
      <ul className="flex flex-wrap gap-x-5 gap-y-1.5">
        {REASONS.map((reason, index) => (
          <li key={reason.value}>
            <button
              type="button"
              className="flex items-center gap-2 hover:underline"
              onClick={() => onReason(reason.value)}
            >
              <Key>{String(index + 1)}</Key> {reason.text}
            </button>
          </li>
        ))}
        <li>
          <button type="button" className="text-ink-2 underline" onClick={onKeepOut}>
            {t('reviews.readingPane.cancel')}
          </button>
        </li>
      </ul>
      <p className="mt-1.5 text-[13px] text-ink-2">
        {t('reviews.readingPane.theSameSixReasonsFor')}
      </p>
    </div>
  );
}
