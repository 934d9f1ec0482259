import type { ReactNode, Ref } from 'react';
import { Link } from 'react-router';
import { Button, Key } from '../../ui/button';
import { Stars } from '../../ui/stars';
import { country, day, language, number } from '../../shared/words';
import { useShopPicture } from '../setup/queries';
import type { Reason, ReviewLine, ReviewState } from './queries';
import { Checks } from './checks';
import type { Edit } from './edits';
import { History } from './history';
import { MarkedWords } from './marked-words';
import { Reply } from './reply';
import { ReviewPictures } from './review-pictures';
import { Translation } from './translation';
import { ShownAs } from './shown-as';
import { ORIGIN, REASONS, reasonText } from './words';

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
    <section aria-label="The review" className="flex min-h-0 flex-col p-3.5">
      <article className="flex min-h-0 flex-1 flex-col overflow-hidden rounded-2xl border border-line bg-paper">
        <div className="min-h-0 flex-1 overflow-y-auto p-5">
          <header className="mb-3 flex flex-wrap items-center gap-x-3 gap-y-1 text-ink-2">
            <Stars value={review.stars} size={20} />
            <span>
              <ShownAs review={review} onPick={(form) => props.onEdit({ what: 'name', form })} />
              {review.country && ` from ${country(review.country)}`}
              {review.writtenOn && `, ${day(review.writtenOn)}`}
            </span>
            {review.isFeatured && (
              <span className="rounded-full bg-saffron-soft px-2.5 py-0.5 text-[13px] font-medium text-saffron-ink">
                featured
              </span>
            )}
            <span className="flex-1" />
            <span className="text-[13px]">
              {number(place)}
              {total !== undefined && ` of ${number(total)}`}
            </span>
          </header>
          <div className="mb-4 flex gap-4">
            <div lang={review.language} className="max-w-[46em] min-w-0 flex-1 break-words">
              {review.title && <h2 className="mb-1 text-[19px] leading-snug">{review.title}</h2>}
              <p className="text-[17px] leading-relaxed whitespace-pre-line">
                <MarkedWords review={review} />
              </p>
              <Points name="Good" lines={review.pros} />
              <Points name="Less good" lines={review.cons} />
              <Translation key={review.id} review={review} />
            </div>
            <ReviewPictures key={review.id} review={review} />
          </div>
          <Checks review={review} onEdit={props.onEdit} />
          <Facts review={review} />
          <History id={review.id} arrivedAt={review.arrivedAt} source={review.source} />
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
      <Fact name="About">
        <span className="flex items-center gap-2.5">
          <img src={picture(review.picture)} alt="" className="size-9 rounded-md" />
          <Link to={`/pages/product/${review.product}`} className="text-plum underline">
            {review.productTitle}
          </Link>
          {review.variant && <span className="text-ink-2">{review.variant}</span>}
        </span>
      </Fact>
      <Fact name="Where from">
        {review.origin === 'VERIFIED' ? (
          <>
            <Chip good>{ORIGIN.VERIFIED}</Chip> order {review.orderNumber} holds this product
          </>
        ) : (
          <>
            <Chip>{ORIGIN[review.origin]}</Chip> the purchase was not checked, and shoppers are told
            so
          </>
        )}
        {review.source && (
          <span className="block text-[13px] text-ink-2">
            {review.source}
            {review.sourceLine !== undefined &&
              `, line ${number(review.sourceLine)}, where the rating reads ${review.givenRating}`}
          </span>
        )}
        {review.evidence && (
          <a
            href={review.evidence}
            target="_blank"
            rel="noreferrer"
            className="block text-[13px] text-plum underline"
          >
            The picture of the original
          </a>
        )}
      </Fact>
      {review.language && <Fact name="Language">{language(review.language)}</Fact>}
      {review.leftOutBecause && (
        <Fact name="Left out because it is">{reasonText(review.leftOutBecause)}</Fact>
      )}
    </dl>
  );
}

/** What can be decided of it, each with its key. */
function ReviewActs({ review, onAct, onEdit, onReply }: ReadingPaneProps) {
  return (
    <footer className="flex shrink-0 gap-2 border-t border-line px-4 py-3">
      <Button
        look="main"
        hint="P"
        disabled={review.state === 'PUBLISHED'}
        onClick={() => onAct('PUBLISHED')}
      >
        Publish
      </Button>
      <Button hint="H" disabled={review.state === 'HELD'} onClick={() => onAct('HELD')}>
        Hold
      </Button>
      <Button
        look="danger"
        hint="X"
        disabled={review.state === 'LEFT_OUT'}
        onClick={() => onAct('LEFT_OUT')}
      >
        Leave out
      </Button>
      <Button hint="S" disabled={review.state === 'SPAM'} onClick={() => onAct('SPAM')}>
        Spam
      </Button>
      {review.state !== 'WAITING' && (
        <Button onClick={() => onAct('WAITING')}>Back among the waiting</Button>
      )}
      <span className="flex-1" />
      <Button
        hint="F"
        aria-pressed={review.isFeatured}
        onClick={() => onEdit({ what: 'featured', featured: !review.isFeatured })}
      >
        {review.isFeatured ? 'Feature no more' : 'Feature'}
      </Button>
      <Button hint="R" onClick={onReply}>
        Reply
      </Button>
    </footer>
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
      aria-label="Why it is left out"
      className="border-t border-line bg-rust-soft/60 px-4 py-3"
    >
      <p className="mb-1.5 font-semibold">
        {asksFor > 1
          ? `Leave these ${number(asksFor)} out because they are`
          : 'Leave out because it is'}
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
            don’t leave out
          </button>
        </li>
      </ul>
      <p className="mt-1.5 text-[13px] text-ink-2">The same six at 1 star and at 5.</p>
    </div>
  );
}
